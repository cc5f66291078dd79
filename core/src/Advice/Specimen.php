<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Grid;
use Nessmark\Heat\Moisture;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Meat\Cap;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;

/** A piece of a cut, ready to be put on the heat. */
final readonly class Specimen
{
    private function __construct(public Simulator $simulator, public Snapshot $start) {}

    public static function of(
        Cut $cut,
        Length $thickness,
        float $startC,
        Surface $surface,
        int $cells,
        float $toleranceK,
        ?float $wetness = null,
    ): self {
        $wetness ??= $surface->wetness();
        $body = $cut->body($thickness);
        $cap = Cap::over($cut, $thickness);
        $simulator = new Simulator($body, $cap?->material(Grid::across($body, $cells)) ?? $cut->material(), $cells, $toleranceK);
        $moisture = $cap?->moisture($simulator->grid, $wetness) ?? Moisture::of($cut->waterKgM3(), $wetness, $cells);

        return new self($simulator, $simulator->start($startC, $moisture));
    }
}
