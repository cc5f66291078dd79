<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Closure;

/** Sayings with slots in them, of every language: the longest that fits the words from here. */
final class Patterns
{
    /** @var array<string, list<array{string, string, non-empty-list<string>}>> pattern, language and parts, by the first word or slot */
    private array $byFirst = [];

    private readonly Slots $slots;

    public function __construct(Lexicon $lexicon)
    {
        $this->slots = new Slots($lexicon);
        foreach ($lexicon->languages as $language => $record) {
            foreach ($record->record('patterns')->keys() as $pattern) {
                foreach ($record->record('patterns')->texts($pattern) as $saying) {
                    $parts = explode(' ', Word::fold($saying));
                    $first = str_starts_with($parts[0], '{') ? '{' : $parts[0];
                    $this->byFirst[$first][] = [$pattern, $language, $parts];
                }
            }
        }
    }

    /**
     * @param  list<Word>  $words
     * @param  Closure(int): ?array{string, int}  $name  what is the name of some meat at a place, and how many words it takes
     * @return array{string, list<string>, int}|null the pattern, what stands in its slots, and its length in words
     */
    public function at(array $words, int $at, Closure $name): ?array
    {
        $longest = null;
        foreach ([...$this->byFirst[$words[$at]->folded] ?? [], ...$this->byFirst['{'] ?? []] as [$pattern, $language, $parts]) {
            $values = [];
            $to = $at;
            foreach ($parts as $i => $part) {
                if (! isset($words[$to]) || ($i > 0 && $words[$to]->isAfterComma)) {
                    continue 2;
                }
                if (! str_starts_with($part, '{')) {
                    if ($words[$to]->folded !== $part) {
                        continue 2;
                    }
                    $to++;

                    continue;
                }
                $slot = trim($part, '{}');
                $found = $slot === 'name' ? $name($to) : $this->slots->at($slot, $words, $to, $language);
                if ($found === null) {
                    continue 2;
                }
                $values[] = $found[0];
                $to += $found[1];
            }
            if ($longest === null || $to - $at > $longest[2]) {
                $longest = [$pattern, $values, $to - $at];
            }
        }

        return $longest;
    }
}
