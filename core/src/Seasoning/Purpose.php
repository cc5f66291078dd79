<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Say\Phrase;

/** What a seasoning is for, read off what it is made of: fat, thickness, heat. Common practice, no source. */
final readonly class Purpose
{
    private const RICH_FROM = 0.3;

    private const SHARP_FROM = 0.01;

    /** Less than this of a seasoning does not taste, kg/kg. */
    private const TASTES_FROM = 0.01;

    private function __construct() {}

    /** @return list<Phrase> */
    public static function of(Seasoning $of): array
    {
        return array_values(
            array_filter([
                match (true) {
                    $of->kind->isSaltOnly(), $of->kind === Kind::FinishingSalt => new Phrase('season_for.marbled'),
                    $of->fat() >= self::RICH_FROM => new Phrase('season_for.lean'),
                    $of->acid() >= self::SHARP_FROM => new Phrase('season_for.fat'),
                    default => null,
                },
                match (true) {
                    $of->kind === Kind::DryBrine, $of->kind === Kind::WetBrine => new Phrase('season_for.thick'),
                    $of->kind === Kind::AcidMarinade, $of->kind === Kind::EnzymeMarinade => new Phrase('season_for.thin'),
                    $of->kind === Kind::Glaze => new Phrase('season_for.film'),
                    default => null,
                },
                self::heat($of),
                $of->strength === 3 ? new Phrase('season_for.plain') : null,
            ]),
        );
    }

    /** What in it burns first, where it meets the fire; the fire of each dish is computed on its ticket. */
    private static function heat(Seasoning $of): ?Phrase
    {
        if (! $of->kind->moment()->meetsTheFire()) {
            return null;
        }
        $first = self::burnsFirst($of);

        return $first === null
            ? new Phrase('season_for.any_heat')
            : new Phrase('season_for.heat', ['ingredient' => $first->name, 'at_c' => (float) $first->scorchAtC]);
    }

    private static function burnsFirst(Seasoning $of): ?Ingredient
    {
        $first = null;
        foreach ($of->amounts as $amount) {
            $atC = $amount->ingredient->scorchAtC;
            if ($amount->share >= self::TASTES_FROM && $atC !== null && $atC < ($first->scorchAtC ?? INF)) {
                $first = $amount->ingredient;
            }
        }

        return $first;
    }
}
