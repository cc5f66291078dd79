<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Body;
use Nessmark\Meal\Plate;
use Nessmark\Method\Method;
use Nessmark\Method\Planner;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Texture\LongCook;
use Nessmark\Ticket\Doubtful;
use Nessmark\Ticket\Effect;
use Nessmark\Ticket\TimeRange;

/**
 * How far the time of a long cook may be off: a thicker piece, a weaker fire, tougher collagen, each moved once to its slow
 * side; delays added as independent ones and taken as far down as up. Linearised, as Spread is.
 */
final readonly class TextureSpread
{
    /** Thickness as judged at the counter, and a simmer as kept on a stove. Common practice, no source. */
    private const THICKNESS_SHARE = 0.06;

    private const SIMMER_K = 2.0;

    /** The same of an oven or a smoker. */
    private const OVEN_K = 5.0;

    private const CELLS = 21;

    private const TOLERANCE_K = 0.1;

    public function __construct(private Planner $planner, private LongCook $texture) {}

    /** @return array{TimeRange, list<Effect>} */
    public function of(Plate $plate, Body $body, Setting $setting, float $mark, float $likelyS): array
    {
        $mm = $plate->piece->size->thickness->toMillimetres();
        $stepMm = max(1.0, self::THICKNESS_SHARE * $mm);
        $spread = $this->texture->spread();
        $offK = $plate->way->method === Method::Braise ? self::SIMMER_K : self::OVEN_K;
        $base = $this->seconds($plate, $body, $mm, $setting, 1.0, $mark) ?? $likelyS;
        $thicker = ($this->seconds($plate, $body, $mm + $stepMm, $setting, 1.0, $mark) ?? 1.5 * $base) - $base;
        $weaker = ($this->seconds($plate, $body, $mm, $setting->at($setting->heatC - $offK), 1.0, $mark) ?? 1.5 * $base) - $base;
        $tougher = ($this->seconds($plate, $body, $mm, $setting, 1.0 - $spread, $mark) ?? 1.5 * $base) - $base;
        $offS = sqrt($thicker ** 2 + $weaker ** 2 + $tougher ** 2 + (Spread::KITCHENS_SHARE * $likelyS) ** 2);

        return [
            new TimeRange(max(0.5 * $likelyS, $likelyS - $offS), $likelyS, $likelyS + $offS),
            [
                new Effect(Doubtful::Collagen, round(-100.0 * $spread), 'percent', round($tougher, 1)),
                new Effect(Doubtful::Fire, -$offK, 'K', round($weaker, 1)),
                new Effect(Doubtful::Thickness, 1.0, 'mm', round($thicker / $stepMm, 1)),
            ],
        ];
    }

    private function seconds(Plate $plate, Body $body, float $thicknessMm, Setting $setting, float $rate, float $mark): ?float
    {
        $size = $plate->piece->size->thick(Length::ofMillimetres($thicknessMm));
        $plan = $this->planner->plan($plate->piece->cut, $size, $plate->way->method, $setting);
        $piece = Specimen::of(
            $plate->piece->cut,
            $size,
            $body->scaled($thicknessMm / $plate->piece->size->thickness->toMillimetres()),
            $plate->piece->start->toCelsius(),
            $plate->piece->surface,
            self::CELLS,
            self::TOLERANCE_K,
        );
        try {
            return array_sum($this->texture->seconds(
                $piece->simulator,
                $piece->start,
                $plan,
                $this->texture->melting($plate->piece->cut)->times($rate),
                $mark,
            ));
        } catch (PullNotFound) {
            return null;
        }
    }
}
