<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** One thing that is done at the bench, with the figure to aim for in its sentence. */
final readonly class BenchStep
{
    /** @param  string|null  $figure  the name of the figure of its sentence that is aimed for; null where it has none */
    public function __construct(public Phrase $do, public string $tool, public ?string $figure) {}
}
