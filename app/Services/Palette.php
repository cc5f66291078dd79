<?php

declare(strict_types=1);

namespace App\Services;

/** The colours the slice is drawn in, by tissue and temperature. The interface reads the same file. */
final readonly class Palette
{
    /** @param array<string, list<array{float, string}>> $stops */
    private function __construct(private array $stops) {}

    public static function fromFile(string $path): self
    {
        /** @var array<string, list<array{float, string}>> $stops */
        $stops = json_decode((string) file_get_contents($path), true);

        return new self($stops);
    }

    public function colour(string $tissue, float $celsius): string
    {
        $stops = $this->stops[$tissue];
        $before = $stops[0];
        foreach ($stops as $stop) {
            if ($celsius < $stop[0]) {
                $share = $stop[0] === $before[0] ? 0.0 : max(0.0, ($celsius - $before[0]) / ($stop[0] - $before[0]));

                return self::mix($before[1], $stop[1], $share);
            }
            $before = $stop;
        }

        return $before[1];
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
