<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Catalogue\Kinds;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;

/** The fixed words of the ask line: what each stands for, and the word each value is written back with. */
final class Lexicon
{
    private const MOST_WORDS = 4;

    /** @var array<string, array{ChipKind, string}> by word or words */
    private array $words = [];

    /** @var array<string, string> by kind and value */
    private array $written = [];

    /** @var array<string, true> */
    private array $avoidable = [];

    private function __construct(private readonly Record $data, public readonly Kinds $kinds)
    {
        foreach (
            [
                [ChipKind::Appetite, 'appetites'],
                [ChipKind::Doneness, 'doneness'],
                [ChipKind::Method, 'methods'],
                [ChipKind::Appliance, 'appliances'],
                [ChipKind::Want, 'wants'],
            ] as [$kind, $section]
        ) {
            foreach ($this->data->record($section)->keys() as $value) {
                $this->know($kind, $value, $this->data->record($section)->texts($value));
            }
        }
        $this->know(ChipKind::Risk, 'at_risk', $this->data->texts('risk'));
        $this->know(ChipKind::Order, 'may_order', $this->data->texts('order'));
        foreach ($kinds->words() as $word) {
            $this->know(ChipKind::Kind, $word, [$word, ...str_ends_with($word, 's') || str_ends_with($word, 'fish') ? [] : ["{$word}s"]]);
        }
        foreach ($this->data->texts('fillers') as $word) {
            $this->words[$word] ??= [ChipKind::Filler, ''];
        }
        foreach ([...$this->data->texts('avoid'), ...$kinds->words()] as $word) {
            $this->avoidable[$word] = true;
        }
    }

    /** @param  string  $language  of the words, such as en */
    public static function from(DataFolder $folder, string $language = 'en'): self
    {
        return new self($folder->read("lexicon/{$language}.json"), Kinds::from($folder));
    }

    /**
     * The longest run of words from here that is known.
     *
     * @param  list<Word>  $words
     * @return array{ChipKind, string, int}|null its kind, value and length in words
     */
    public function longest(array $words, int $at): ?array
    {
        for ($length = min(self::MOST_WORDS, count($words) - $at); $length > 0; $length--) {
            $slice = array_slice($words, $at, $length);
            $run = implode(' ', array_map(static fn (Word $word): string => $word->folded, $slice));
            if (
                array_filter(array_slice($slice, 1), static fn (Word $word): bool => $word->isAfterComma) === [] &&
                isset($this->words[$run])
            ) {
                return [...$this->words[$run], $length];
            }
        }

        return null;
    }

    /** Whether a word plays this part in a sentence: not, budget, a_head, within, noon, morning, afternoon, today, tomorrow. */
    public function plays(string $part, ?string $word): bool
    {
        return $word !== null && in_array($word, $this->data->record('grammar')->texts($part), true);
    }

    /** The first of the words that play a part. */
    public function grammar(string $part): string
    {
        return $this->data->record('grammar')->texts($part)[0] ?? '';
    }

    /** @return int|null 1 for a Monday, to 7 */
    public function weekday(string $word): ?int
    {
        $at = array_search($word, $this->data->record('grammar')->texts('weekdays'), true);

        return $at === false ? null : $at + 1;
    }

    /** @return array<string, float> the words of a unit (mm, g or s), and how many of it each is */
    public function units(string $unit): array
    {
        $record = $this->data->record('units')->record($unit);

        return array_combine($record->keys(), array_map($record->number(...), $record->keys()));
    }

    public function number(string $word): ?int
    {
        return match (true) {
            preg_match('/^\d{1,3}x?$/', $word) === 1 => (int) $word,
            default => ($n = $this->data->record('numbers')->numberOrNull($word)) === null ? null : (int) $n,
        };
    }

    public function isAvoidable(string $word): bool
    {
        return isset($this->avoidable[$word]);
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
        $this->written["{$kind->value} {$value}"] = $words[0] ?? $value;
        foreach ($words as $word) {
            $this->words[$word] ??= [$kind, $value];
        }
    }
}
