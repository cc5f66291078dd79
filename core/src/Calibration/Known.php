<?php

declare(strict_types=1);

namespace Nessmark\Calibration;

use Nessmark\Method\Method;

/** What is known from outside the program of one cook: so many minutes, or so much rise after the pull. */
final readonly class Known
{
    public const MINUTES = 'minutes';

    public const RISE_K = 'rise_k';

    /**
     * @param  string|null  $word  of doneness; null where a core temperature is printed
     * @param  float|null  $heatC  setting of the fire; null for the usual one
     * @param  string  $what  MINUTES or RISE_K
     */
    private function __construct(
        public string $cut,
        public Method $method,
        public ?string $word,
        public ?float $thicknessMm,
        public ?float $pieceG,
        public ?float $heatC,
        public ?float $targetC,
        public float $low,
        public float $high,
        public string $what,
        public string $source,
    ) {}

    /** @return list<self> rows of a CSV file with a header: cut, method, doneness, thickness_mm, piece_g, heat_c, target_c, low, high … */
    public static function inFile(string $path): array
    {
        $lines = file($path, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES);
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), $lines === false ? [] : $lines);
        $number = static fn (?string $text): ?float => $text === null || $text === '' ? null : (float) $text;

        return array_map(
            static fn (array $row): self => new self(
                (string) $row[0],
                Method::from((string) $row[1]),
                (string) $row[2] === '' ? null : (string) $row[2],
                $number($row[3]),
                $number($row[4]),
                $number($row[5]),
                $number($row[6]),
                (float) $row[7],
                (float) $row[8],
                (string) $row[9],
                (string) $row[10],
            ),
            array_slice($rows, 1),
        );
    }

    public function middle(): float
    {
        return sqrt($this->low * $this->high);
    }
}
