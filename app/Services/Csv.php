<?php

declare(strict_types=1);

namespace App\Services;

use Nessmark\Errors\InputRefused;

/** Tables as text: commas, quotes, UTF-8 with or without its mark, one header line. */
final class Csv
{
    /**
     * @param  list<string>  $header
     * @param  iterable<list<string>>  $rows
     */
    public static function write(array $header, iterable $rows): string
    {
        $file = self::memory();
        fputcsv($file, $header, escape: '');
        foreach ($rows as $row) {
            fputcsv($file, $row, escape: '');
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
        $file = self::memory();
        fwrite($file, (string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        rewind($file);
        $header = self::header(fgetcsv($file, escape: '') ?: [], $known);
        $rows = [];
        while (($cells = fgetcsv($file, escape: '')) !== false) {
            if ($cells === [null]) {
                continue;
            }
            if (count($cells) !== count($header)) {
                throw InputRefused::one('row '.(count($rows) + 1), 'not_allowed', count($cells), count($header).' cells, as the header has');
            }
            $rows[] = array_combine($header, array_map(strval(...), $cells));
        }

        return $rows;
    }

    /**
     * The same, but a row that does not fit the header is a sentence in its place, so that all errors of a file are found at once.
     *
     * @param  list<string>  $known  the columns there may be
     * @return list<array<string, string>|string>
     *
     * @throws InputRefused if a column is unknown, or there are too many rows
     */
    public static function lines(string $text, array $known, int $most): array
    {
        $file = self::memory();
        fwrite($file, (string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        rewind($file);
        $header = self::header(fgetcsv($file, escape: '') ?: [], $known);
        $rows = [];
        while (($cells = fgetcsv($file, escape: '')) !== false) {
            if ($cells === [null]) {
                continue;
            }
            $rows[] = count($cells) === count($header)
                ? array_combine($header, array_map(strval(...), $cells))
                : count($cells).' cells; the header has '.count($header).'.';
            if (count($rows) > $most) {
                throw InputRefused::one('file', 'out_of_range', count($rows), "a table of up to {$most} rows");
            }
        }

        return $rows;
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
            throw InputRefused::one('header', 'not_allowed', implode(', ', $unknown), 'the columns '.implode(', ', $known));
        }

        return $header;
    }

    /** @return resource */
    private static function memory()
    {
        $file = fopen('php://temp', 'r+');

        return $file !== false ? $file : throw new \RuntimeException('No memory for a table.');
    }
}
