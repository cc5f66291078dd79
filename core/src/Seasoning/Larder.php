<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\DataFolder;

/** The foods of a kitchen that are known by name: what sentences bring to the plate, and what sides are made of. */
final readonly class Larder
{
    /** @param  array<string, Food>  $foods  by slug */
    private function __construct(private array $foods) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('eaten.json')->record('foods');
        $foods = [];
        foreach ($record->keys() as $slug) {
            $foods[$slug] = Food::fromRecord($slug, $record->record($slug));
        }

        return new self($foods);
    }

    /**
     * @param  list<string>  $slugs  that the data knows
     * @return list<Food>
     */
    public function foods(array $slugs): array
    {
        return array_map(fn (string $slug): Food => $this->foods[$slug], $slugs);
    }
}
