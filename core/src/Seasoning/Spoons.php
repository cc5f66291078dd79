<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use LogicException;
use Nessmark\Quantity\Mass;

/** A weight as a kitchen without a scale measures it. */
final readonly class Spoons
{
    /** United States customary teaspoon: 1/768 of a gallon of 231 cubic inches, mL. */
    public const TEASPOON_ML = 4.92892159375;

    private const TEASPOONS_TO_TABLESPOON = 3.0;

    private const MOST_TABLESPOONS = 6.0;

    /** @param  float  $count  in quarters; of mL, whole ones to the nearest five */
    private function __construct(public float $count, public SpoonUnit $unit) {}

    /** @throws LogicException for a curing salt: it is weighed on a scale, or not used */
    public static function of(Mass $mass, Ingredient $ingredient): self
    {
        if ($ingredient->isCuring()) {
            throw new LogicException("{$ingredient->name} is weighed, never measured by the spoon.");
        }
        $ml = $mass->toGrams() / $ingredient->gPerMl;
        $teaspoons = $ml / self::TEASPOON_ML;
        $tablespoons = $teaspoons / self::TEASPOONS_TO_TABLESPOON;

        return match (true) {
            $teaspoons < 0.125 => new self(1.0, SpoonUnit::Pinch),
            self::quarters($teaspoons) < self::TEASPOONS_TO_TABLESPOON => new self(
                max(0.25, self::quarters($teaspoons)),
                SpoonUnit::Teaspoon,
            ),
            $tablespoons <= self::MOST_TABLESPOONS => new self(self::quarters($tablespoons), SpoonUnit::Tablespoon),
            default => new self(5.0 * round($ml / 5.0), SpoonUnit::Millilitre),
        };
    }

    private static function quarters(float $count): float
    {
        return round(4.0 * $count) / 4.0;
    }
}
