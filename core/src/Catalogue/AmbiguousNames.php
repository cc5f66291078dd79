<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\DataFolder;
use Nessmark\Meat\Cut;
use Nessmark\Say\Phrase;

/** Names that mean different cuts, with the question that settles it. */
final readonly class AmbiguousNames
{
    /**
     * @param  array<string, Phrase>  $questions  by folded name
     * @param  array<string, array<string, array{cut: Cut, name: string, places: list<string>}>>  $meanings  by folded name and slug
     */
    private function __construct(private array $questions, private array $meanings) {}

    public static function from(DataFolder $folder, Catalogue $catalogue): self
    {
        $questions = [];
        foreach ($folder->list('ambiguous-names.json') as $record) {
            $questions[FoldedName::of($record->text('name'))->text] = new Phrase("question.{$record->text('asks')}");
        }
        $meanings = [];
        foreach ($catalogue->cuts() as $cut) {
            foreach ($cut->names as $place => $names) {
                foreach ($names as $name) {
                    $folded = FoldedName::of($name)->text;
                    $meanings[$folded][$cut->slug] ??= ['cut' => $cut, 'name' => $name, 'places' => []];
                    $meanings[$folded][$cut->slug]['places'][] = $place;
                }
            }
        }

        return new self($questions, array_filter($meanings, static fn (array $cuts): bool => count($cuts) > 1));
    }

    /** @return list<string> folded names that mean more than one cut */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->meanings));
    }

    public function question(string $name): ?Phrase
    {
        return $this->questions[FoldedName::of($name)->text] ?? null;
    }

    /**
     * @return array{name: string, question: Phrase|null, means: list<array{cut: Cut, places: list<string>}>}|null null when it means
     * one cut at most
     */
    public function of(string $name): ?array
    {
        $meanings = $this->meanings[FoldedName::of($name)->text] ?? [];
        if ($meanings === []) {
            return null;
        }

        return [
            'name' => array_values($meanings)[0]['name'],
            'question' => $this->question($name),
            'means' => array_map(
                static fn (array $meaning): array => ['cut' => $meaning['cut'], 'places' => $meaning['places']],
                array_values($meanings),
            ),
        ];
    }

    /**
     * @return list<array{name: string, question: Phrase|null, means: list<array{cut: Cut, places: list<string>}>}> those of a cut's
     * names that others share
     */
    public function ofCut(Cut $cut): array
    {
        $flags = [];
        foreach ($cut->names as $names) {
            foreach ($names as $name) {
                $flag = $this->of($name);
                if ($flag !== null) {
                    $flags[FoldedName::of($name)->text] = $flag;
                }
            }
        }

        return array_values($flags);
    }
}
