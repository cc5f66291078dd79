<?php

declare(strict_types=1);

namespace App\Services;

/** The colours the slice is drawn in, by tissue and temperature. The interface reads the same file. */
final readonly class Palette
{
    /** @param  array<string, list<array{from_c: float, colour: string}>>  $stops */
    private function __construct(private array $stops) {}

    public static function fromFile(string $path): self
    {
        /** @var array<string, list<array{from_c: float, colour: string}>> $stops */
        $stops = json_decode((string) file_get_contents($path), true);

        return new self($stops);
    }

    public function colour(string $tissue, float $celsius): string
    {
        $stops = $this->stops[$tissue];
        $before = $stops[0];
        foreach ($stops as $stop) {
            if ($celsius < $stop['from_c']) {
                $share =
                    $stop['from_c'] === $before['from_c']
                        ? 0.0
                        : max(0.0, ($celsius - $before['from_c']) / ($stop['from_c'] - $before['from_c']));

                return self::mix($before['colour'], $stop['colour'], $share);
            }
            $before = $stop;
        }

        return $before['colour'];
    }

    private static function mix(string $from, string $to, float $share): string
    {
        $mixed = '#';
        foreach ([1, 3, 5] as $at) {
            $a = (int) hexdec(substr($from, $at, 2));
            $b = (int) hexdec(substr($to, $at, 2));
            $mixed .= sprintf('%02x', (int) round($a + ($b - $a) * $share));
        }

        return $mixed;
    }
}
