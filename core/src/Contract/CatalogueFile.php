<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\FoldedName;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Meat\Cut;

/**
 * The catalogue as a file: {"cuts": [...], "names": [{"cut", "place", "name"}], "hidden": [slug]}. Shipped cuts may stand in it
 * unchanged; whatever else it has becomes the shop's own. Everything wrong is listed, and then nothing is taken.
 */
final readonly class CatalogueFile
{
    private const MOST_CUTS = 2000;

    private function __construct(private CutCheck $check, private DataFolder $folder) {}

    public static function from(DataFolder $folder): self
    {
        return new self(CutCheck::from($folder), $folder);
    }

    /**
     * @return array{cuts: list<array<array-key, mixed>>, names: list<array{cut: string, place: string, name: string}>,
     *     hidden: list<string>}
     */
    public static function write(Catalogue $shipped, ShopChanges $changes): array
    {
        return [
            'cuts' => [
                ...array_map(static fn (Cut $cut): array => $cut->record->toArray(), $shipped->all()),
                ...array_map(static fn (Record $own): array => $own->toArray(), $changes->ownCuts),
            ],
            'names' => $changes->names,
            'hidden' => $changes->hidden,
        ];
    }

    /**
     * @param  mixed  $file  as decoded
     * @param  int  $firstRow  how the file counts the first cut: 2 below the header of a table
     * @param  Catalogue  $shipped  without any shop's changes
     * @param  ShopChanges  $before  what the shop has already; a cut of the same slug is replaced, names and hidden cuts are added
     *
     * @throws InputRefused naming every row and key that is wrong
     */
    public function read(mixed $file, Catalogue $shipped, ShopChanges $before, int $firstRow = 1): ShopChanges
    {
        $file = is_array($file) ? $file : [];
        self::refuseOddParts($file);
        $cuts = $file['cuts'] ?? ($file === [] ? null : []);
        if (! is_array($cuts) || ! array_is_list($cuts) || count($cuts) > self::MOST_CUTS) {
            throw InputRefused::one('cuts', 'wrong_type', is_array($cuts) ? count($cuts) : null, 'list_up_to', [
                'max' => self::MOST_CUTS,
            ]);
        }
        $problems = [];
        $own = array_column(
            array_map(static fn (Record $record): array => ['slug' => $record->text('slug'), 'record' => $record], $before->ownCuts),
            'record',
            'slug',
        );
        $seen = [];
        foreach ($cuts as $i => $cut) {
            $at = 'row '.($i + $firstRow);
            $found = $this->check->problems($cut, $at);
            array_push($problems, ...$found);
            if ($found !== [] || ! is_array($cut)) {
                continue;
            }
            $record = new Record($cut, $at);
            $slug = $record->text('slug');
            if (isset($seen[$slug])) {
                $problems[] = Violation::of("{$at}.slug", 'conflict', $slug, 'not_of_row', ['row' => $seen[$slug]]);
            } elseif (! $shipped->knows($slug)) {
                $own[$slug] = $record;
            } elseif (! self::isSame($cut, $shipped->cut($slug)->record->toArray())) {
                $problems[] = Violation::of("{$at}.slug", 'conflict', $slug, 'not_shipped');
            }
            $seen[$slug] ??= $i + $firstRow;
        }
        $known = static fn (mixed $slug): bool => is_string($slug) && ($shipped->knows($slug) || isset($own[$slug]));
        $names = $this->names($file['names'] ?? [], $known, $problems);
        $hidden = $this->hidden($file['hidden'] ?? [], $known, $problems);
        if ($problems !== []) {
            throw InputRefused::because($problems);
        }
        $changes = new ShopChanges(
            array_values($own),
            $this->merged($before->names, $names),
            array_values(array_unique([...$before->hidden, ...$hidden])),
        );
        $this->refuseSharedNames($shipped, $changes);

        return $changes;
    }

    /**
     * @param  array<array-key, mixed>  $file
     *
     * @throws InputRefused if there is something else in it, or a part is no list
     */
    private static function refuseOddParts(array $file): void
    {
        $problems = [];
        foreach ($file as $part => $rows) {
            if (! in_array($part, ['cuts', 'names', 'hidden'], true)) {
                $problems[] = Violation::of((string) $part, 'unknown_key', null, 'keys', ['keys' => 'cuts, names, hidden']);
            } elseif (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_CUTS) {
                $problems[] = Violation::of($part, 'wrong_type', is_array($rows) ? count($rows) : $rows, 'list_up_to', [
                    'max' => self::MOST_CUTS,
                ]);
            }
        }
        if ($problems !== []) {
            throw InputRefused::because($problems);
        }
    }

    /** @throws InputRefused if the cut is not whole, or is one of those shipped */
    public function addCut(mixed $cut, Catalogue $shipped, ShopChanges $before): ShopChanges
    {
        return $this->read(['cuts' => [$cut]], $shipped, $before);
    }

    /** @throws InputRefused if the cut or place is not known, or the name is another cut's at that place */
    public function addName(string $cut, string $place, string $name, Catalogue $shipped, ShopChanges $before): ShopChanges
    {
        return $this->read(['names' => [['cut' => $cut, 'place' => $place, 'name' => $name]]], $shipped, $before);
    }

    /**
     * @param  list<Violation>  $problems
     * @return list<array{cut: string, place: string, name: string}>
     */
    private function names(mixed $rows, callable $isKnown, array &$problems): array
    {
        $places = $this->folder->read('places.json')->keys();
        $names = [];
        foreach (is_array($rows) ? array_values($rows) : [] as $i => $row) {
            $at = 'name '.($i + 1);
            $row = is_array($row) ? $row : [];
            $cut = $row['cut'] ?? null;
            $place = $row['place'] ?? null;
            $name = is_string($row['name'] ?? null) ? trim($row['name']) : '';
            $isWell = true;
            foreach (
                [
                    ['cut', $isKnown($cut), $cut, 'slug', []],
                    [
                        'place',
                        is_string($place) && in_array($place, $places, true),
                        $place,
                        'one_of',
                        ['choices' => implode(', ', $places)],
                    ],
                    ['name', mb_strlen($name) >= 2 && mb_strlen($name) <= 60, $row['name'] ?? null, 'name', ['min' => 2, 'max' => 60]],
                ] as [$key, $isRight, $value, $allowed, $args]
            ) {
                if (! $isRight) {
                    $isWell = false;
                    $problems[] = Violation::of("{$at}.{$key}", $value === null ? 'missing' : 'not_allowed', $value, $allowed, $args);
                }
            }
            if ($isWell && is_string($cut) && is_string($place)) {
                $names[] = ['cut' => $cut, 'place' => $place, 'name' => $name];
            }
        }

        return $names;
    }

    /**
     * @param  list<Violation>  $problems
     * @return list<string>
     */
    private function hidden(mixed $slugs, callable $isKnown, array &$problems): array
    {
        $hidden = [];
        foreach (is_array($slugs) ? array_values($slugs) : [] as $i => $slug) {
            if ($isKnown($slug) && is_string($slug)) {
                $hidden[] = $slug;
            } else {
                $problems[] = Violation::of('hidden '.($i + 1), 'not_allowed', $slug, 'slug');
            }
        }

        return $hidden;
    }

    /**
     * @param  list<array{cut: string, place: string, name: string}>  $before
     * @param  list<array{cut: string, place: string, name: string}>  $more
     * @return list<array{cut: string, place: string, name: string}>
     */
    private function merged(array $before, array $more): array
    {
        $merged = [];
        foreach ([...$before, ...$more] as $name) {
            $merged["{$name['cut']} {$name['place']} ".FoldedName::of($name['name'])->text] ??= $name;
        }

        return array_values($merged);
    }

    /** A name may mean two cuts at one place only where the catalogue has the question that settles it. */
    private function refuseSharedNames(Catalogue $shipped, ShopChanges $changes): void
    {
        $settled = [];
        foreach ($this->folder->list('ambiguous-names.json') as $record) {
            $settled[FoldedName::of($record->text('name'))->text] = true;
        }
        $problems = [];
        $taken = [];
        $changed = [
            ...array_map(static fn (Record $own): string => $own->text('slug'), $changes->ownCuts),
            ...array_column($changes->names, 'cut'),
        ];
        foreach ($shipped->with($changes)->all() as $cut) {
            foreach ($cut->names as $place => $names) {
                foreach ($names as $name) {
                    $folded = FoldedName::of($name)->text;
                    $other = $taken["{$place} {$folded}"] ??= $cut->slug;
                    if ($other !== $cut->slug && ! isset($settled[$folded]) && array_intersect([$cut->slug, $other], $changed) !== []) {
                        $problems[] = Violation::of("{$cut->slug}.names.{$place}", 'conflict', $name, 'name_not_of', ['other' => $other]);
                    }
                }
            }
        }
        if ($problems !== []) {
            throw InputRefused::because($problems);
        }
    }

    /**
     * @param  array<array-key, mixed>  $one
     * @param  array<array-key, mixed>  $other
     */
    private static function isSame(array $one, array $other): bool
    {
        return $one == $other; // by value: 5 and 5.0 are one thing, and so is the order of keys
    }
}
