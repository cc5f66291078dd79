<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Catalogue\Kinds;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Shelf;

/**
 * The fixed words of the ask line in every language at once: what each stands for, and the word each value is written back with,
 * which is one of the first language.
 */
final class Lexicon
{
    /** The first is the one that is written. */
    private const LANGUAGES = ['en', 'fr', 'nl', 'de', 'it', 'es'];

    private const MOST_WORDS = 4;

    /** Words shorter than this are not guessed at. */
    private const GUESSED_FROM = 5;

    private const SECTIONS = [
        [ChipKind::Diet, 'diets'],
        [ChipKind::NotOn, 'not_on'],
        [ChipKind::Dish, 'dishes'],
        [ChipKind::Raw, 'raw'],
        [ChipKind::Appetite, 'appetites'],
        [ChipKind::Child, 'children'],
        [ChipKind::Doneness, 'doneness'],
        [ChipKind::Method, 'methods'],
        [ChipKind::Appliance, 'appliances'],
        [ChipKind::Want, 'wants'],
        [ChipKind::Seasoning, 'seasonings'],
        [ChipKind::Rearing, 'rearing'],
        [ChipKind::Packed, 'packed'],
        [ChipKind::Kind, 'kinds'],
    ];

    /** @var array<string, array{ChipKind, string}> by word or words */
    private array $words = [];

    /** @var array<string, string> by kind and value */
    private array $written = [];

    /** @var array<string, true> */
    private array $avoidable = [];

    /** @var array<string, array<string, float>> */
    private array $units = [];

    /** @var array<string, array<string, int>> by language and word */
    private array $numbers = [];

    /** @var array<string, array<string, int>> weekdays and months, from 1 */
    private array $places = [];

    /** @var array<string, string> what nobody writes down of a lot, and what no counter here has, each with its question */
    private array $notThere = [];

    /**
     * @param  non-empty-array<string, Record>  $languages
     * @param  array<string, string>  $seasonings  their names, by slug
     */
    private function __construct(public readonly array $languages, public readonly Kinds $kinds, array $seasonings)
    {
        $first = reset($languages);
        foreach ($kinds->words() as $word) {
            $plural = str_ends_with($word, 's') || str_ends_with($word, 'fish') ? [] : ["{$word}s"];
            $this->know(ChipKind::Kind, $word, [$word, ...$plural]);
        }
        foreach ($seasonings as $slug => $name) {
            $this->know(ChipKind::Seasoning, $slug, [mb_strtolower($name)]);
        }
        foreach ($languages as $record) {
            foreach (self::SECTIONS as [$kind, $section]) {
                foreach ($record->has($section) ? $record->record($section)->keys() : [] as $value) {
                    $this->know($kind, $value, $record->record($section)->texts($value));
                }
            }
            foreach ([
                [ChipKind::Risk, 'risk', 'at_risk'], [ChipKind::Order, 'order', 'may_order'], [ChipKind::Among, 'among', 'among'],
                [ChipKind::Others, 'others', 'others']] as [$kind, $section, $value]) {
                $this->know($kind, $value, $record->has($section) ? $record->texts($section) : []);
            }
            foreach ([[ChipKind::And, 'and'], [ChipKind::Or, 'or'], [ChipKind::Article, 'a']] as [$kind, $part]) {
                $this->know($kind, $part, $record->record('grammar')->has($part) ? $record->record('grammar')->texts($part) : []);
            }
        }
        foreach ($languages as $record) {
            foreach ($record->texts('fillers') as $word) {
                $this->words[Word::fold($word)] ??= [ChipKind::Filler, ''];
            }
        }
        foreach ($languages as $language => $record) {
            foreach ($record->record('numbers')->keys() as $name) {
                $this->numbers[$language][Word::fold($name)] = (int) $record->record('numbers')->number($name);
            }
            foreach (['weekdays', 'months'] as $list) {
                foreach ($record->record('grammar')->texts($list) as $i => $name) {
                    $name = Word::fold($name);
                    $this->places[$list][$name] ??= $i + 1;
                    if ($list === 'months') {
                        $this->places[$list][substr($name, 0, 3)] ??= $i + 1;
                    }
                }
            }
        }
        foreach ([...$first->texts('avoid'), ...$kinds->words()] as $word) {
            $this->avoidable[$word] = true;
        }
        foreach (['unrecorded' => 'asks.not_written_down', 'not_sold' => 'asks.not_sold'] as $section => $asks) {
            foreach ($first->texts($section) as $word) {
                $this->notThere[$word] = $asks;
            }
        }
    }

    public static function from(DataFolder $folder): self
    {
        $records = [];
        foreach (self::LANGUAGES as $language) {
            $records[$language] = $folder->read("lexicon/{$language}.json");
        }

        $names = [];
        foreach (Shelf::from($folder)->all() as $seasoning) {
            $names[$seasoning->slug] = $seasoning->name;
        }

        return new self($records, Kinds::from($folder), $names);
    }

    /** The same with the names of a shop's own seasonings. */
    public function withOwn(Shelf $shelf): self
    {
        $with = clone $this;
        foreach ($shelf->all() as $seasoning) {
            if ($seasoning->isOwn) {
                $with->know(ChipKind::Seasoning, $seasoning->slug, [mb_strtolower($seasoning->name)]);
            }
        }

        return $with;
    }

