<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Say\Phrase;

/** One thing safety has to say about a plan. */
final readonly class Finding
{
    /** @param  list<string>  $sources */
    public function __construct(public Level $level, public Phrase $phrase, public array $sources = []) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['level' => $this->level->value, ...$this->phrase->toArray(), 'sources' => $this->sources];
    }
}
