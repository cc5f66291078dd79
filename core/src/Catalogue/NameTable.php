<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Meat\Cut;

/** All names of many cuts, taken apart into words: plain data, so that it can be kept and need not be made for every question. */
final class NameTable
{
    /** @var list<array{string, string, string|null, string, string, non-empty-list<int>}> cut, name, place, folded, run together, words */
    public array $entries = [];

    /** @var array<string, array{group: string, animal: string, rank: int}> by cut */
    public array $cuts = [];

    /** @var array<string, int> every word of every name, numbered */
    public array $words = [];

    /** @var array<int, array<int, true>> places of the names with a word */
    public array $withWord = [];

    /** @var array<int, array<int, true>> places of the names by their length without spaces */
    public array $asLong = [];

    /** @var array<string, array<int, true>> places of the names by their animal, and by their group */
    public array $ofAnimal = [];

    /** @var array<string, array<string, true>> the words by their first letter */
    public array $wordsOf = [];

    /** @var array<int, array<string, true>> the words by their length */
    public array $wordsAsLong = [];

    /** The words, one a line. */
    public string $allWords = '';

    /** @var array<string, list<string>> every name, folded, and the cuts that have it */
    public array $exact = [];

    /** @param  list<Cut>  $cuts */
    public static function of(array $cuts): self
    {
        $table = new self();
        array_map($table->addCut(...), $cuts);

        return $table;
    }

    /** @param  array<array-key, mixed>  $kept  what toArray gave */
    public static function kept(array $kept): self
    {
        $table = new self();
        foreach ($kept as $property => $value) {
            $table->{$property} = $value;
        }

        return $table;
    }

    /** @return array<array-key, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    public function addCut(Cut $cut): void
    {
        $this->addName($cut, $cut->name, null);
        foreach ($cut->names as $place => $names) {
            foreach ($names as $name) {
                $this->addName($cut, $name, $place);
            }
        }
    }

    public function addName(Cut $cut, string $name, ?string $place): void
    {
        $this->cuts[$cut->slug] ??= ['group' => $cut->group->value, 'animal' => $cut->animal, 'rank' => $cut->availability->rank()];
        $folded = FoldedName::of($name);
        $run = str_replace(' ', '', $folded->text);
        $words = array_map(fn (string $word): int => $this->words[$word] ?? $this->addWord($word), $folded->words);
        $id = count($this->entries);
        $this->exact[$folded->text][] = $cut->slug;
        $this->ofAnimal[$cut->group->value][$id] = $this->ofAnimal[$cut->animal][$id] = true;
        foreach ($words as $number) {
            $this->withWord[$number][$id] = true;
        }
        $this->asLong[strlen($run)][$id] = true;
        $this->entries[] = [$cut->slug, $name, $place, $folded->text, $run, $words];
    }

    private function addWord(string $word): int
    {
        $this->wordsOf[$word[0]][$word] = $this->wordsAsLong[strlen($word)][$word] = true;
        $this->allWords .= "{$word}\n";

        return $this->words[$word] = count($this->words);
    }
}
