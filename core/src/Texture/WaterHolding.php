<?php

declare(strict_types=1);

namespace Nessmark\Texture;

use Nessmark\Heat\StepObserver;

/**
 * How much weight lean meat lets go as its proteins shrink, at each depth: towards what it loses when it is kept so hot for an hour or
 * two, most of it within the first quarter of an hour. The shape (a first rise from 45 °C on as the heads of myosin give, a second
 * above 60 °C as collagen shrinks) and the figures are those of water-bath experiments in the meat literature; from memory, ±5
 * percentage points.
 */
final class WaterHolding implements StepObserver
{
    /** °C, kg/kg */
    private const LOST_AT = [
        [0.0, 0.0],
        [40.0, 0.01],
        [45.0, 0.03],
        [50.0, 0.06],
        [55.0, 0.1],
        [60.0, 0.16],
        [65.0, 0.23],
        [70.0, 0.28],
        [75.0, 0.32],
        [80.0, 0.35],
        [90.0, 0.38],
        [100.0, 0.4],
    ];

    /** Time in which 63 % of it has gone, s: an hour in the bath is as good as all. Common practice, no source. */
    private const WITHIN_S = 600.0;

    /** @var list<float>|null kg/kg by whole degrees, 0 to 100 */
    private static ?array $byDegree = null;

    /** @param  array<int, float>  $lost  kg lost per kg of raw lean at each depth so far */
    public function __construct(public array $lost) {}

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $table = self::$byDegree ??= array_map(static fn (int $c): float => self::lostShare((float) $c), range(0, 100));
        $gone = 1.0 - exp(($fromS - $toS) / self::WITHIN_S);
        foreach ($toC as $i => $celsius) {
            $degree = $celsius <= 0.0 ? 0 : ($celsius >= 100.0 ? 100 : (int) ($celsius + 0.5));
            $left = $table[$degree] - $this->lost[$i];
            if ($left > 0.0) {
                $this->lost[$i] += $gone * $left;
            }
        }
    }

    /** kg lost per kg of raw lean that is kept so hot for an hour or two. */
    public static function lostShare(float $celsius): float
    {
        foreach (self::LOST_AT as $i => [$atC, $share]) {
            if ($celsius <= $atC) {
                [$belowC, $below] = self::LOST_AT[max(0, $i - 1)];

                return $i === 0 ? 0.0 : $below + (($share - $below) * ($celsius - $belowC)) / ($atC - $belowC);
            }
        }

        return self::LOST_AT[count(self::LOST_AT) - 1][1];
    }
}
