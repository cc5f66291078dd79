<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** Lines in a box as wide and as high as it says; whoever shows it scales them. */
final readonly class CarveDrawing
{
    /** @param  list<CarveLine>  $lines  what lies below first */
    public function __construct(public float $width, public float $height, public array $lines) {}
}