    /**
     * The longest run of words from here that is known.
     *
     * @param  list<Word>  $words
     */
    public function longest(array $words, int $at): ?Found
    {
        $run = '';
        $longest = null;
        for ($length = 1; $length <= self::MOST_WORDS && isset($words[$at + $length - 1]); $length++) {
            $word = $words[$at + $length - 1];
            if ($length > 1 && $word->isAfterComma) {
                break;
            }
            $run .= ($length > 1 ? ' ' : '').$word->folded;
            $known = $this->words[$run] ?? null;
            if ($known !== null) {
                $longest = new Found($known[0], $known[1], $length);
            }
            if (isset($this->notThere[$run])) {
                $longest = new Found(ChipKind::Unknown, '', $length, [], new Phrase($this->notThere[$run], ['what' => $run]));
            }
        }

        return $longest;
    }

    /** The first of the words that play a part in the first language. */
    public function grammar(string $part): string
    {
        return $this->languages[self::LANGUAGES[0]]->record('grammar')->texts($part)[0] ?? '';
    }

    /** A saying of the first language up to its slot: "for" of "for {n}". */
    public function saying(string $pattern): string
    {
        foreach ($this->languages[self::LANGUAGES[0]]->record('patterns')->texts($pattern) as $saying) {
            if (str_ends_with($saying, '{n}') && ! str_starts_with($saying, '{')) {
                return trim(substr($saying, 0, -3));
            }
        }

        return '';
    }

    /** @return list<string> how it is said in the first language */
    public function sayings(string $pattern): array
    {
        return $this->languages[self::LANGUAGES[0]]->record('patterns')->texts($pattern);
    }

    /** @return int|null 1 for the first of the week or the year */
    public function placeIn(string $list, string $word): ?int
    {
        return $this->places[$list][$word] ?? null;
    }

    /** @return array<string, float> the words of a unit (mm, g, s, money …) in every language, and how many of it each is */
    public function units(string $unit): array
    {
        if (isset($this->units[$unit])) {
            return $this->units[$unit];
        }
        $units = [];
        foreach ($this->languages as $record) {
            foreach ($record->record('units')->has($unit) ? $record->record('units')->record($unit)->keys() : [] as $word) {
                $units[Word::fold($word)] ??= $record->record('units')->record($unit)->number($word);
            }
        }

        return $this->units[$unit] = $units;
    }

    /** @param  string|null  $language  whose number words; null: any */
    public function number(string $word, ?string $language = null): ?int
    {
        if (preg_match('/^\d{1,3}$/', $word) === 1) {
            return (int) $word;
        }
        foreach ($language === null ? array_keys($this->languages) : [$language] as $of) {
            if (isset($this->numbers[$of][$word])) {
                return $this->numbers[$of][$word];
            }
        }

        return null;
    }

    public function isAvoidable(string $word): bool
    {
        return isset($this->avoidable[$word]);
    }

    /** The kind of meat a word of any language stands for. */
    public function kindOf(string $word): ?string
    {
        [$kind, $value] = $this->words[$word] ?? [ChipKind::Unknown, ''];

        return $kind === ChipKind::Kind ? $value : null;
    }

    /** The appliance a word stands for, without its sort. */
    public function applianceOf(string $word): ?string
    {
        [$kind, $value] = $this->words[$word] ?? [ChipKind::Unknown, ''];

        return $kind === ChipKind::Appliance ? explode(':', $value)[0] : null;
    }

    /** @return list<string> words that may have been meant by one that is not known, the likest first */
    public function near(string $word, bool $isAvoided = false): array
    {
        $near = [];
        foreach (array_keys($isAvoided ? $this->avoidable : $this->words) as $known) {
            $slips = levenshtein($word, (string) $known);
            if ($slips <= (strlen($word) <= 4 ? 1 : 2) && $slips < strlen($word)) {
                $near[(string) $known] = $slips;
            }
        }
        asort($near);

        return array_map(strval(...), array_slice(array_keys($near), 0, 3));
    }

    /** The one word a long word is a letter away from, beginning alike; taken, and marked. */
    public function guessed(string $word): ?Found
    {
        if (strlen($word) < self::GUESSED_FROM || preg_match('/\d/', $word) === 1) {
            return null;
        }
        $near = array_values(
            array_filter($this->near($word), static fn (string $known): bool => levenshtein($word, $known) === 1 && $known[0] === $word[0]),
        );
        $known = count($near) === 1 ? $this->words[$near[0]] : null;

        $isOfGrammar = in_array($known[0] ?? null, [ChipKind::Filler, ChipKind::And, ChipKind::Or, ChipKind::Article], true);

        return $known === null || $isOfGrammar ? null : new Found($known[0], $known[1], 1, [$near[0]]);
    }

    public function isWord(string $word): bool
    {
        return isset($this->words[$word]);
    }

    /** @return list<string> known words that begin so, for what is being typed */
    public function beginningWith(string $typed): array
    {
        $found = array_filter(
            array_map(strval(...), array_keys($this->words)),
            fn (string $word): bool => str_starts_with($word, $typed) && $word !== $typed && $this->words[$word][0] !== ChipKind::Filler,
        );
        usort($found, static fn (string $a, string $b): int => [strlen($a), $a] <=> [strlen($b), $b]);

        return $found;
    }

    /** The word a value is written back with. */
    public function write(ChipKind $kind, string $value): string
    {
        return $this->written["{$kind->value} {$value}"] ?? str_replace('_', ' ', $value);
    }

    /** @param  list<string>  $words */
    private function know(ChipKind $kind, string $value, array $words): void
    {
        if ($words !== []) {
            $this->written["{$kind->value} {$value}"] ??= $words[0];
        }
        foreach ($words as $word) {
            $this->words[Word::fold($word)] ??= [$kind, $value];
        }
    }
}
