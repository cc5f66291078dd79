<?php

declare(strict_types=1);

namespace Nessmark\Meal;

use Nessmark\Data\DataFolder;

/** The sides that are known. */
final readonly class Sides
{
    /** @param  array<string, Side>  $sides  by slug */
    private function __construct(private array $sides) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('sides.json')->record('sides');
        $sides = [];
        foreach ($record->keys() as $slug) {
            $sides[$slug] = Side::fromRecord($slug, $record->record($slug));
        }

        return new self($sides);
    }

    public function side(string $slug): ?Side
    {
        return $this->sides[$slug] ?? null;
    }

    /** @return list<Side> */
    public function all(): array
    {
        return array_values($this->sides);
    }
}
