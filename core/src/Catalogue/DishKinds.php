<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use LogicException;
use Nessmark\Data\DataFolder;

/** The dishes that are understood. */
final readonly class DishKinds
{
    /** @param  non-empty-array<string, DishKind>  $dishes  by word */
    private function __construct(private array $dishes) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('dishes.json')->record('dishes');
        $dishes = [];
        foreach ($record->keys() as $word) {
            $dishes[$word] = DishKind::fromRecord($word, $record->record($word));
        }

        return new self($dishes === [] ? throw new LogicException('dishes.json is empty.') : $dishes);
    }

    public function dish(string $word): ?DishKind
    {
        return $this->dishes[$word] ?? null;
    }

    /** @return non-empty-list<string> */
    public function words(): array
    {
        return array_keys($this->dishes);
    }
}
