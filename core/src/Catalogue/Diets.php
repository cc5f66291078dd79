<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** What people do not eat, for whatever reason: the kinds of meat it rules out, and what must not be in the seasoning. */
final readonly class Diets
{
    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('diets.json')->record('diets'));
    }

    /** @return non-empty-list<string> */
    public function words(): array
    {
        $words = $this->record->keys();

        return $words === [] ? throw new LogicException('diets.json is empty.') : $words;
    }

    /** Whether there is no meat in it at all. */
    public function isMeatless(string $diet): bool
    {
        return ! $this->record->record($diet)->has('kinds');
    }

    /** @return list<string> those without any meat */
    public function meatless(): array
    {
        return array_values(array_filter($this->words(), $this->isMeatless(...)));
    }

    /** @return list<string> kinds of meat, and seasonings */
    public function avoids(string $diet): array
    {
        $of = $this->record->record($diet);

        return [...$of->has('kinds') ? $of->texts('kinds') : [], ...$of->texts('avoid')];
    }
}
