<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;
use Nessmark\Catalogue\FoldedName;
use Nessmark\Catalogue\NameHit;
use Nessmark\Catalogue\NameIndex;

/** Reads an ask as people say it. Every word ends up in a chip: what is not understood is marked, never dropped. */
final readonly class LineReader
{
    public const LONGEST = 200;

    private const LONGEST_NAME = 6;

    private const SHORT = 3;

    /** A name this like is meant. */
    private const NAME = 0.8;

    public function __construct(private Lexicon $lexicon, private NameIndex $names) {}

    public function read(string $line, DateTimeImmutable $now): Line
    {
        $words = Word::all(mb_substr($line, 0, self::LONGEST));
        $chips = [];
        for ($i = 0; $i < count($words); $i += $length) {
            [$kind, $value, $length, $suggestions] = [...$this->next($words, $i, $now), []];
            $run = array_slice($words, $i, $length);
            $chips[] = new Chip(
                $kind,
                implode(' ', array_map(static fn (Word $word): string => $word->text, $run)),
                $value,
                $run[0]->from,
                $run[$length - 1]->to,
                $suggestions,
            );
        }

        return new Line($chips, (new WishDraft($now))->of($chips));
    }

    /**
     * @param  list<Word>  $words
     * @return array{0: ChipKind, 1: string, 2: int, 3?: list<string>} kind, value, length in words, and what may have been meant
     */
    private function next(array $words, int $at, DateTimeImmutable $now): array
    {
        $figure = Figures::at($words, $at, $this->lexicon);
        if ($figure !== null) {
            return $figure;
        }
        $day = $this->day($words[$at]->folded, $now);
        if ($day !== null) {
            return [ChipKind::Day, $day, 1];
        }
        if ($this->lexicon->plays('not', $words[$at]->folded) && isset($words[$at + 1])) {
            return $this->avoided($words[$at + 1]->folded);
        }
        $number = $this->lexicon->number($words[$at]->folded);
        if ($number !== null && $number > 0) {
            return [ChipKind::Count, (string) $number, 1];
        }
        $known = $this->lexicon->longest($words, $at);
        $name = $this->name($words, $at, $known === null ? 1 : $known[2] + 1);
        if ($name !== null && ($known === null || in_array($known[0], [ChipKind::Kind, ChipKind::Want, ChipKind::Appetite], true))) {
            return $name;
        }

        return $known ?? [ChipKind::Unknown, '', 1, $this->lexicon->near($words[$at]->folded)];
    }

    /**
     * @return array{0: ChipKind, 1: string, 2: int, 3?: list<string>} what is not on the list is kept all the same, and marked by its
     * suggestions
     */
    private function avoided(string $word): array
    {
        return $this->lexicon->isAvoidable($word)
            ? [ChipKind::Avoid, $word, 2]
            : [ChipKind::Avoid, $word, 2, [...$this->lexicon->near($word, true), '']];
    }

    /**
     * The longest run of words that is the name of a cut.
     *
     * @param  list<Word>  $words
     * @param  int  $least  a run shorter than this is better read otherwise
     * @return array{ChipKind, string, int}|null
     */
    private function name(array $words, int $at, int $least): ?array
    {
        for ($length = min(self::LONGEST_NAME, count($words) - $at); $length >= $least; $length--) {
            $run = array_slice($words, $at, $length);
            foreach ($run as $i => $word) {
                $isPlain = preg_match('/^[\p{L}\'’-]+$/u', $word->folded) === 1;
                $known = $this->lexicon->longest($words, $at + $i);
                if (
                    ! $isPlain ||
                    ($length > 1 && ! $this->names->hasWordLike($word->folded)) ||
                    ($i > 0 && $word->isAfterComma) ||
                    ($known !== null && ! in_array($known[0], [ChipKind::Kind, ChipKind::Filler, ChipKind::Want], true) && $i > 0)
                ) {
                    continue 2;
                }
            }
            $name = implode(' ', array_map(static fn (Word $word): string => $word->folded, $run));
            $hit = mb_strlen($name) >= 3 ? $this->names->find($name, 1)[0] ?? null : null;
            if (
                $hit !== null &&
                $hit->score >= self::NAME &&
                $this->isMeant($run, $hit) &&
                ($length === 1 || $this->eachWordCounts($run, $hit->score))
            ) {
                return [ChipKind::Named, $name, $length];
            }
        }

        return null;
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
        $shorter = implode(' ', array_map(static fn (Word $word): string => $word->folded, array_slice($run, 0, -1)));
        $without = $this->names->find($shorter, 1)[0] ?? null;

        return ($this->names->find($last, 1)[0] ?? null) !== null && ($without === null || $score >= $without->score - 0.1);
    }

    private function day(string $word, DateTimeImmutable $now): ?string
    {
        $weekday = $this->lexicon->weekday($word);

        return match (true) {
            $this->lexicon->plays('today', $word) => $now->format('Y-m-d'),
            $this->lexicon->plays('tomorrow', $word) => $now->modify('+1 day')->format('Y-m-d'),
            $weekday !== null => $now->modify(sprintf('+%d day', (($weekday - (int) $now->format('N') + 6) % 7) + 1))->format('Y-m-d'),
            preg_match('/^\d{4}-\d\d-\d\d$/', $word) === 1 && DateTimeImmutable::createFromFormat('!Y-m-d', $word) !== false => $word,
            default => null,
        };
    }
}
