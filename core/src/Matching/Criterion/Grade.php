<?php

declare(strict_types=1);

namespace Nessmark\Matching\Criterion;

use Nessmark\Matching\Criterion;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\Matching\Wish;
use Nessmark\Say\Phrase;

/** The grade that was asked for before one of another scale that is as fat. */
final readonly class Grade implements Criterion
{
    /** What is as fat by another scale. Common practice, no source. */
    private const AS_FAT = 0.6;

    public function id(): string
    {
        return 'grade';
    }

    public function isAsked(Wish $wish): bool
    {
        return $wish->meat->lot->grade !== null;
    }

    public function value(Option $option, Wish $wish, Field $field): float
    {
        return $this->isItself($option, $wish) ? 1.0 : self::AS_FAT;
    }

    public function says(Option $option, Wish $wish, float $value): ?Phrase
    {
        return $option->lot->grade === null
            ? null
            : new Phrase($this->isItself($option, $wish) ? 'match.grade' : 'match.grade_alike', [
                'grade' => $option->lot->grade,
                'fat_pct' => round($option->lot->fat->meanPct ?? 0.0, 1),
            ]);
    }

    private function isItself(Option $option, Wish $wish): bool
    {
        $asked = $wish->meat->lot->grade ?? '';

        return $option->lot->grade === $asked || str_ends_with($option->lot->grade ?? '', ":{$asked}");
    }
}
