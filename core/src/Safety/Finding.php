<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Say\Phrase;

/** One thing safety has to say about a plan. */
final readonly class Finding
{
    /** @param  list<string>  $sources */
    public function __construct(public Level $level, public Phrase $phrase, public array $sources = []) {}
}
