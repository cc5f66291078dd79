<?php

declare(strict_types=1);

namespace App\Services;

/** Draws the cut face for the printed card: strips for a slab, rings for a round piece. */
final readonly class SliceSvg
{
    private const WIDTH = 150.0;

    private const HEIGHT = 104.0;

    public function __construct(private Palette $palette) {}

    /** @param  array{shape: string, across_mm: float, tissue: string, peaks_c: list<array{float, float}>}  $section */
    public function draw(array $section): string
    {
        $marks = $section['shape'] === 'slab' ? $this->strips($section) : $this->rings($section);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.0f" height="%2$.0f" viewBox="0 0 %1$.0f %2$.0f">%3$s</svg>',
            self::WIDTH,
            self::HEIGHT,
            $marks,
        );
    }

    /** @param  array{across_mm: float, tissue: string, peaks_c: list<array{float, float}>}  $section */
    private function strips(array $section): string
    {
        $perMm = self::HEIGHT / $section['across_mm'];
        $marks = '';
        $peaks = $section['peaks_c'];
        for ($i = 0; $i < count($peaks) - 1; $i++) {
            $marks .= sprintf(
                '<rect x="0" y="%.2f" width="%.0f" height="%.2f" fill="%s"/>',
                $peaks[$i][0] * $perMm,
                self::WIDTH,
                ($peaks[$i + 1][0] - $peaks[$i][0]) * $perMm + 0.3,
                $this->palette->colour($section['tissue'], ($peaks[$i][1] + $peaks[$i + 1][1]) / 2.0),
            );
        }

        return $marks;
    }

    /** @param  array{across_mm: float, tissue: string, peaks_c: list<array{float, float}>}  $section */
    private function rings(array $section): string
    {
        $perMm = self::HEIGHT / $section['across_mm'];
        $marks = '';
        foreach (array_reverse($section['peaks_c']) as [$depthMm, $celsius]) {
            $marks .= sprintf(
                '<circle cx="%.1f" cy="%.1f" r="%.2f" fill="%s"/>',
                self::WIDTH / 2.0,
                self::HEIGHT / 2.0,
                max(0.5, $depthMm * $perMm),
                $this->palette->colour($section['tissue'], $celsius),
            );
        }

        return $marks;
    }
}
