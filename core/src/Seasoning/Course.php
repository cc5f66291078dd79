<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\TimeRange;

/** When a seasoning goes on: rows for the timeline, s from the first heat. */
final readonly class Course
{
    /** Out of its marinade, wiped and dried, so long before it goes on, s; rubs and pastes as well. Common practice, no source. */
    private const OUT_BEFORE_S = 600.0;

    private const RUB_BEFORE_S = 60.0;

    private const SALT_BEFORE_S = 60.0;

    /** Under a rub or a paste the salt goes on first. */
    private const SALT_UNDER_S = 120.0;

    private const UNDER = 'under';

    private const AFTER_SOAK = 'after_soak';

    /** A butter is firm after that long in the cold, s. Common practice, no source. */
    public const CHILLED_S = 7200.0;

    private function __construct(private Salting $salting, private ScorchCheck $scorch, private Record $soak) {}

    public static function from(DataFolder $folder): self
    {
        $rules = $folder->read('seasonings/rules.json');

        return new self(Salting::from($folder), new ScorchCheck($rules->record('film')), $rules->record('soak'));
    }

    /**
     * @param  float  $besideG  salt beside the seasoning
     * @param  float  $totalG  of the seasoning
     * @param  string  $school  just_before, ahead, after
     * @param  float  $endS  when it is served
     * @return list<Step>
     */
    public function of(Choice $choice, Subject $on, float $besideG, float $totalG, string $school, float $endS): array
    {
        $seasoning = $choice->seasoning;
        $steps = $seasoning->kind->isSaltOnly()
            ? $this->salt(
                $on,
                $totalG,
                $seasoning->kind === Kind::DryBrine ? 'ahead' : $school,
                $endS,
                self::isBareSalt($seasoning) ? null : $seasoning->name,
            )
            : ($besideG >= 0.05
                ? $this->salt($on, $besideG, self::schoolBeside($seasoning, $school), $endS, null)
                : []);
        $args = ['seasoning' => $seasoning->name, 'total_g' => round($totalG, $totalG < 10.0 ? 1 : 0)];

        return [
            ...$steps,
            ...match ($seasoning->kind->moment()) {
                Moment::Salted => [],
                Moment::Soaked => $this->soaked($choice, $on, $args),
                Moment::Before => [$this->before($choice, $on, $args)],
                Moment::Last => [$this->last($seasoning, $on, $args)],
                Moment::InPan => [
                    new Step(
                        $on->film->endS() > 0.0 ? $on->film->endS() : $endS,
                        new Phrase("season_do.{$seasoning->kind->value}", [...$args, 'juice_g' => round($on->juiceG)]),
                    ),
                ],
                Moment::Rest => [
                    new Step(-min(self::CHILLED_S, $on->aheadS ?? INF), new Phrase('season_do.butter_chill', $args)),
                    self::melts($on, $args, $endS),
                ],
                Moment::Plate => [new Step($endS, new Phrase("season_do.{$seasoning->kind->value}", $args))],
            },
        ];
    }

    /** Salt beside what soaks goes on when that is off; under what is spread on, before it. */
    private static function schoolBeside(Seasoning $seasoning, string $school): string
    {
        return match ($seasoning->kind->moment()) {
            Moment::Soaked => self::AFTER_SOAK,
            Moment::Before => self::UNDER,
            default => $school,
        };
    }

    /** "Salt it" says it all. */
    private static function isBareSalt(Seasoning $seasoning): bool
    {
        return $seasoning->kind === Kind::Salt && count($seasoning->amounts) === 1;
    }

    /** @return list<Step> */
    private function salt(Subject $on, float $g, string $school, float $endS, ?string $name): array
    {
        $args = ['salt_g' => round($g, $g < 10.0 ? 1 : 0), 'seasoning' => $name ?? ''];
        $suffix = $name === null ? '' : '_named';
        if ($on->isMinced() || $on->isInShell()) {
            return [new Step(-self::SALT_BEFORE_S, new Phrase("season_do.salt_outside{$suffix}", $args))];
        }
        if ($school === self::UNDER) {
            return [new Step(-self::SALT_UNDER_S, new Phrase('season_do.salt_under', $args))];
        }
        if ($school === 'after' && ! $on->isLong()) {
            return [new Step($endS, new Phrase("season_do.salt_after{$suffix}", $args))];
        }
        $times = $this->salting->ahead($on);
        $aheadS = match (true) {
            $school === self::AFTER_SOAK => 0.0,
            $on->isFish() => min($on->aheadS ?? $times->bestS, $times->bestS),
            $school !== 'ahead' => 0.0,
            $on->aheadS === null, $on->aheadS >= $times->bestS => $times->bestS,
            default => $on->aheadS,
        };

        return match (true) {
            $aheadS >= $times->leastS => [
                new Step(-$aheadS, new Phrase($on->isFish() ? "season_do.salt_fish{$suffix}" : "season_do.salt_ahead{$suffix}", $args)),
            ],
            default => [new Step(-self::SALT_BEFORE_S, new Phrase("season_do.salt_now{$suffix}", $args))],
        };
    }

    /**
     * @param  array<string, float|int|string>  $args
     * @return list<Step>
     */
    private function soaked(Choice $choice, Subject $on, array $args): array
    {
        $soak = $choice->soak;
        if ($soak === null) {
            return [];
        }
        if ($choice->seasoning->kind === Kind::Dip) {
            $hangS = min($on->aheadS ?? INF, $this->soak->number('hang_s'));

            return [
                new Step(-$hangS, new Phrase('season_do.dip', $args), new TimeRange($soak->likelyS, $soak->likelyS, $soak->likelyS)),
                new Step(-$hangS + $soak->likelyS, new Phrase('season_do.hang')),
            ];
        }
        $key = $choice->seasoning->kind->isBrine() ? 'brine' : 'marinade';
        $likelyS = self::soakS($choice, $on);
        $intoS = $likelyS + self::OUT_BEFORE_S;

        return [
            new Step(
                -$intoS,
                new Phrase("season_do.into_{$key}", $args),
                new TimeRange(min($likelyS, $soak->leastS), $likelyS, $soak->mostS),
            ),
            ...$likelyS >= 3600.0 ? [new Step(-self::OUT_BEFORE_S - 0.5 * $likelyS, new Phrase("season_do.turn_in_{$key}"))] : [],
            new Step(-self::OUT_BEFORE_S, new Phrase("season_do.out_of_{$key}")),
        ];
    }

    /** How long it lies in it: as is best, as far as there is time. */
    public static function soakS(Choice $choice, Subject $on): float
    {
        return $choice->soak === null ? 0.0 : max(0.0, min($choice->soak->likelyS, ($on->aheadS ?? INF) - self::OUT_BEFORE_S));
    }

    /** @param  array<string, float|int|string>  $args */
    private function before(Choice $choice, Subject $on, array $args): Step
    {
        foreach ($choice->scorches as $scorch) {
            if ($scorch->onS !== null) {
                return new Step($scorch->onS, new Phrase("season_do.{$choice->seasoning->kind->value}_after", $args));
            }
        }

        return new Step(-self::RUB_BEFORE_S, new Phrase("season_do.{$choice->seasoning->kind->value}", $args));
    }

    /** @param  array<string, float|int|string>  $args */
    private function last(Seasoning $seasoning, Subject $on, array $args): Step
    {
        $onS = $this->scorch->onS($seasoning, $on);
        $endS = $on->film->endS();

        return $onS < $endS
            ? new Step($onS, new Phrase('season_do.glaze', [...$args, 'last_s' => $endS - $onS]))
            : new Step($endS, new Phrase('season_do.glaze_after', $args));
    }

    /**
     * A slice on each piece as it rests; what does not rest, or lies in a heap, gets it at the table.
     *
     * @param  array<string, float|string>  $args
     */
    private static function melts(Subject $on, array $args, float $endS): Step
    {
        $restsS = min($endS, $on->film->endS());

        return $restsS > 0.0 && ! $on->cut->build->soldBy->isWeighedOut()
            ? new Step($restsS, new Phrase('season_do.butter', $args))
            : new Step($endS, new Phrase('season_do.butter_over', $args));
    }
}
