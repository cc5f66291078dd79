<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Heat\Moisture;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Snapshot;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;

/** A piece of a cut, ready to be put on the heat. */
final readonly class Specimen
{
    private function __construct(public Simulator $simulator, public Snapshot $start) {}

    public static function of(Cut $cut, Length $thickness, float $startC, Surface $surface, int $cells, float $toleranceK, ?float $wetness = null): self
    {
        $simulator = new Simulator($cut->body($thickness), $cut->material(), $cells, $toleranceK);

        return new self($simulator, $simulator->start($startC, Moisture::of($cut->waterKgM3(), $wetness ?? $surface->wetness(), $cells)));
    }
}
