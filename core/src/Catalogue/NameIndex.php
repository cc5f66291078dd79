<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Closure;
use Nessmark\Meat\Cut;
use WeakMap;

/**
 * Finds cuts by any of their names, forgiving typing errors. Every word of the query is matched with the likest word of a
 * name; a name scores the mean of its words, less what it has besides. The weights are choices, tried on tests/Core/Catalogue.
 */
final class NameIndex
{
    private const EXACT = 1.2;

    private const PREFIX = 0.9;

    private const INSIDE = 0.65;

    private const TYPO = 0.9;

    private const PER_SLIP = 0.14;

    private const PER_WORD_MORE = 0.06;

    private const SPECIES_WORD = 0.75;

    /** So many questions are kept. */
    private const REMEMBERED = 500;

    /** Names that score below this are no hits. */
    private const LEAST = 0.62;

    private const FROM_OTHER_WORDS = [
        'beef' => ['cattle'],
        'veal' => ['calf'],
        'pork' => ['pig'],
        'lamb' => ['sheep'],
        'venison' => ['deer'],
        'fish' => ['round_fish', 'flat_fish'],
    ];

    /** @var array<string, list<array{string, string, string|null, float}>> what was found before: cut, name, place, score */
    private array $found = [];

    /** @var array<string, array<int, float>> what each word asked for before is like */
    private array $alike = [];

    /** @var WeakMap<Catalogue, self>|null one for each catalogue that is in use */
    private static ?WeakMap $known = null;

    /**
     * @param  Closure(string): Cut  $cut  by its slug
     * @param  array<string, mixed>  $hidden  what is not to be found, by slug
     */
    private function __construct(private readonly NameTable $names, private readonly Closure $cut, private readonly array $hidden) {}

    /** The names of all cuts a shop sells; made once, since a line asks for many of them. */
    public static function over(Catalogue $catalogue): self
    {
        self::$known ??= new WeakMap();

        return self::$known[$catalogue] ??= new self($catalogue->names(), $catalogue->cut(...), array_flip($catalogue->hidden()));
    }

    /** @param  list<Cut>  $cuts  no others are found */
    public static function of(array $cuts): self
    {
        $bySlug = array_column($cuts, null, 'slug');

        return new self(NameTable::of($cuts), static fn (string $slug): Cut => $bySlug[$slug], []);
    }

    /**
     * @return list<NameHit> one for each cut, the best first; of equals what the counter has more often, then the order of the
     * catalogue
     */
    public function find(string $query, int $most = 40): array
    {
        $asked = FoldedName::of($query);
        if ($asked->text === '') {
            return [];
        }
        if (isset($this->found[$asked->text])) {
            return $this->hits($this->found[$asked->text], $most);
        }
        $joined = str_replace(' ', '', $asked->text);
        $alike = array_map(fn (string $word): array => $this->alike($word), $asked->words);
        $exact = $this->nameOf($asked->text);
        $best = [];
        foreach ($this->candidates($asked, $joined, $alike) as $id) {
            [$slug, $name, $place, $folded, $run, $words] = $this->names->entries[$id];
            if (isset($this->hidden[$slug])) {
                continue;
            }
            $score =
                $folded === $exact ? self::EXACT : max($this->scored($asked->words, $alike, $words, $slug), self::whole($joined, $run));
            if ($score >= self::LEAST && (! isset($best[$slug]) || $score > $best[$slug][3])) {
                $best[$slug] = [$slug, $name, $place, $score];
            }
        }
        $found = array_values($best);
        usort(
            $found,
            fn (array $a, array $b): int => [$b[3], $this->names->cuts[$a[0]]['rank']] <=> [$a[3], $this->names->cuts[$b[0]]['rank']],
        );

        if (count($this->found) >= self::REMEMBERED) {
            $this->found = [];
        }

        return $this->hits($this->found[$asked->text] = $found, $most);
    }

    /**
     * @param  list<array{string, string, string|null, float}>  $found
     * @return list<NameHit>
     */
    private function hits(array $found, int $most): array
    {
        return array_map(
            fn (array $hit): NameHit => new NameHit(($this->cut)($hit[0]), $hit[1], $hit[2], $hit[3]),
            array_slice($found, 0, $most),
        );
    }

    /**
     * The names that can score at all: with a word like one that was asked for, or as long run together; all of an animal
     * that was named.
     *
     * @param  list<array<int, float>>  $alike  for each word asked
     * @return list<int>
     */
    private function candidates(FoldedName $asked, string $joined, array $alike): array
    {
        $ids = [];
        foreach ($asked->words as $word) {
            foreach ([$word, ...self::FROM_OTHER_WORDS[$word] ?? []] as $animal) {
                $ids += $this->names->ofAnimal[$animal] ?? [];
            }
        }
        foreach ($alike as $numbers) {
            foreach (array_keys($numbers) as $number) {
                $ids += $this->names->withWord[$number] ?? [];
            }
        }
        $slips = self::allowedSlips(strlen($joined));
        for ($length = strlen($joined) - $slips; $length <= strlen($joined) + $slips; $length++) {
            $ids += $this->names->asLong[$length] ?? [];
        }
        ksort($ids);

        return array_keys($ids);
    }

    /** Whether it is a name as it is, or several of one: "racks of lamb", "rump steaks". */
    public function isName(string $text): bool
    {
        return $this->nameOf(FoldedName::of($text)->text) !== null;
    }

