<?php

declare(strict_types=1);

namespace App\Services;

use Nessmark\Meat\Filling;

/** Draws the cut face for the printed card: strips for a slab, rings for a round piece, a bird with its cavity, a fish as an oval. */
final readonly class SliceSvg
{
    private const WIDTH = 150.0;

    private const HEIGHT = 104.0;

    /** A round fish is so many times as wide as it is high. */
    private const SLIM = 0.58;

    private const PAPER = '#ffffff';

    private const FILLED = 'fill="#e2c48a" fill-opacity="0.6" stroke="#5d4a22" stroke-dasharray="3 3"';

    public function __construct(private Palette $palette) {}

    /** @param  array{shape: string, form?: string, across_mm: float, tissue: string, peaks_c: list<array{float, float}>}  $section */
    public function draw(array $section): string
    {
        $form = $section['form'] ?? 'plain'; // older engines did not say
        $isSlab = $section['shape'] === 'slab';
        $face = $isSlab ? $this->strips($section) : $this->rings($section, $form === 'fish' ? self::SLIM : 1.0);
        $marks = $face.self::over($form, $isSlab);

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
    private function rings(array $section, float $slim): string
    {
        $perMm = self::HEIGHT / $section['across_mm'];
        $marks = '';
        foreach (array_reverse($section['peaks_c']) as [$depthMm, $celsius]) {
            $marks .= sprintf(
                '<ellipse cx="%.1f" cy="%.1f" rx="%.2f" ry="%.2f" fill="%s"/>',
                self::WIDTH / 2.0,
                self::HEIGHT / 2.0,
                $slim * max(0.5, $depthMm * $perMm),
                max(0.5, $depthMm * $perMm),
                $this->palette->colour($section['tissue'], $celsius),
            );
        }

        return $marks;
    }

    /** Keel and cavity of a bird, backbone of a fish, what is filled in. */
    private static function over(string $form, bool $isSlab): string
    {
        [$w, $h, $paper] = [self::WIDTH, self::HEIGHT, self::PAPER];

        return match (true) {
            $form === 'bird' => sprintf(
                '<ellipse cx="%1$.1f" cy="%2$.1f" rx="%3$.1f" ry="%4$.1f" fill="%7$s"/>'.
                    '<line x1="%1$.1f" x2="%1$.1f" y1="%5$.1f" y2="%6$.1f" stroke="%7$s" stroke-width="3"/>',
                $w / 2.0, 0.72 * $h, 0.24 * $h, 0.18 * $h, 0.1 * $h, 0.54 * $h, $paper,
            ),
            $form === 'fish' && $isSlab => sprintf(
                '<path fill="%3$s" fill-rule="evenodd" d="M0 0H%1$.1fV%2$.1fH0Z'.
                                    'M0 %4$.1fA%5$.1f %4$.1f 0 0 0 %1$.1f %4$.1fA%5$.1f %4$.1f 0 0 0 0 %4$.1fZ"/>'.
                                    '<line x1="%6$.1f" x2="%7$.1f" y1="%4$.1f" y2="%4$.1f" stroke="%3$s" stroke-width="3"/>',
                $w, $h, $paper, $h / 2.0, $w / 2.0, 0.12 * $w, 0.88 * $w,
            ),
            $form === 'fish' => sprintf(
                '<ellipse cx="%1$.1f" cy="%2$.1f" rx="%3$.1f" ry="%4$.1f" fill="%6$s"/><circle cx="%1$.1f" cy="%5$.1f" r="4" fill="%6$s"/>',
                $w / 2.0, 0.83 * $h, 0.08 * $h, 0.11 * $h, $h / 2.0, $paper,
            ),
            $form === 'filled' && $isSlab => sprintf(
                '<rect x="0" y="%2$.1f" width="%1$.1f" height="%3$.1f" %4$s/>',
                $w, 0.5 * (1.0 - Filling::SHARE) * $h, Filling::SHARE * $h, self::FILLED,
            ),
            $form === 'filled' => sprintf(
                '<circle cx="%1$.1f" cy="%2$.1f" r="%3$.1f" %4$s/>', $w / 2.0, $h / 2.0, 0.5 * Filling::SHARE * $h, self::FILLED,
            ),
            default => '',
        };
    }
}
