<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Ticket\DishTicket;

/**
 * How thick to cut a piece for its fire: the same cook at three thicknesses, each by what it comes to. What is worth how much is ours; the
 * figures are computed.
 */
final readonly class HowThick
{
    /** Worth of each: pink from edge to edge, a crust, time to catch it, a piece that is a portion. Ours. */
    private const WORTH = ['evenness' => 0.3, 'crust' => 0.25, 'margin' => 0.3, 'portion' => 0.15];

    /** A crust of so much is all of one, mm. Common practice, no source. */
    private const CRUST_MM = 1.0;

    /** So long between too early and too late is enough for anyone, s. Common practice, no source. */
    private const MARGIN_S = 60.0;

    /** Thinner and thicker than asked for or usual by these. Ours. */
    private const STEPS = [0.7, 1.0, 1.4];

    /** @param  array<string, float>  $worth  each from 0 to 1 */
    private function __construct(
        public DishTicket $ticket,
        public float $marginS,
        public ?float $greyShare,
        private array $worth,
        public bool $isInTime,
    ) {}

    /**
     * @return list<float> mm, rising, within what the cut is sold at
     */
    public static function thicknesses(float $aboutMm, float $thinnestMm, float $thickestMm): array
    {
        $all = array_map(static fn (float $step): float => round(max($thinnestMm, min($thickestMm, $step * $aboutMm))), self::STEPS);

        return array_values(array_unique($all));
    }

    /**
     * @param  float  $portionG  of one who eats, raw
     * @param  float|null  $withinS  until it is eaten; null where there is time
     */
    public static function of(DishTicket $ticket, float $portionG, ?float $withinS): self
    {
        $grey = $ticket->crossSection->greyBandMm;
        $greyShare = $grey === null ? null : min(1.0, (2.0 * $grey) / max(1.0, $ticket->thicknessMm));
        $marginS = self::marginS($ticket);

        return new self(
            $ticket,
            round($marginS),
            $greyShare,
            [
                'evenness' => 1.0 - ($greyShare ?? 0.5),
                'crust' => min(1.0, $ticket->losses->crustMm / self::CRUST_MM),
                'margin' => min(1.0, $marginS / self::MARGIN_S),
                'portion' => max(0.0, 1.0 - abs($ticket->amounts->pieceG - $portionG) / $portionG),
            ],
            $withinS === null || $ticket->totalS <= $withinS,
        );
    }

    public function score(): float
    {
        $score = 0.0;
        foreach (self::WORTH as $of => $weight) {
            $score += $weight * $this->worth[$of];
        }

        return $score + ($this->isInTime ? 0.0 : -1.0);
    }

    /**
     * What it is best at beside the others.
     *
     * @param  list<self>  $others
     */
    public function strongest(array $others): string
    {
        $ahead = [];
        foreach (self::WORTH as $of => $weight) {
            $next = max([0.0, ...array_map(static fn (self $other): float => $other->worth[$of], $others)]);
            $ahead[$of] = $weight * ($this->worth[$of] - $next);
        }
        arsort($ahead);

        return (string) array_key_first($ahead);
    }

    /** From too early to too late, by how fast the core rises where it is taken off, s. */
    private static function marginS(DishTicket $ticket): float
    {
        $ribbon = $ticket->heatRibbon;
        $bandK = max(1.0, $ticket->target->toC - $ticket->target->fromC);
        foreach ($ribbon->coreC as $i => $coreC) {
            if ($i > 0 && $coreC >= $ticket->pullCoreC && $coreC > $ribbon->coreC[$i - 1]) {
                return ($bandK * ($ribbon->timeS[$i] - $ribbon->timeS[$i - 1])) / ($coreC - $ribbon->coreC[$i - 1]);
            }
        }

        return self::MARGIN_S;
    }
}
