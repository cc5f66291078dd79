<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Appliance;
use Nessmark\Heat\Body;
use Nessmark\Meal\Plate;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Ticket\Doubtful;
use Nessmark\Ticket\Effect;
use Nessmark\Ticket\TimeRange;

/**
 * How far the time may be off. Each doubtful input is moved once, to its slow side, and the open stage run again to the
 * same pull temperature; the delays are added as independent ones (root of the sum of squares) and taken as far down as up.
 * Linearised, not sampled.
 */
final readonly class Spread
{
    /** Thickness as judged at the counter is good to 6 % and half a millimetre; the core's start to 2 K. Common practice, no source. */
    private const THICKNESS_SHARE = 0.06;

    private const THICKNESS_MM = 0.5;

    private const THICKNESS_MOST_SHARE = 0.1;

    private const START_K = 2.0;

    /** How wet a surface is, is known to a quarter; so far up. Common practice, no source. */
    private const WETTER = 1.25;

    /**
     * How far kitchens are off each other, and off this program, when all that is asked is alike: what bin/calibrate leaves, half of it.
     */
    public const KITCHENS_SHARE = 0.12;

    /** Delays need no more than this, nor each turn followed: both move them by little against the spread itself. */
    private const CELLS = 21;

    private const TOLERANCE_K = 0.05;

    /** However doubtful the inputs, no time is given below this share of the likely one. */
    private const SHORTEST_SHARE = 0.5;

    public function __construct(private Planner $planner) {}

    /**
     * @return array{TimeRange, list<Effect>} the open stage's time,
     *                                                                                                  and what each input does to it,
     * the most telling first
     */
    public function of(Plate $plate, Body $body, Appliance $appliance, Setting $setting, float $pullC, float $likelyS): array
    {
        $mm = $plate->piece->size->thickness->toMillimetres();
        $stepMm = self::judgedMm($mm);
        // A piece that was gauged is as doubtful as it is uneven: its thickest place is its slow side.
        $stepMm = max($stepMm, ($plate->piece->gauged?->thickest()->toMillimetres() ?? $mm) - $mm);
        $base = $this->seconds($plate, $body, $mm, $setting, 0.0, 1.0, $pullC) ?? $likelyS;
        $delay = fn (float $thicknessMm, float $startK, float $strength, float $wetter = 1.0): ?float => ($seconds = $this->seconds(
            $plate,
            $body,
            $thicknessMm,
            $setting,
            $startK,
            $strength,
            $pullC,
            $wetter,
        )) === null
            ? null
            : $seconds - $base;

        $thicker = $delay($mm + $stepMm, 0.0, 1.0) ?? $likelyS;
        $weaker = $delay($mm, 0.0, 1.0 - $appliance->spread) ?? $likelyS;
        $colder = $delay($mm, -self::START_K, 1.0) ?? 0.0;
        $wetter = $plate->way->method->driesTheSurface() ? $delay($mm, 0.0, 1.0, self::WETTER) ?? $likelyS : 0.0;
        $offS = sqrt($thicker ** 2 + $weaker ** 2 + $colder ** 2 + $wetter ** 2 + (self::KITCHENS_SHARE * $likelyS) ** 2);

        $effects = [
            new Effect(Doubtful::Thickness, 1.0, 'mm', round($thicker / $stepMm, 1)),
            new Effect(Doubtful::Fire, round(-100.0 * $appliance->spread), 'percent', round($weaker, 1)),
            new Effect(Doubtful::Surface, round(100.0 * (self::WETTER - 1.0)), 'percent', round($wetter, 1)),
            new Effect(Doubtful::Start, -1.0, 'K', round($colder / self::START_K, 1)),
        ];
        if (! $plate->way->method->driesTheSurface()) {
            $effects = array_values(array_filter($effects, static fn (Effect $effect): bool => $effect->input !== Doubtful::Surface));
        }
        $weight = ['thickness' => $thicker, 'fire' => $weaker, 'surface' => $wetter, 'start' => $colder];
        usort(
            $effects,
            static fn (Effect $a, Effect $b): int => ($weight[$b->input->value] ?? 0.0) <=> ($weight[$a->input->value] ?? 0.0),
        );

        return [new TimeRange(max(self::SHORTEST_SHARE * $likelyS, $likelyS - $offS), $likelyS, $likelyS + $offS), $effects];
    }

    /** So far may a thickness be off that was judged by eye, mm. */
    public static function judgedMm(float $mm): float
    {
        return min(self::THICKNESS_MOST_SHARE * $mm, self::THICKNESS_MM + self::THICKNESS_SHARE * $mm);
    }

    /** Seconds on the heat until the core is there; null when it never gets there. */
    private function seconds(
        Plate $plate,
        Body $body,
        float $thicknessMm,
        Setting $setting,
        float $startK,
        float $strength,
        float $pullC,
        float $wetter = 1.0,
    ): ?float {
        $size = $plate->piece->size->thick(Length::ofMillimetres($thicknessMm));
        $plan = $this->planner->plan($plate->piece->cut, $size, $plate->way->method, $setting->withStrength($strength));
        $plan = $plan->turnedHalfAsOften();
        if ($plan->holdsCoreAtC() <= $pullC) {
            return null;
        }
        $piece = Specimen::of(
            $plate->piece->cut,
            $size,
            $body->scaled($thicknessMm / $plate->piece->size->thickness->toMillimetres()),
            $plate->piece->start->toCelsius() + $startK,
            $plate->piece->surface,
            self::CELLS,
            self::TOLERANCE_K,
            min(1.0, $wetter * $plate->piece->surface->wetness()),
        );

        return PullFinder::atCore($piece->simulator, $piece->start, $plan, $pullC)?->end->timeS;
    }
}
