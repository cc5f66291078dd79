<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;
use Nessmark\Advice\Portions;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\FoldedName;
use Nessmark\Catalogue\NameHit;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Say\Phrase;

/** Reads an ask as people say it. Every word ends up in a chip: what is not understood is marked, never dropped. */
final readonly class LineReader
{
    public const LONGEST = 200;

    private const LONGEST_NAME = 6;

    private const SHORT = 3;

    /** A name this like is meant. */
    private const NAME = 0.8;

    private const NAME_OF_ONE_WORD = 0.81;

    /** A name said as it is. */
    private const EXACT = 0.99;

    /** What else a word may be, while a name it begins goes before that. */
    private const YIELDS = [ChipKind::Kind, ChipKind::Want, ChipKind::Appetite, ChipKind::Child];

    /** What a word within a name may be besides. */
    private const WITHIN = [ChipKind::Kind, ChipKind::Want, ChipKind::Appetite, ChipKind::Child, ChipKind::Filler, ChipKind::Article];

    /** And what it may be while a name said as it is goes before that. */
    private const YIELDS_TO_EXACT = [
        ChipKind::Rearing, ChipKind::Filler, ChipKind::Article, ChipKind::Appliance, ChipKind::Risk, ChipKind::Raw, ChipKind::Unknown,
    ];

    private NameIndex $names;

    private Patterns $patterns;

    public function __construct(private Lexicon $lexicon, private Catalogue $catalogue, private Portions $portions)
    {
        $this->names = NameIndex::over($catalogue);
        $this->patterns = new Patterns($lexicon);
    }

    /** @param  list<Guests>  $known  who sits at this table already, from dishes before */
    public function read(string $line, DateTimeImmutable $now, array $known = []): Line
    {
        $words = Word::all(mb_substr($line, 0, self::LONGEST));
        $meaning = new Meaning($this->lexicon, $now);
        $chips = [];
        for ($i = 0; $i < count($words); $i += $found->length) {
            $found = $this->next($words, $i, $meaning);
            $run = array_slice($words, $i, $found->length);
            $chips[] = new Chip(
                $found->kind,
                implode(' ', array_map(static fn (Word $word): string => $word->text, $run)),
                $found->value,
                $run[0]->from,
                $run[count($run) - 1]->to,
                $run[0]->isAfterComma,
                $found->suggestions,
                $found->asks,
            );
        }
        $roles = new Roles($this->lexicon, $this->catalogue, $this->portions);
        $chips = (new Settled($now))->of($roles->of($chips));
        $parted = Dishes::of($chips, $this->lexicon->kinds, $this->names);
        $dishes = Dishes::sharing(array_map(Dishes::chips(...), $parted));
        $asking = array_replace(...array_map(Settled::contradicting(...), $dishes));
        $settled = static fn (Chip $chip): Chip => $asking[$chip->from] ?? $chip;
        $people = (new People($roles, $known))->of(
            array_map(
                static fn (array $segments): array => array_map(static fn (array $of): array => array_map($settled, $of), $segments),
                $parted,
            ),
        );
        $asking = array_replace($asking, ...array_map(self::lost(...), $dishes, $people->dishes));
        $settled = static fn (Chip $chip): Chip => $asking[$chip->from] ?? $chip;
        $draft = new WishDraft($now);

        return new Line(
            array_map($settled, $chips),
            array_map(
                static fn (array $dish, array $eaters): array => $draft->of(array_map($settled, $dish), $eaters),
                $dishes,
                $people->dishes,
            ),
            $people->table,
        );
    }

    /**
     * How somebody wants it done, which nobody has now: said of whom?
     *
     * @param  list<Chip>  $dish
     * @param  array{diners: list<array<string, mixed>>, diets?: list<string>}  $eaters
     * @return array<int, Chip> by where it stands
     */
    private static function lost(array $dish, array $eaters): array
    {
        $said = array_filter($dish, static fn (Chip $chip): bool => $chip->kind === ChipKind::Doneness);
        $had = array_column($eaters['diners'], 'doneness');
        $lost = [];
        foreach (count(array_unique(array_column($said, 'value'))) > 1 ? $said : [] as $chip) {
            if (! in_array($chip->value, $had, true)) {
                $asks = new Phrase('asks.whose', ['word' => $chip->text]);
                $lost[$chip->from] = $chip->asking($asks, ["1 {$chip->text}", "2 {$chip->text}"]);
            }
        }

        return $lost;
    }

    /** @param  list<Word>  $words */
    private function next(array $words, int $at, Meaning $meaning): Found
    {
        $known = $this->lexicon->longest($words, $at);
        $pattern = $this->patterns->at($words, $at, fn (int $place): ?array => $this->meat($words, $place));
        $said = $pattern === null ? null : $meaning->of(...$pattern);
        $name = $this->name($words, $at);
        if ($name !== null && $this->isName($name, $known) && $this->isNameRather($words, $at, $name, $said)) {
            return $name[0];
        }
        if ($said !== null && ($known === null || $said->length > $known->length || $known->kind === ChipKind::Filler)) {
            return $said;
        }
        if ($known !== null && $known->kind !== ChipKind::Article) {
            return $known;
        }
        $number = $this->lexicon->number($words[$at]->folded);

        return match (true) {
            $known !== null => $known,
            $number !== null && $number > 0 => new Found(ChipKind::Number, (string) $number, 1),
            default => $this->lexicon->guessed($words[$at]->folded) ??
                new Found(ChipKind::Unknown, '', 1, $this->lexicon->near($words[$at]->folded)),
        };
    }

    /**
     * Longer than what else it may be; a word of how it lived or a filler only where the name is said as it is.
     *
     * @param  array{Found, float}  $name
     */
    private function isName(array $name, ?Found $known): bool
    {
        return match (true) {
            $known === null => true,
            in_array($known->kind, self::YIELDS, true) => $name[0]->length > $known->length,
            default => in_array($known->kind, self::YIELDS_TO_EXACT, true) && $name[1] >= self::EXACT && $name[0]->length > $known->length,
        };
    }

    /**
     * "Prime rib" is a name, "prime rib eye" a grade before one.
     *
     * @param  list<Word>  $words
     * @param  array{Found, float}  $name
     */
    private function isNameRather(array $words, int $at, array $name, ?Found $said): bool
    {
        if ($said?->kind !== ChipKind::Grade) {
            return $said === null || $name[0]->length > $said->length;
        }
        $behind = isset($words[$at + $said->length]) ? $this->name($words, $at + $said->length) : null;

        return $name[1] >= self::EXACT && ($behind === null || $behind[0]->length + $said->length <= $name[0]->length);
    }

    /**
     * Meat by a name or a kind, for "like venison".
     *
     * @param  list<Word>  $words
     * @return array{string, int}|null
     */
    private function meat(array $words, int $at): ?array
    {
        $name = $this->name($words, $at);
        $known = $this->lexicon->longest($words, $at);

        return match (true) {
            $name !== null && $name[0]->length > ($known->length ?? 0) => [$name[0]->value, $name[0]->length],
            $known?->kind === ChipKind::Kind => [$known->value, $known->length],
            default => null,
        };
    }

    /**
     * The longest run of words that is the name of a cut.
     *
     * @param  list<Word>  $words
     * @return array{Found, float}|null with how like the name it is
     */
    private function name(array $words, int $at): ?array
    {
        for ($length = min(self::LONGEST_NAME, count($words) - $at); $length >= 1; $length--) {
            $run = array_slice($words, $at, $length);
            $last = $this->lexicon->longest([$run[$length - 1]], 0);
            if ($length === 1 && $this->counts($words, $at)) {
                continue; // dos is a back of fish, and two
            }
            if ($length > 1 && in_array($last?->kind, [ChipKind::Filler, ChipKind::Article], true)) {
                continue;
            }
            $isExact = $this->isSaidAsItIs($run);
            foreach ($run as $i => $word) {
                $isPlain = preg_match('/^[\p{L}\'’-]+$/u', $word->folded) === 1;
                $known = $this->lexicon->longest($words, $at + $i);
                if (
                    ! $isPlain ||
                    ($length > 1 && ! $isExact && ! $this->names->hasWordLike($word->folded)) ||
                    ($i > 0 && $word->isAfterComma) ||
                    (! $isExact && $i > 0 && $known !== null && ! in_array($known->kind, self::WITHIN, true))
                ) {
                    continue 2;
                }
            }
            $name = self::text($run);
            $hit = mb_strlen($name) >= 3 ? $this->names->find($name, 1)[0] ?? null : null;
            if (
                $hit !== null &&
                $hit->score >= ($length === 1 ? self::NAME_OF_ONE_WORD : self::NAME) &&
                $this->isMeant($run, $hit) &&
                ($length === 1 || $this->eachWordCounts($run, $hit->score))
            ) {
                $meant = self::isMistyped($run, $hit) ? [mb_strtolower($hit->name)] : [];

                return [new Found(ChipKind::Named, $name, $length, $meant), $hit->score];
            }
        }

        return null;
    }

    /** @param  list<Word>  $words */
    private function counts(array $words, int $at): bool
    {
        $next = $words[$at + 1] ?? null;

        return $this->lexicon->number($words[$at]->folded) !== null && $next !== null && ! $next->isAfterComma;
    }

    /**
     * A word of it is neither in the name nor the beginning of one of its words: taken, and marked.
     *
     * @param  list<Word>  $run
     */
    private static function isMistyped(array $run, NameHit $hit): bool
    {
        $of = explode(' ', FoldedName::of("{$hit->name} {$hit->cut->group->value}")->text);
        $joined = implode('', $of);
        foreach ($run as $word) {
            $folded = FoldedName::of($word->folded)->text;
            $isIn = str_contains($joined, str_replace(' ', '', $folded));
            foreach ($of as $part) {
                $isIn = $isIn || str_starts_with($folded, $part);
            }
            if (! $isIn) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Word>  $run */
    private function isSaidAsItIs(array $run): bool
    {
        return count($run) > 1 && $this->names->isName(self::text($run));
    }

    /** @param  list<Word>  $run */
    private static function text(array $run): string
    {
        return implode(' ', array_map(static fn (Word $word): string => $word->folded, $run));
    }

    /**
     * A short word is easily the beginning of another: it has to be in the name as it is.
     *
     * @param  list<Word>  $run
     */
    private function isMeant(array $run, NameHit $hit): bool
    {
        $short = array_filter(
            array_map(static fn (Word $word): string => $word->folded, $run),
            static fn (string $word): bool => mb_strlen($word) <= self::SHORT,
        );

        return array_diff($short, explode(' ', FoldedName::of("{$hit->name} {$hit->cut->group->value}")->text)) === [];
    }

    /**
     * Longer names must be named by every word: "rib eye tomorrow" is "rib eye".
     *
     * @param  list<Word>  $run
     */
    private function eachWordCounts(array $run, float $score): bool
    {
        $last = $run[max(0, count($run) - 1)]->folded;
        $shorter = self::text(array_slice($run, 0, -1));
        $without = $this->names->find($shorter, 1)[0] ?? null;

        return ($this->names->find($last, 1)[0] ?? null) !== null && ($without === null || $score >= $without->score - 0.1);
    }
}
