<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Body;
use Nessmark\Heat\Face;
use Nessmark\Heat\Grid;
use Nessmark\Heat\Moisture;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Heat\Surroundings;
use Nessmark\Meat\Cap;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Filling;
use Nessmark\Meat\Size;
use Nessmark\Meat\Surface;
use Nessmark\Method\MethodPlan;

/** A piece of a cut, ready to be put on the heat. */
final readonly class Specimen
{
    /** The middle of what is asked for by its core, °C. */
    public const DONE_AT_C = 60.0;

    private function __construct(public Simulator $simulator, public Snapshot $start) {}

    /** @param  Body  $body  the simple one it is followed in */
    public static function of(
        Cut $cut,
        Size $size,
        Body $body,
        float $startC,
        Surface $surface,
        int $cells,
        float $toleranceK,
        ?float $wetness = null,
    ): self {
        $wetness ??= $surface->wetness();
        $grid = Grid::across($body, $cells);
        $filling = Filling::of($cut, $grid, $body);
        $cap = $filling === null ? Cap::over($cut, $size->thickness, $body->extentM) : null;
        $simulator = new Simulator($body, $filling?->material() ?? $cap?->material($grid) ?? $cut->material(), $cells, $toleranceK);
        $moisture = $filling?->moisture($wetness) ?? $cap?->moisture($grid, $wetness) ?? Moisture::of($cut->waterKgM3(), $wetness, $cells);

        return new self($simulator, $simulator->start($startC, $moisture));
    }

    /**
     * The simple body that is at the aim when this piece is, on the fire of the open stage.
     *
     * @param  float  $aimC  DONE_AT_C, or where a texture forms: not each word's own, or what is done further might be done sooner
     */
    public static function body(
        Cut $cut,
        Size $size,
        MethodPlan $plan,
        float $startC,
        Surface $surface,
        float $aimC = self::DONE_AT_C,
    ): Body {
        return self::between($cut, $size, $plan->open->a, $plan->open->b, $plan->endShare, $startC, $surface->wetness(), $aimC);
    }

    /** @param  float|null  $wetness  of the surface; null where nothing evaporates */
    public static function between(
        Cut $cut,
        Size $size,
        Face $a,
        Face $b,
        float $endShare,
        float $startC,
        ?float $wetness,
        float $aimC,
    ): Body {
        $around = Surroundings::of($a, $b, $startC, $wetness);
        $conductivity = $cut->material()->conductivityWMK(0.5 * ($startC + $aimC));

        return $size->solid()->as($size->shape, $around, $conductivity, $startC, $aimC, $endShare)->drawnAs($size->thickness);
    }
}
