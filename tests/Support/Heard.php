<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Nessmark\AskLine\Chip;
use Nessmark\AskLine\Line;

/** What a line came to, in the short hand of tests/Reference/lines.csv. */
final class Heard
{
    private function __construct() {}

    public static function of(Line $line): string
    {
        $dishes = array_map(self::dish(...), $line->dishes);
        $open = array_map(static fn (Chip $chip): string => '?:'.mb_strtolower($chip->text), $line->open());
        $dishes[0] = array_values(array_unique([...$dishes[0], ...$open]));

        return implode(' // ', array_map(self::sorted(...), $dishes));
    }

    /** The same of what is written in the file: parts in any order. */
    public static function written(string $reads): string
    {
        return implode(' // ', array_map(static fn (string $dish): string => self::sorted(explode('; ', $dish)), explode(' // ', $reads)));
    }

    /** @param  list<string>  $parts */
    private static function sorted(array $parts): string
    {
        sort($parts);

        return implode('; ', $parts);
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return list<string>
     */
    private static function dish(array $wish): array
    {
        $parts = [];
        $avoids = array_column($wish['diners'], 'avoid');
        $shared = count($avoids) === 1 ? $avoids[0] : array_values(array_intersect(...$avoids));
        foreach ($wish['diners'] as $row) {
            $own = array_diff($row['avoid'], $shared);
            $is = [
                ...$row['appetite'] === 'usual' ? [] : [$row['appetite']],
                ...$row['at_risk'] ? ['at_risk'] : [],
                ...isset($row['under_one']) ? ['infant'] : (isset($row['child']) ? ['child'] : []),
                ...array_map(static fn (string $diet): string => "diet:{$diet}", $row['diets'] ?? []),
                ...isset($row['doneness']) && ! str_starts_with($row['doneness'], 'core:') ? [$row['doneness']] : [],
                ...array_map(static fn (string $word): string => "no {$word}", $own),
            ];
            if (isset($row['doneness']) && str_starts_with($row['doneness'], 'core:')) {
                $parts[] = $row['doneness'];
            }
            $parts[] = trim("n:{$row['count']} ".implode(' ', $is));
        }
        $parts = $parts === ['n:1'] ? [] : $parts;
        foreach ($shared as $word) {
            $parts[] = "no:{$word}";
        }
        $figure = static fn (float $value): string => (string) round($value, 2);
        $hits = isset($wish['named']) ? TodaysCase::open()->names()->find($wish['named'], 1) : [];
        $parts = [
            ...$parts,
            ...isset($wish['named']) ? ['cut:'.($hits[0]->cut->slug ?? $wish['named'])] : [],
            ...array_map(static fn (string $kind): string => "kind:{$kind}", $wish['kinds'] ?? []),
            ...array_map(static fn (string $other): string => "or:{$other}", $wish['or'] ?? []),
            ...array_map(static fn (string $want): string => "want:{$want}", $wish['wants'] ?? []),
            ...array_map(static fn (string $diet): string => "diet:{$diet}", $wish['diets'] ?? []),
            ...isset($wish['seasoning']) ? ["season:{$wish['seasoning']}"] : [],
            ...array_map(static fn (string $kind): string => "notOn:{$kind}", $wish['not_on'] ?? []),
            ...array_map(static fn (string $method): string => "how:{$method}", $wish['methods'] ?? []),
            ...array_map(
                static fn (string $kind): string => "on:{$kind}".(isset($wish['fires'][$kind]) ? ":{$wish['fires'][$kind]}" : ''),
                $wish['appliances'] ?? [],
            ),
        ];
        $named = [
            'dish' => 'dish', 'raw' => 'raw', 'like' => 'like', 'grade' => 'grade', 'rearing' => 'rearing', 'origin' => 'from',
            'pieces' => 'x', 'bones' => 'bones', 'aged_days' => 'aged',
        ];
        foreach ($named as $key => $short) {
            $parts = isset($wish[$key]) ? [...$parts, "{$short}:{$wish[$key]}"] : $parts;
        }
        $figures = [
            'thickness_mm' => 'mm', 'each_g' => 'each', 'raw_g' => 'g', 'heat_c' => 'heat', 'part' => 'part', 'budget' => 'ahead',
            'budget_all' => 'all',
        ];
        foreach ($figures as $key => $short) {
            $parts = isset($wish[$key]) ? [...$parts, "{$short}:".$figure($wish[$key])] : $parts;
        }
        $parts = ($wish['packed'] ?? null) === 'dry' ? [...$parts, 'dry'] : $parts;

        return isset($wish['eat_at']) ? [...$parts, 'at:'.(new DateTimeImmutable($wish['eat_at']))->format('m-d H:i')] : $parts;
    }
}
