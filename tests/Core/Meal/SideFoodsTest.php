<?php

declare(strict_types=1);

namespace Tests\Core\Meal;

use Nessmark\Contract\MealReader;
use Nessmark\Data\DataFolder;
use Nessmark\House\HouseRules;
use Nessmark\Meal\Sides;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What a side holds is known from what it is made of, and it is not for whoever goes without that. */
final class SideFoodsTest extends TestCase
{
    public function test_what_somebody_of_any_dish_goes_without_is_of_the_table(): void
    {
        $asks = [
            ['cut' => 'lamb-rump', 'diners' => [['count' => 2, 'avoid' => ['mustard']]]],
            ['cut' => 'cod-loin', 'diners' => [['count' => 1], ['count' => 1, 'avoid' => ['milk']]]],
        ];
        $meal = (new MealReader(Counter::open()->reader))->read($asks, [null, null], new HouseRules(), null);

        self::assertSame(['mustard', 'milk'], $meal->avoids());
    }

    #[TestWith(['bread-dumplings', 'gluten', true])]
    #[TestWith(['stuffing-tray', 'celery', true])]
    #[TestWith(['potato-salad', 'celery', true])]
    #[TestWith(['pickled-onions', 'sulphites', true])] // vinegar
    #[TestWith(['lentils', 'wheat', true])] // a label may warn of it: a doubt counts as a yes
    #[TestWith(['pickled-onions', 'onions', true])] // by its name, not by an allergen
    #[TestWith(['fries', 'pork', true])] // in lard, for all anybody knows
    #[TestWith(['rice', 'gluten', false])]
    #[TestWith(['corn-pot', 'milk', false])]
    public function test_a_side_is_not_for_who_goes_without_what_is_in_it(string $slug, string $word, bool $isSaid): void
    {
        $sides = Sides::from(DataFolder::shipped());
        $side = $sides->side($slug);
        self::assertNotNull($side);

        self::assertSame($isSaid, $sides->notFor($side, ['rosemary', $word]) !== null);
        self::assertSame($isSaid ? $word : null, $sides->notFor($side, ['rosemary', $word])->args['food'] ?? null);
    }
}
