<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Safety\Profile;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Allergen;
use Nessmark\Seasoning\Amount;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Purpose;
use Nessmark\Seasoning\Seasoning;
use Nessmark\Seasoning\Shelf;
use Nessmark\Seasoning\Weighed;

/** A seasoning as the shelf shows it: what is in it, what it costs, how it keeps, weighed for so much meat. */
final readonly class SeasoningReport
{
    /** What a level salt rub of a kilo of meat comes to, %: what is only salt is weighed to it. */
    private const USUAL_SALT_PCT = 1.0;

    private function __construct() {}

    /** @return array<string, mixed> one line of the list */
    public static function summary(Seasoning $of, Cure $cure, Profile $profile): array
    {
        return [
            'slug' => $of->slug,
            'name' => $of->name,
            'kind' => $of->kind->value,
            'family' => $of->kind->family(),
            'groups' => $of->groups,
            'strength' => $of->strength,
            'is_own' => $of->isOwn,
            'is_locked' => $cure->isOver($of, $profile),
            'allergens' => Allergen::names($of->allergens()),
            'may_contain' => Allergen::names($of->mayContain()),
            'made_of' => array_map(static fn (Amount $amount): string => $amount->ingredient->name, $of->amounts),
            'keeps_days' => $of->keepsDays(),
            'cost_per_kg_meat' => round(($of->eurPerKg() * $of->gPerKg) / 1000.0, 2),
        ];
    }

    /**
     * @param  float  $meatG  it is weighed for
     * @param  Profile  $profile  by whose limits of nitrite
     * @return array<string, mixed>
     */
    public static function of(Seasoning $of, Shelf $shelf, float $meatG, Cure $cure, Profile $profile): array
    {
        $totalG = Weighed::totalG($of, $meatG, self::USUAL_SALT_PCT);
        $perKgG = Weighed::totalG($of, 1000.0, self::USUAL_SALT_PCT);

        return [
            ...self::summary($of, $cure, $profile),
            'g_per_kg' => round($perKgG, 2),
            'target_salt_pct' => $of->targetSaltPct,
            'price_per_kg' => $of->pricePerKg,
            'parts' => array_map(
                static fn (Amount $amount): array => [
                    'name' => $amount->ingredient->name,
                    'g_per_kg' => round($amount->share * $perKgG, 2),
                ],
                $of->amounts,
            ),
            'recipe' => $of->isOwn ? self::recipe($of->slug, $shelf) : null,
            'per_100g' => [
                'salt_g' => round(100.0 * $of->salt(), 1),
                'sodium_mg' => round(100_000.0 * $of->salt() * Seasoning::SODIUM_OF_SALT),
                'sugar_g' => round(100.0 * $of->sugar(), 1),
                'acid_g' => round(100.0 * $of->acid(), 1),
                'alcohol_g' => round(100.0 * $of->alcohol(), 1),
                'fat_g' => round(100.0 * $of->fat(), 1),
            ],
            'cost_per_kg' => round($of->eurPerKg(), 2),
            'nitrite_ppm' => $of->isCuring() ? round(Cure::ppmOf($of), 1) : null,
            'nitrite_ion_ppm' => $of->isCuring() ? round(Cure::ionPpmOf($of), 1) : null,
            'nitrite_most_ppm' => $of->isCuring() ? $cure->mostPpm($profile, $of->cureUse ?? '') : null,
            'cure_use' => $of->cureUse,
            'is_fresh_in_oil' => $of->isFreshInOil(),
            'why' => array_map(static fn (Phrase $each): array => $each->toArray(), Purpose::of($of)),
            'batch' => [
                'meat_g' => $meatG,
                'total_g' => round($totalG, $of->isCuring() ? 2 : ($totalG < 10.0 ? 1 : 0)),
                'cost' => round(($of->eurPerKg() * $totalG) / 1000.0, 2),
                // what is over the limit is not weighed out
                'amounts' => $cure->isOver($of, $profile)
                    ? []
                    : array_map(Json::of(...), Weighed::amounts($of, $totalG, $meatG, $shelf->salt())),
            ],
        ];
    }

    /** @return array<string, mixed> as it was written */
    private static function recipe(string $slug, Shelf $shelf): array
    {
        $recipe = $shelf->recipe($slug)->toArray();

        /** @var array<string, mixed> $recipe */
        return $recipe;
    }
}
