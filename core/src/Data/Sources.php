<?php

declare(strict_types=1);

namespace Nessmark\Data;

/** Where the figures come from. */
final readonly class Sources
{
    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('sources.json'));
    }

    /**
     * @param  list<string>  $ids
     * @return list<array{id: string, kind: string, text: string}> each once, in the order given
     */
    public function cite(array $ids): array
    {
        return array_map(fn (string $id): array => [
            'id' => $id, 'kind' => $this->record->record($id)->text('kind'), 'text' => $this->record->record($id)->text('text'),
        ], array_values(array_unique($ids)));
    }
}
