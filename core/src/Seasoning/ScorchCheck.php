<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;

/** Holds what is in a seasoning against the computed fire. Whatever would turn bitter is named, with the mend. */
final readonly class ScorchCheck
{
    /** Less than this of a seasoning does not taste, kg/kg. Common practice, no source. */
    private const TASTES_FROM = 0.01;

    private const STEPS = 24;

    public function __construct(private Record $rules) {}

    /** @return list<Scorch> the worst first; none where nothing burns */
    public function of(Seasoning $seasoning, Subject $subject): array
    {
        if (! $seasoning->kind->moment()->meetsTheFire() || $subject->film->steps === []) {
            return [];
        }
        $onS = $this->onS($seasoning, $subject);
        $burnt = [];
        foreach ($seasoning->amounts as $amount) {
            $dose = $amount->share >= self::TASTES_FROM ? $subject->film->scorched($amount->ingredient, $onS) : 0.0;
            if ($dose >= 1.0) {
                $burnt[$amount->ingredient->slug] = [$dose, $amount->ingredient];
            }
        }
        uasort($burnt, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $found = [];
        foreach ($burnt as [, $ingredient]) {
            $step = $this->burnsIn($ingredient, $subject->film);
            $found[] = new Scorch($ingredient, $step, ...$this->mend($seasoning, $ingredient, $subject));
        }

        return $found;
    }

    /** When it is put on: a glaze for the last of the heat, no earlier than it can bear; the rest before it. */
    public function onS(Seasoning $seasoning, Subject $subject): float
    {
        if ($seasoning->kind !== Kind::Glaze) {
            return 0.0;
        }
        $endS = $subject->film->endS();
        for ($lastS = $this->rules->number('glaze_most_s'); $lastS >= $this->rules->number('glaze_least_s'); $lastS -= self::STEPS) {
            if ($lastS < $endS && $this->bears($seasoning, $subject->film, $endS - $lastS)) {
                return $endS - $lastS;
            }
        }

        return $endS;
    }

    private function bears(Seasoning $seasoning, Film $film, float $fromS): bool
    {
        foreach ($seasoning->amounts as $amount) {
            if ($amount->share >= self::TASTES_FROM && $film->scorched($amount->ingredient, $fromS) >= 1.0) {
                return false;
            }
        }

        return true;
    }

    /** The step that does the harm: the hottest one. */
    private function burnsIn(Ingredient $ingredient, Film $film): FilmStep
    {
        $worst = $film->steps[0];
        foreach ($film->steps as $step) {
            $worst = $step->celsius > $worst->celsius ? $step : $worst;
        }

        return $worst;
    }

    /** @return array{Mend, float|null} */
    private function mend(Seasoning $seasoning, Ingredient $ingredient, Subject $subject): array
    {
        return match (true) {
            $seasoning->kind === Kind::Dip => [Mend::DryLonger, null],
            $seasoning->kind->moment() === Moment::Soaked => [Mend::WipeOff, null],
            $ingredient->slug === 'butter' => [Mend::Clarify, null],
            $seasoning->kind->isSaltOnly(), $seasoning->kind === Kind::HotCrust => [Mend::LowerFire, null],
            default => [Mend::AfterHeat, $subject->film->endS()],
        };
    }
}
