<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Muscle;

/** Every cut the counter knows: those shipped, and what a shop has added, named its own way or hidden. */
final readonly class Catalogue
{
    /**
     * @param  array<string, Cut>  $changed  the shop's own cuts, and shipped ones with more names, by slug
     * @param  list<string>  $own  slugs of the shop's own cuts
     * @param  list<string>  $hidden  slugs of those it does not sell
     * @param  list<array{cut: string, place: string, name: string}>  $ownNames  names the shop has given
     */
    private function __construct(
        private CutShelf $shelf,
        private array $changed,
        private array $own,
        private array $hidden,
        private array $ownNames,
    ) {}

    public static function from(DataFolder $folder): self
    {
        return new self(CutShelf::of($folder), [], [], [], []);
    }

    /** The same catalogue as one shop sees it. A change to a cut that is no longer there is passed over. */
    public function with(ShopChanges $changes): self
    {
        $changed = [];
        foreach ($changes->ownCuts as $record) {
            $changed[$record->text('slug')] = Cut::fromRecord($record, $this->muscles());
        }
        $own = array_keys($changed);
        foreach ($changes->names as $name) {
            $cut = $changed[$name['cut']] ?? $this->shelf->cut($name['cut']);
            if ($cut !== null) {
                $changed[$cut->slug] = $cut->alsoCalled($name['place'], $name['name']);
            }
        }

        return new self(
            $this->shelf,
            $changed,
            $own,
            array_values(array_intersect($changes->hidden, [...$this->shelf->slugs(), ...$own])),
            $changes->names,
        );
    }

    /** @return list<Cut> those the shop sells */
    public function cuts(): array
    {
        return array_map($this->cut(...), $this->slugs());
    }

    /** @return list<Cut> the hidden ones too */
    public function all(): array
    {
        return array_map($this->cut(...), $this->allSlugs());
    }

    /** @return list<string> those the shop sells */
    public function slugs(): array
    {
        return array_values(array_diff($this->allSlugs(), $this->hidden));
    }

    /** @return list<string> slugs of those the shop does not sell */
    public function hidden(): array
    {
        return $this->hidden;
    }

    /** All names of all cuts, hidden ones too, and those the shop has given. */
    public function names(): NameTable
    {
        if ($this->changed === []) {
            return $this->shelf->names();
        }
        $table = clone $this->shelf->names();
        foreach ($this->own as $slug) {
            $table->addCut($this->cut($slug));
        }
        foreach ($this->ownNames as $own) {
            if (isset($this->changed[$own['cut']]) && ! in_array($own['cut'], $this->own, true)) {
                $table->addName($this->cut($own['cut']), $own['name'], $own['place']);
            }
        }

        return $table;
    }

    public function knows(string $slug): bool
    {
        return in_array($slug, $this->allSlugs(), true);
    }

    public function isOwn(string $slug): bool
    {
        return in_array($slug, $this->own, true);
    }

    public function isHidden(string $slug): bool
    {
        return in_array($slug, $this->hidden, true);
    }

    /** @return list<array{place: string, name: string}> names the shop has given this cut */
    public function ownNames(string $slug): array
    {
        return array_values(
            array_map(
                static fn (array $own): array => ['place' => $own['place'], 'name' => $own['name']],
                array_filter($this->ownNames, static fn (array $own): bool => $own['cut'] === $slug),
            ),
        );
    }

    /** @return array<string, Muscle> by slug */
    public function muscles(): array
    {
        return $this->shelf->muscles();
    }

    /** @throws InputRefused if there is no such cut */
    public function cut(string $slug): Cut
    {
        return $this->changed[$slug] ?? ($this->shelf->cut($slug) ?? throw InputRefused::one('cut', 'not_allowed', $slug, 'slug'));
    }

    /** @return list<string> */
    private function allSlugs(): array
    {
        return [...$this->shelf->slugs(), ...$this->own];
    }
}
