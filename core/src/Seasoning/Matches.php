<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;

/** Which seasonings of a shelf can be had on a piece, for whoever eats of it, the best first. */
final readonly class Matches
{
    private function __construct(public Salting $salting, public ScorchCheck $scorch, private Suits $suits, private Record $rules) {}

    public static function from(DataFolder $folder): self
    {
        $rules = $folder->read('seasonings/rules.json');

        return new self(Salting::from($folder), new ScorchCheck($rules->record('film')), new Suits($rules->record('weights')), $rules);
    }

    /** @param  list<string>  $words */
    public function demand(array $words): Demand
    {
        return Demand::of($words, $this->rules->record('demands'));
    }

    /**
     * @param  array<string, string>  $schools
     * @return list<Choice> the best first; ties by slug
     */
    public function of(Subject $on, Shelf $shelf, Demand $demand, array $schools): array
    {
        $choices = [];
        foreach ($shelf->all() as $seasoning) {
            $served = NotOffered::why($seasoning, $on) === null ? $demand->swapped($seasoning, $shelf) : null;
            if ($served !== null) {
                $choices[] = $this->choice($served, $on, $schools);
            }
        }
        usort(
            $choices,
            static fn (Choice $a, Choice $b): int => [$b->isInTime, $b->score, $a->seasoning->slug] <=> [
                $a->isInTime,
                $a->score,
                $b->seasoning->slug,
            ],
        );

        return $choices;
    }

    /** @param  array<string, string>  $schools */
    public function choice(Seasoning $seasoning, Subject $on, array $schools): Choice
    {
        $soak = $seasoning->kind->isUsedUp()
            ? Soak::of(
                $seasoning,
                $on,
                $this->rules->record('soak'),
                fn (float $share): float => $this->salting->brineS($seasoning, $on, $share),
            )
            : null;
        $needsS = match (true) {
            $seasoning->kind === Kind::Dip => $this->rules->record('soak')->number('hang_s'),
            $soak !== null => $soak->leastS,
            $seasoning->kind === Kind::DryBrine => $this->salting->ahead($on)->leastS,
            $seasoning->kind === Kind::Butter => Course::CHILLED_S,
            default => 0.0,
        };
        $isInTime = $on->aheadS === null || $on->aheadS >= $needsS;
        $scorches = $this->scorch->of($seasoning, $on);
        $isTooLate =
            $seasoning->kind === Kind::Glaze && $on->film->steps !== [] && $this->scorch->onS($seasoning, $on) >= $on->film->endS();
        $reasons = $this->suits->reasons($seasoning, $on, $scorches !== [] || $isTooLate, $isInTime, $schools);

        return new Choice($seasoning, round($this->suits->score($reasons), 6), $reasons, $scorches, $soak, $isInTime);
    }

    /** Why this one cannot be had; null where it can. */
    public function refusal(Seasoning $seasoning, Subject $on, Shelf $shelf, Demand $demand): ?Phrase
    {
        $why = NotOffered::why($seasoning, $on);
        if ($why !== null && $why->key !== 'season_not.other_meat') {
            return $why;
        }
        if ($demand->swapped($seasoning, $shelf) !== null) {
            return null;
        }
        $in = $demand->first($seasoning);

        return $in === null
            ? new Phrase('season_not.unknown', ['words' => implode(', ', $demand->unknown)])
            : new Phrase($demand->mayBeIn($in) ? 'season_not.may_contain' : 'season_not.demand', [
                'seasoning' => $seasoning->name,
                'ingredient' => $in->name,
                'words' => implode(', ', $demand->words),
            ]);
    }
}
