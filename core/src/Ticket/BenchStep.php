<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** One thing that is done at the bench, with the figure to aim for in its sentence. */
final readonly class BenchStep
{
    public function __construct(public Phrase $do, public string $tool) {}
}
