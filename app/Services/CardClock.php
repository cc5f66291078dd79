<?php

declare(strict_types=1);

namespace App\Services;

use DateTimeImmutable;

/** The hours of one dish on a card: by the clock, with the day where it is another than the meal's; else counted from lighting. */
final readonly class CardClock
{
    private function __construct(private Wording $wording, private string $mealDay) {}

    /** @param  list<array{clock: string|null}>  $timeline */
    public static function of(array $timeline, Wording $wording): self
    {
        return new self($wording, substr((string) (end($timeline)['clock'] ?? ''), 0, 10));
    }

    /** @param  array{clock: string|null, at_s: float|int}  $line */
    public function line(array $line): string
    {
        return $line['clock'] !== null
            ? $this->at($line['clock'])
            : ($line['at_s'] < 0 ? '−' : '').Units::duration(abs((float) $line['at_s']));
    }

    public function at(string $atom): string
    {
        $moment = new DateTimeImmutable($atom);
        $isMealDay = $this->mealDay === '' || substr($atom, 0, 10) === $this->mealDay;

        return ($isMealDay ? '' : $this->wording->weekday($moment).' ').$moment->format('H:i');
    }
}
