<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Meat\Cut;

/** The words for many cuts that are understood. */
final readonly class Kinds
{
    /** @param  array<string, Kind>  $kinds  by word */
    private function __construct(private array $kinds) {}

    public static function from(DataFolder $folder): self
    {
        $record = $folder->read('kinds.json');
        $kinds = [];
        foreach ($record->keys() as $word) {
            $kinds[$word] = Kind::fromRecord($word, $record->record($word));
        }

        return new self($kinds);
    }

    public function kind(string $word): ?Kind
    {
        return $this->kinds[$word] ?? null;
    }

    /** Whether both are meat of one animal: no word for an animal holds one of them and not the other. */
    public function isSameMeat(Cut $one, Cut $other): bool
    {
        if ($one->group !== $other->group || $one->animal !== $other->animal) {
            return false;
        }
        foreach ($this->kinds as $kind) {
            if ($kind->isAnimal() && $kind->holds($one) !== $kind->holds($other)) {
                return false;
            }
        }

        return true;
    }

    /** Whether both may be said of the same cut: beef, and steak. */
    public function overlap(string $one, string $other): bool
    {
        return ($this->kinds[$one] ?? null)?->isShape() !== ($this->kinds[$other] ?? null)?->isShape();
    }

    /** @return non-empty-list<string> */
    public function words(): array
    {
        $words = array_keys($this->kinds);

        return $words === [] ? throw new LogicException('kinds.json is empty.') : $words;
    }
}
