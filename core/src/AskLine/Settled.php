<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use DateTimeImmutable;
use Nessmark\Say\Phrase;

/** Hours as they are meant today, and what contradicts itself. */
final readonly class Settled
{
    private const HALF_DAY_H = 12;

    /** From this hour on of the morning the morning is meant, on another day. Common practice, no source. */
    private const LATE_MORNING_H = 11;

    /** Of each of these kinds one is said of a piece; of two, which? */
    private const ONCE = [
        [ChipKind::Weight, ChipKind::Each], [ChipKind::Thickness], [ChipKind::Heat], [ChipKind::Grade], [ChipKind::Clock, ChipKind::Within],
        [ChipKind::Day], [ChipKind::Budget, ChipKind::InAll],
    ];

    public function __construct(private DateTimeImmutable $now) {}

    /**
     * @param  list<Chip>  $chips
     * @return list<Chip>
     */
    public function of(array $chips): array
    {
        $days = array_values(array_filter($chips, static fn (Chip $chip): bool => $chip->kind === ChipKind::Day));
        $day = $days[0]->value ?? $this->now->format('Y-m-d');
        foreach ($chips as $i => $chip) {
            if ($chip->kind === ChipKind::Clock) {
                $chips[$i] = $this->clock($chip, $day, $days !== []);
            }
        }

        return array_values(self::onceEach($chips));
    }

    private function clock(Chip $chip, string $day, bool $isDaySaid): Chip
    {
        [$hour, $minute] = array_map(intval(...), explode(':', rtrim($chip->value, '?')));
        $isLoose = str_ends_with($chip->value, '?') && $hour <= self::HALF_DAY_H;
        $hours = ! $isLoose ? [$hour] : [$hour % self::HALF_DAY_H, $hour % self::HALF_DAY_H + self::HALF_DAY_H];
        if ($isLoose && $day !== $this->now->format('Y-m-d')) {
            $hours = $hour >= self::LATE_MORNING_H ? [$hour] : [$hour + self::HALF_DAY_H];
        }
        foreach ($hours as $candidate) {
            $at = (new DateTimeImmutable($day, $this->now->getTimezone()))->setTime($candidate, $minute);
            if ($at > $this->now) {
                return $chip->as(ChipKind::Clock, sprintf('%02d:%02d', $candidate, $minute));
            }
        }
        $said = sprintf('%02d:%02d', $hours[count($hours) - 1], $minute);
        $later = $hour < self::HALF_DAY_H && ! $isLoose ? [sprintf('%02d:%02d', $hour + self::HALF_DAY_H, $minute)] : [];

        return $chip->asking(new Phrase('asks.past', ['clock' => $said]), [...$isDaySaid ? [] : ["tomorrow {$said}"], ...$later]);
    }

    /**
     * Two of a kind with no other meat between them: the last is taken, the first asked about.
     *
     * @param  list<Chip>  $chips
     * @return array<int, Chip>
     */
    private static function onceEach(array $chips): array
    {
        foreach (self::ONCE as $kinds) {
            $first = null;
            foreach ($chips as $i => $chip) {
                if ($first !== null && ($chip->kind === ChipKind::And || $chip->kind->isMeat()) && ! $kinds[0]->isOfMeal()) {
                    $first = $chip->kind === ChipKind::And ? null : $first;
                }
                if (! in_array($chip->kind, $kinds, true)) {
                    continue;
                }
                if ($first !== null && $chips[$first]->value !== $chip->value) {
                    $chips[$first] = $chips[$first]->asking(new Phrase('asks.which', ['one' => $chips[$first]->text, 'other' => $chip->text]));
                }
                $first = $i;
            }
        }

        return $chips;
    }
}
