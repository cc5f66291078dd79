<?php

declare(strict_types=1);

namespace App\Services;

/** Draws a step of carving: meat and bone as areas, the grain as thin lines, the knife dashed. The interface draws it alike. */
final readonly class CarvingSvg
{
    /** The frame is the same for every piece. */
    private const WIDE = 200.0;

    private const HIGH = 110.0;

    /** Room around it for the knife to come from. */
    private const MARGIN = 12.0;

    private const STYLE = [
        'meat' => 'fill="#e9b9b4" stroke="#141c1b" stroke-width="1"',
        'bone' => 'fill="#fbf8ee" stroke="#141c1b" stroke-width="1"',
        'grain' => 'fill="none" stroke="#8d5a55" stroke-width="1"',
        'cut' => 'fill="none" stroke="#141c1b" stroke-width="2" stroke-dasharray="6 3"',
    ];

    /**
     * @param  array{width: float|int, height: float|int, lines: list<array{of: string, is_closed: bool,
     *     points: list<array{float|int, float|int}>}>}  $drawing
     */
    public function draw(array $drawing): string
    {
        $scale = min((self::WIDE - 2.0 * self::MARGIN) / $drawing['width'], (self::HIGH - 2.0 * self::MARGIN) / $drawing['height']);
        [$left, $top] = [0.5 * (self::WIDE - $scale * $drawing['width']), 0.5 * (self::HIGH - $scale * $drawing['height'])];
        $marks = '';
        foreach ($drawing['lines'] as $line) {
            $points = implode(
                ' ',
                array_map(
                    static fn (array $at): string => sprintf('%.1f,%.1f', $left + $scale * $at[0], $top + $scale * $at[1]),
                    $line['points'],
                ),
            );
            $shape = $line['is_closed'] ? 'polygon' : 'polyline';
            $style = self::STYLE[$line['of']] ?? self::STYLE['grain'];
            $marks .= "<{$shape} points=\"{$points}\" {$style}/>";
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.0f" height="%2$.0f" viewBox="0 0 %1$.0f %2$.0f">%3$s</svg>',
            self::WIDE,
            self::HIGH,
            $marks,
        );
    }
}
