<?php

declare(strict_types=1);

namespace App\Services;

use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Say\Phrase;
use RuntimeException;

/** Tables as text: commas or semicolons, quotes, UTF-8 with or without its mark, one header line. */
final class Csv
{
    /** What a spreadsheet would run as a formula. */
    private const RUNS = "=+-@\t\r";

    /**
     * @param  list<string>  $header
     * @param  iterable<list<string>>  $rows
     */
    public static function write(array $header, iterable $rows): string
    {
        $file = self::memory('');
        fputcsv($file, $header, escape: '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::defused(...), $row), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * @param  list<string>  $known  the columns there may be
     * @return list<array<string, string>> by column, one for each row below the header
     *
     * @throws InputRefused if a column is unknown, or a row has more or fewer cells than the header
     */
    public static function read(string $text, array $known): array
    {
        $rows = [];
        foreach (self::lines($text, $known, PHP_INT_MAX) as $number => $row) {
            $rows[] =
                $row instanceof Phrase ? throw InputRefused::because([new Violation("row {$number}", 'not_allowed', null, $row)]) : $row;
        }

        return $rows;
    }

    /**
     * The same, but a row that does not fit the header is a phrase in its place, so that all errors of a file are found at once.
     *
     * @param  list<string>  $known  the columns there may be
     * @return array<int, array<string, string>|Phrase> by row as a spreadsheet counts it: the header is row 1
     *
     * @throws InputRefused if it is no UTF-8, a column is unknown, or there are too many rows
     */
    public static function lines(string $text, array $known, int $most): array
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InputRefused::one('file', 'wrong_type', null, 'utf8_table');
        }
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = strtok($text, "\r\n");
        $separator = is_string($first) && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $file = self::memory($text);
        $header = self::header(fgetcsv($file, separator: $separator, escape: '') ?: [], $known);
        $rows = [];
        for ($number = 2; ($cells = fgetcsv($file, separator: $separator, escape: '')) !== false; $number++) {
            if ($cells === [null]) {
                continue;
            }
            $rows[$number] =
                count($cells) === count($header)
                    ? array_combine($header, array_map(static fn (?string $cell): string => self::plain((string) $cell), $cells))
                    : new Phrase('error.row_cells', ['cells' => count($cells), 'header' => count($header)]);
            if (count($rows) > $most) {
                throw InputRefused::one('file', 'out_of_range', count($rows), 'table_up_to', ['rows' => $most]);
            }
        }

        return $rows;
    }

    private static function defused(string $cell): string
    {
        return $cell !== '' &&
            (str_contains(self::RUNS, $cell[0]) || ($cell[0] === "'" && isset($cell[1]) && str_contains(self::RUNS, $cell[1])))
            ? "'{$cell}"
            : $cell;
    }

    /** As it was before it was defused. */
    private static function plain(string $cell): string
    {
        return preg_match('/^\'+['.preg_quote(self::RUNS, '/').']/', $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /**
     * @param  array<int, string|null>  $cells
     * @param  list<string>  $known
     * @return list<string>
     */
    private static function header(array $cells, array $known): array
    {
        $header = array_map(static fn (mixed $cell): string => trim((string) $cell), array_values($cells));
        $unknown = array_values(array_diff($header, $known));
        if ($header === [''] || $header === [] || $unknown !== []) {
            throw InputRefused::one('header', 'not_allowed', implode(', ', $unknown), 'columns', ['columns' => implode(', ', $known)]);
        }
        if (count(array_unique($header)) !== count($header)) {
            throw InputRefused::one('header', 'conflict', implode(', ', $header), 'columns_once');
        }

        return $header;
    }

    /** @return resource */
    private static function memory(string $text)
    {
        $file = fopen('php://temp', 'r+');
        if ($file === false) {
            throw new RuntimeException('No memory for a table.');
        }
        fwrite($file, $text);
        rewind($file);

        return $file;
    }
}
