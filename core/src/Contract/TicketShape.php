<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use LogicException;

/**
 * The form a ticket is kept in has a number. What was kept in an older one is lifted step by step when it is read; the row stays as it
 * was given.
 */
final class TicketShape
{
    public const CURRENT = 8;

    private const AFTER_THE_REST = ['carving' => null, 'trouble' => [], 'leftovers' => [], 'readings' => [], 'shopping' => null];

    private function __construct() {}

    /**
     * @param  array<string, mixed>  $result  as it was kept
     * @return array<string, mixed> in today's form; what was not computed then stays away
     */
    public static function lifted(array $result, int $from): array
    {
        for ($shape = $from; $shape < self::CURRENT; $shape++) {
            $result = match ($shape) {
                1 => self::fromOneToTwo($result),
                2 => [...$result, 'dressing' => null], // engine 0.7 and before: nothing was said of seasoning
                3 => [...$result, 'bench' => null], // nor of the bench
                4 => self::fromFourToFive($result),
                5 => [...$result, ...self::AFTER_THE_REST], // engine 0.9 said nothing of it
                6 => [...$result, 'eaten' => []], // engine 0.10 counted nothing of the cupboard
                7 => [...$result, 'eaten' => self::fromTheCupboard($result['eaten'] ?? [])],
                default => throw new LogicException("No step leads on from shape {$shape}."),
            };
        }

        return $result;
    }

    /**
     * Engine 0.11 listed the cupboard alone.
     *
     * @return list<array<array-key, mixed>>
     */
    private static function fromTheCupboard(mixed $eaten): array
    {
        $rows = array_values(array_filter(is_array($eaten) ? $eaten : [], is_array(...)));

        return array_map(static fn (array $of): array => [...$of, 'from' => 'cupboard', 'pieces' => []], $rows);
    }

    /**
     * Engine 0.8 and before: as much was weighed as goes on the fire, and steps of the bench had no figure apart and no drawing.
     *
     * @param  array<string, mixed>  $result
     * @return array<string, mixed>
     */
    private static function fromFourToFive(array $result): array
    {
        [$price, $bench] = [$result['price'] ?? null, $result['bench'] ?? null];
        $amounts = is_array($result['amounts'] ?? null) ? $result['amounts'] : [];
        $steps = is_array($bench) && is_array($bench['steps'] ?? null) ? $bench['steps'] : [];

        return [
            ...$result,
            'inspected' => null,
            'price' => is_array($price) ? ['weighed_g' => $amounts['raw_g'] ?? null, ...$price] : null,
            'bench' => is_array($bench)
                ? [
                    ...$bench,
                    'steps' => array_map(
                        static fn (mixed $step): mixed => is_array($step) ? ['figure' => null, ...$step] : $step,
                        $steps,
                    ),
                    'sketch' => null,
                ]
                : null,
        ];
    }

    /**
     * Engine 0.4 and before: findings had no id and named no pieces, the trim and the seasoning were always empty, and no ask could
     * tighten.
     *
     * @param  array<string, mixed>  $result
     * @return array<string, mixed>
     */
    private static function fromOneToTwo(array $result): array
    {
        $verdict = is_array($result['verdict'] ?? null) ? $result['verdict'] : [];
        $findings = [];
        foreach (is_array($verdict['findings'] ?? null) ? $verdict['findings'] : [] as $finding) {
            $findings[] = is_array($finding) ? ['id' => $finding['key'] ?? '', 'pieces' => [], ...$finding] : $finding;
        }

        return [
            ...array_diff_key($result, ['trim' => 0, 'seasoning' => 0]),
            'also_profile' => null,
            'verdict' => [...$verdict, 'findings' => $findings],
        ];
    }
}
