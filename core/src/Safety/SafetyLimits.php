<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Data\Record;

/** Limits that hold whatever the profile. Values and sources: core/data/safety.json. */
final readonly class SafetyLimits
{
    public function __construct(private Record $record) {}

    public function of(string $limit): float
    {
        return $this->record->record($limit)->number('value');
    }

    public function source(string $limit): string
    {
        return $this->record->record($limit)->text('source');
    }
}
