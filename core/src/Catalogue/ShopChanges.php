<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;

/** What one shop has made of the catalogue. */
final readonly class ShopChanges
{
    /**
     * @param  list<Record>  $ownCuts  whole cuts in the form of core/data/schema/cut.json
     * @param  list<array{cut: string, place: string, name: string}>  $names  local names of the shop's own
     * @param  list<string>  $hidden  slugs of cuts it does not sell
     */
    public function __construct(public array $ownCuts = [], public array $names = [], public array $hidden = []) {}

    public function hiding(string $slug): self
    {
        return new self($this->ownCuts, $this->names, array_values(array_unique([...$this->hidden, $slug])));
    }

    public function showing(string $slug): self
    {
        return new self($this->ownCuts, $this->names, array_values(array_diff($this->hidden, [$slug])));
    }

    /** @throws InputRefused if the cut is not the shop's own */
    public function withoutCut(string $slug): self
    {
        $left = array_values(array_filter($this->ownCuts, static fn (Record $own): bool => $own->text('slug') !== $slug));
        if (count($left) === count($this->ownCuts)) {
            throw InputRefused::one('cut', 'not_allowed', $slug, 'own_cut');
        }

        return new self(
            $left,
            array_values(array_filter($this->names, static fn (array $own): bool => $own['cut'] !== $slug)),
            array_values(array_diff($this->hidden, [$slug])),
        );
    }

    /** @throws InputRefused if the shop has given the cut no such name */
    public function withoutName(string $cut, string $place, string $name): self
    {
        $left = array_values(
            array_filter($this->names, static fn (array $own): bool => $own !== ['cut' => $cut, 'place' => $place, 'name' => $name]),
        );
        if (count($left) === count($this->names)) {
            throw InputRefused::one('name', 'not_allowed', $name, 'own_name');
        }

        return new self($this->ownCuts, $left, $this->hidden);
    }
}
