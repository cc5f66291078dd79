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

    /** Of each of these one is said of a dish; of two, which? */
    private const ONCE = [
        [ChipKind::Weight, ChipKind::Each, ChipKind::Part, ChipKind::Bones], [ChipKind::Pieces, ChipKind::Part, ChipKind::Bones],
        [ChipKind::Thickness], [ChipKind::Heat], [ChipKind::Grade], [ChipKind::Clock, ChipKind::Within], [ChipKind::Day],
        [ChipKind::Budget, ChipKind::InAll], [ChipKind::Dish], [ChipKind::Like], [ChipKind::Aged], [ChipKind::Rearing], [ChipKind::Origin],
        [ChipKind::Seasoning],
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

        return $chips;
    }

    private function clock(Chip $chip, string $day, bool $isDaySaid): Chip
    {
        [$hour, $minute] = array_map(intval(...), explode(':', rtrim($chip->value, '?')));
        $isLoose = str_ends_with($chip->value, '?') && $hour <= self::HALF_DAY_H;
        $morning = $hour % self::HALF_DAY_H;
        $hours = $isLoose ? [$morning, $morning + self::HALF_DAY_H] : [$hour];
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
        $later = count($hours) === 1 && $hour < self::HALF_DAY_H ? [sprintf('%02d:%02d', $hour + self::HALF_DAY_H, $minute)] : [];

        return $chip->asking(new Phrase('asks.past', ['clock' => $said]), [...$isDaySaid ? [] : ["tomorrow {$said}"], ...$later]);
    }

    /**
     * What is said twice of one dish, and not alike: the last is taken, the first asked about.
     *
     * @param  list<Chip>  $dish
     * @return array<int, Chip> by where they stand in the line
     */
    public static function contradicting(array $dish): array
    {
        $asking = [];
        foreach (self::ONCE as $kinds) {
            $said = array_values(array_filter($dish, static fn (Chip $chip): bool => in_array($chip->kind, $kinds, true)));
            usort($said, static fn (Chip $a, Chip $b): int => $a->from <=> $b->from);
            $last = $said[count($said) - 1] ?? null;
            foreach ($said as $chip) {
                if ($last !== null && $chip->from !== $last->from && $chip->value !== $last->value) {
                    $asking[$chip->from] = $chip->asking(new Phrase('asks.which', ['one' => $chip->text, 'other' => $last->text]));
                }
            }
        }

        return $asking;
    }
}