    /** The folded name that folded words are, as they stand or where they speak of several. */
    private function nameOf(string $folded): ?string
    {
        $isSeveral = str_contains($folded, ' ');
        $ofOne = [preg_replace('/^(\w{3,})s /', '$1 ', $folded), preg_replace('/(?<=\w{3})s$/', '', $folded)];
        foreach ([$folded, ...$isSeveral ? array_filter($ofOne) : []] as $name) {
            if (array_diff($this->names->exact[$name] ?? [], array_keys($this->hidden)) !== []) {
                return $name;
            }
        }

        return null;
    }

    /** Whether a word of some name is like this one. */
    public function hasWordLike(string $word): bool
    {
        foreach (array_keys($this->alike(FoldedName::of($word)->text)) as $number) {
            foreach (array_keys($this->names->withWord[$number]) as $id) {
                if (! isset($this->hidden[$this->names->entries[$id][0]])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<int, float> how like this word each known word is, where it is at all */
    private function alike(string $asked): array
    {
        if (isset($this->alike[$asked])) {
            return $this->alike[$asked];
        }
        $alike = [];
        foreach ($this->wordsNear($asked) as $word) {
            $likeness = self::likeness($asked, $word);
            if ($likeness > 0.0) {
                $alike[$this->names->words[$word]] = $likeness;
            }
        }

        return $this->alike[$asked] = $alike;
    }

    /**
     * The words that can be like it: of its first letter, about as long, or with it inside.
     *
     * @return list<string>
     */
    private function wordsNear(string $asked): array
    {
        $near = $this->names->wordsOf[substr($asked, 0, 1)] ?? [];
        $slips = self::allowedSlips(strlen($asked));
        for ($length = strlen($asked) - $slips; $length <= strlen($asked) + $slips; $length++) {
            $near += $this->names->wordsAsLong[$length] ?? [];
        }
        preg_match_all('/^.*'.preg_quote($asked, '/').'.*$/m', $this->names->allWords, $found);

        return array_map(strval(...), array_keys($near + array_fill_keys($found[0], true)));
    }

    /**
     * @param  list<string>  $asked
     * @param  list<array<int, float>>  $alike  for each word asked
     * @param  list<int>  $words  of the name
     */
    private function scored(array $asked, array $alike, array $words, string $slug): float
    {
        ['group' => $group, 'animal' => $animal] = $this->names->cuts[$slug];
        $sum = 0.0;
        $used = 0;
        foreach ($asked as $i => $word) {
            $best = 0.0;
            foreach ($words as $number) {
                $best = max($best, $alike[$i][$number] ?? 0.0);
            }
            if ($best > 0.0) {
                $used++;
            } elseif ($word === $group || in_array($animal, self::FROM_OTHER_WORDS[$word] ?? [], true)) {
                $best = self::SPECIES_WORD;
            }
            $sum += $best;
        }

        return $sum / count($asked) - self::PER_WORD_MORE * max(0, count($words) - $used);
    }

    /** For words run together or torn apart: "flatiron", "porter house". */
    private static function whole(string $asked, string $name): float
    {
        $length = strlen($asked);
        $allowed = self::allowedSlips($length);
        if ($length < 5 || abs($length - strlen($name)) > $allowed) {
            return 0.0;
        }
        $slips = self::slips($asked, $name);

        return $slips <= $allowed ? 1.0 - 0.1 * $slips : 0.0;
    }

    private static function likeness(string $asked, string $word): float
    {
        if ($asked === $word) {
            return 1.0;
        }
        $length = strlen($asked);
        if ($length >= 2 && str_starts_with($word, $asked)) {
            return self::PREFIX - 0.01 * min(10, strlen($word) - $length);
        }
        $allowed = self::allowedSlips($length);
        if (abs($length - strlen($word)) <= $allowed && $length < 60) {
            $slips = self::slips($asked, $word);
            if ($slips <= $allowed) {
                return self::TYPO - (self::PER_SLIP * $slips * 6.0) / max(6, $length);
            }
        }

        if ($length >= 4 && str_contains($word, $asked)) {
            return self::INSIDE + ($length >= 6 ? 0.1 : 0.0);
        }
        if ($length < 6 || $asked[0] !== $word[0]) {
            return 0.0;
        }
        // The beginning of a longer word, mistyped: a letter may be missing or too many.
        $slips = 99;
        for ($cut = $length - 1; $cut <= $length + 1 && $cut < strlen($word); $cut++) {
            $slips = min($slips, self::slips($asked, substr($word, 0, $cut)));
        }

        return $slips < $allowed ? self::TYPO - 0.05 - self::PER_SLIP * $slips : 0.0;
    }

    /** Letters wrong, missing or too many; two neighbours swapped count as one slip. */
    private static function slips(string $a, string $b): int
    {
        $slips = levenshtein($a, $b);
        if ($slips >= 2 && strlen($a) === strlen($b)) {
            for ($i = 0; $i < strlen($a) - 1; $i++) {
                if ($a[$i] !== $b[$i]) {
                    if ($a[$i] === $b[$i + 1] && $a[$i + 1] === $b[$i]) {
                        return $slips - 1;
                    }
                    break;
                }
            }
        }

        return $slips;
    }

    private static function allowedSlips(int $length): int
    {
        return match (true) {
            $length <= 3 => 0,
            $length <= 5 => 1,
            $length <= 9 => 2,
            default => 3,
        };
    }
}
