<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** Parts to the gram that add up to the whole: largest remainders. */
final readonly class WholeGrams
{
    private const SMALL = 1e-6;

    private function __construct() {}

    /**
     * @template K of array-key
     *
     * @param  array<K, float>  $grams  adding up to about the whole
     * @return array<K, int>
     */
    public static function of(array $grams, int $wholeG): array
    {
        $floor = array_map(static fn (float $g): int => (int) floor($g + self::SMALL), $grams);
        $rest = [];
        foreach ($grams as $key => $g) {
            $rest[$key] = $g - $floor[$key];
        }
        arsort($rest);
        foreach (array_slice(array_keys($rest), 0, max(0, $wholeG - array_sum($floor))) as $key) {
            $floor[$key]++;
        }

        return $floor;
    }
}
