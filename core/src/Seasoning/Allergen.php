<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Safety\Profile;

/**
 * The fourteen of Regulation (EU) 1169/2011 annex II; nine of them are the major ones of the United States (FALCPA 2004, FASTER Act
 * 2021).
 */
enum Allergen: string
{
    case Gluten = 'gluten';
    case Crustaceans = 'crustaceans';
    case Eggs = 'eggs';
    case Fish = 'fish';
    case Peanuts = 'peanuts';
    case Soya = 'soya';
    case Milk = 'milk';
    case Nuts = 'nuts';
    case Celery = 'celery';
    case Mustard = 'mustard';
    case Sesame = 'sesame';
    case Sulphites = 'sulphites';
    case Lupin = 'lupin';
    case Molluscs = 'molluscs';

    /**
     * @param  list<self>  $allergens
     * @return list<string>
     */
    public static function names(array $allergens): array
    {
        return array_map(static fn (self $each): string => $each->value, $allergens);
    }

    /** Gluten stands for wheat there: any cereal that has it is named, which can only be the stricter. */
    public function isMajorIn(Profile $profile): bool
    {
        return $profile !== Profile::Us ||
            ! in_array($this, [self::Celery, self::Mustard, self::Sulphites, self::Lupin, self::Molluscs], true);
    }
}
