<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Meat\Form;
use Nessmark\Ticket\BenchSketch;

/** Draws the piece from its form and the figures of its steps; nothing is drawn that is not said. */
final readonly class Sketching
{
    /** More slices than these in a row are no drawing any more. */
    private const MOST_SLICES = 12;

    private function __construct() {}

    /** @param  array<string, array<string, float|int|string>>  $steps  figures by step */
    public static function of(Workpiece $of, array $steps): BenchSketch
    {
        $mm = $of->mm();
        $faceMm = $of->lengthMm();
        $slices = $of->isSliced() ? min(self::MOST_SLICES, max(1, $of->pieces ?? 1)) : 1;
        $isRow = $of->isSliced() && $slices > 1;
        $cap = $of->is(Form::WholeBird, Form::WholeFish, Form::Mince) ? 0.0 : $of->cut->covering->fatCapMm;

        return new BenchSketch(
            match (true) {
                $of->is(Form::WholeBird) => 'bird',
                $of->is(Form::WholeFish) => 'fish',
                $of->is(Form::Mince, Form::Dice, Form::Shellfish) || isset($steps['fists']) => 'heap',
                $isRow => 'slices',
                $of->cut->build->isRound() => 'roll',
                default => 'piece',
            },
            round($isRow ? $slices * $mm : $faceMm, 1),
            round($isRow ? $faceMm : $mm, 1),
            $cap,
            self::figure($steps, 'cap', 'aim_mm') ?? self::figure($steps, 'film', 'film_mm'),
            $isRow ? array_map(static fn (int $i): float => round($i * $mm, 1), range(1, $slices - 1)) : [],
            $of->hasMarks() ? $of->marks : [],
            $of->isBoneIn(),
            self::figure($steps, 'tie', 'every_mm'),
            self::figure($steps, 'score', 'gap_mm') ?? self::figure($steps, 'score_skin', 'gap_mm'),
            isset($steps['fill']) ? $of->fillingG() / max(1.0, $of->eachG()) : null,
        );
    }

    /** @param  array<string, array<string, float|int|string>>  $steps */
    private static function figure(array $steps, string $step, string $name): ?float
    {
        return isset($steps[$step][$name]) ? (float) $steps[$step][$name] : null;
    }
}
