<?php

declare(strict_types=1);

namespace Tests\Support;

use Generator;

/** Rows of tests/Reference/oracles.csv: published or independently computed figures, each with its tolerance and source. */
final class Oracles
{
    /**
     * @return Generator<string, array{array<string, mixed>, float, float, string}> by id: inputs, expected, tolerance, source
     */
    public static function of(string $quantity): Generator
    {
        $file = fopen(__DIR__.'/../Reference/oracles.csv', 'r');
        assert($file !== false);
        $head = fgetcsv($file);
        while (($cells = fgetcsv($file)) !== false) {
            $row = array_combine((array) $head, $cells);
            if ($row['quantity'] === $quantity) {
                $expected = (float) $row['expected'];
                $tolerance = max((float) $row['abs_tol'], (float) $row['rel_tol'] * abs($expected));
                yield $row['id'] => [
                    json_decode($row['inputs_json'], true),
                    $expected,
                    $tolerance,
                    "{$row['source']} ({$row['basis']}, from memory)",
                ];
            }
        }
        fclose($file);
    }
}
