<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Say\Phrase;

/** What is otherwise on a plan than on the one it replaces, as a cook has to know it. */
final class PlanChanges
{
    /** Minutes nobody notices, s. */
    private const SAME_WITHIN_S = 60;

    private function __construct() {}

    /**
     * @param  list<array<string, mixed>>  $before  results of the dishes, in today's shape
     * @param  list<array<string, mixed>>  $after  the same dishes
     * @return list<Phrase>
     */
    public static function of(array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $i => $now) {
            $then = $before[$i] ?? [];
            $cut = is_array($now['cut'] ?? null) && is_string($now['cut']['name'] ?? null) ? $now['cut']['name'] : '';
            $moments = [
                'eat' => [$then['eat_at'] ?? null, $now['eat_at'] ?? null],
                'on_heat' => [$then['on_heat_at'] ?? null, $now['on_heat_at'] ?? null],
                'begin' => [self::begins($then), self::begins($now)],
            ];
            foreach ($moments as $what => [$was, $is]) {
                if (is_string($is) && ! self::isSame($was, $is)) {
                    $changes[] = is_string($was)
                        ? new Phrase("change.{$what}", ['cut' => $cut, 'before_at' => $was, 'after_at' => $is])
                        : new Phrase("change.{$what}_first", ['cut' => $cut, 'after_at' => $is]);
                }
            }
        }

        return $changes;
    }

    private static function isSame(mixed $was, string $is): bool
    {
        return is_string($was) && abs(self::second($was) - self::second($is)) < self::SAME_WITHIN_S;
    }

    private static function second(string $moment): int
    {
        return (new DateTimeImmutable($moment))->getTimestamp();
    }

    /**
     * The first thing there is to do by the clock.
     *
     * @param  array<string, mixed>  $result
     */
    private static function begins(array $result): mixed
    {
        $lines = is_array($result['timeline'] ?? null) ? $result['timeline'] : [];
        $first = reset($lines);

        return is_array($first) ? $first['clock'] ?? null : null;
    }
}
