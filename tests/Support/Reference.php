<?php

declare(strict_types=1);

namespace Tests\Support;

/** Published tables, written from memory: tests/Reference/*.csv. Rows and columns tagged C are too unsure to check anything by. */
final class Reference
{
    /** @return list<array<string, string>> rows by column, those tagged A or B */
    public static function rows(string $table): array
    {
        $file = fopen(__DIR__."/../Reference/{$table}.csv", 'r');
        assert($file !== false);
        $head = array_map(strval(...), (array) fgetcsv($file));
        $rows = [];
        while (($cells = fgetcsv($file)) !== false) {
            $row = array_combine($head, array_map(strval(...), $cells));
            if (! isset($row['conf']) || in_array($row['conf'], ['A', 'B'], true)) {
                $rows[] = $row;
            }
        }
        fclose($file);

        return $rows;
    }

    /**
     * Rank correlation after Spearman, ties sharing their mean rank.
     *
     * @param  non-empty-list<float>  $one
     * @param  non-empty-list<float>  $other
     */
    public static function rankCorrelation(array $one, array $other): float
    {
        $ranks = static fn (array $values): array => array_map(static fn (float $value): float => array_sum(array_map(
            static fn (float $each): float => $each < $value ? 1.0 : ($each === $value ? 0.5 : 0.0),
            $values,
        )), $values);
        [$a, $b] = [$ranks($one), $ranks($other)];
        $mean = array_sum($a) / count($a);
        $covariance = $spreadA = $spreadB = 0.0;
        foreach ($a as $i => $rank) {
            $covariance += ($rank - $mean) * ($b[$i] - $mean);
            $spreadA += ($rank - $mean) ** 2;
            $spreadB += ($b[$i] - $mean) ** 2;
        }

        return $covariance / sqrt($spreadA * $spreadB);
    }
}
