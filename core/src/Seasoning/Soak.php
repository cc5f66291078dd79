<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;

/** How long a marinade, a brine or a dip takes for a piece of this thickness, s: at least, and at most. */
final readonly class Soak
{
    private function __construct(public float $leastS, public float $mostS, public float $likelyS) {}

    /**
     * @param  Record  $rules  the part on soaking
     * @param  callable(float): float  $brineS  how long until so much of the salt of a timed brine is in: share to seconds
     */
    public static function of(Seasoning $seasoning, Subject $subject, Record $rules, callable $brineS): self
    {
        $most = $rules->record('most_s');
        if ($seasoning->kind === Kind::Dip) {
            return new self($most->number('dip'), $most->number('dip'), $most->number('dip'));
        }
        $chilledS = $most->number(
            match (true) {
                $subject->isFish() || $subject->isShellfish() => 'fish',
                $subject->isBird() => 'poultry',
                default => 'meat',
            },
        );
        if ($seasoning->kind->isBrine()) {
            $likelyS = $brineS(1.0);

            return new self(min($chilledS, 0.5 * $likelyS), min($chilledS, max(2.0 * $likelyS, $likelyS)), min($chilledS, $likelyS));
        }
        $mostS = min($chilledS, self::mostForAcid($seasoning, $subject, $rules));
        $leastS = self::between($rules, $subject->mm());
        $leastS *= match (true) {
            $subject->isFish() || $subject->isShellfish() => $rules->number('fish_least_share'),
            $seasoning->kind === Kind::OilMarinade => $rules->number('oil_least_share'),
            default => 1.0,
        };
        $leastS = min($leastS, 0.5 * $mostS);

        return new self($leastS, $mostS, min($mostS, 1.5 * $leastS));
    }

    private static function mostForAcid(Seasoning $seasoning, Subject $subject, Record $rules): float
    {
        $most = $rules->record('most_s');
        $isFish = $subject->isFish() || $subject->isShellfish();
        $isStrong = $seasoning->acid() >= $rules->number($isFish ? 'strong_acid_for_fish_from' : 'strong_acid_from');
        $isThick = $subject->mm() >= $rules->number('thick_from_mm');

        return match (true) {
            $seasoning->has('enzyme') && $seasoning->kind === Kind::EnzymeMarinade => $most->number('enzyme'),
            ! $isStrong => $most->number('mild_acid'),
            $isFish => $most->number('fish_acid'),
            $isThick => $most->number('acid_thick'),
            $subject->isBird() => $most->number('poultry_acid_thin'),
            $subject->isTender() => $most->number('tender_acid_thin'),
            default => $most->number('firm_acid_thin'),
        };
    }

    /** What a thickness needs, on straight lines between what is said of some. */
    private static function between(Record $rules, float $mm): float
    {
        $last = [0.0, 0.0];
        foreach ($rules->records('least') as $i => $point) {
            [$atMm, $seconds] = [$point->number('mm'), $point->number('s')];
            if ($mm <= $atMm) {
                return $i === 0 ? $seconds : $last[1] + (($seconds - $last[1]) * ($mm - $last[0])) / ($atMm - $last[0]);
            }
            $last = [$atMm, $seconds];
        }

        return $last[1];
    }
}
