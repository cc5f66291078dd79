<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Data\DataFolder;
use Nessmark\Say\Phrase;
use Nessmark\Seasoning\Cupboard;
use Nessmark\Seasoning\Demand;
use Nessmark\Seasoning\Shelf;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Everything edible that a sentence names is a component with its allergens, or is not said to who goes without it. */
final class EatenTest extends TestCase
{
    #[TestWith([['cut' => 'venison-loin-steak', 'method' => 'pan'], 'milk', 'milk'])]
    #[TestWith([['cut' => 'venison-loin-steak', 'method' => 'pan'], 'butter', 'milk'])]
    #[TestWith([['cut' => 'cod-loin', 'method' => 'deep_fry'], 'gluten', 'gluten'])]
    #[TestWith([['cut' => 'cod-loin', 'method' => 'deep_fry'], 'eggs', 'eggs'])]
    #[TestWith([['cut' => 'beef-cheek', 'method' => 'braise'], 'celery', 'celery'])]
    public function test_nobody_is_given_from_the_cupboard_what_they_go_without(array $ask, string $avoid, string $allergen): void
    {
        $eaters = [['count' => 3], ['count' => 1, 'avoid' => [$avoid]]];
        $bringing = static fn (array $diners): array => array_filter(
            Counter::open()->ticket([...$ask, 'diners' => $diners])['eaten'],
            static fn (array $of): bool => $of['from'] === 'cupboard' &&
                in_array($allergen, [...$of['allergens'], ...$of['may_contain']], true),
        );

        self::assertNotSame([], $bringing([['count' => 4]]), 'it is in it for others, and is declared');
        self::assertSame([], $bringing($eaters), 'one pan, one fat: for all of them');
    }

    public function test_all_that_goes_on_it_is_eaten_and_bought_from_the_same_list(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'venison-loin-steak',
            'method' => 'pan',
            'seasoning' => 'butter-juniper',
            'diners' => [['count' => 3], ['count' => 1, 'avoid' => ['milk']]],
        ]);
        $of = static fn (string $mark): array => array_column(
            array_filter($ticket['eaten'], static fn (array $each): bool => $each['from'] === 'seasoning' && $each['pieces'] === [$mark]),
            'g',
            'food',
        );

        self::assertSame(array_column($ticket['dressing']['amounts'], 'g', 'name'), $of('A'));
        self::assertSame(array_column($ticket['dressing']['apart'][0]['amounts'], 'g', 'name'), $of('B'));
        self::assertSame([], array_diff(array_keys($of('A')), [...$ticket['shopping']['to_get'], ...$ticket['shopping']['in_house']]));
    }

    public function test_a_fat_that_may_be_lard_and_a_batter_that_may_be_of_beer_are_not_for_who_goes_without(): void
    {
        $foods = static fn (array $eater): array => array_column(Counter::open()->ticket([
            'cut' => 'cod-loin', 'method' => 'deep_fry', 'diners' => [['count' => 3], ['count' => 1, ...$eater]],
        ])['eaten'], 'food');

        self::assertContains('cooking fat', $foods([]));
        foreach ([['avoid' => ['pork']], ['diets' => ['halal']], ['diets' => ['kosher']]] as $eater) {
            self::assertNotContains('cooking fat', $foods($eater));
        }
        self::assertNotContains('batter', $foods(['diets' => ['alcohol_free']]));
        $braised = Counter::open()->ticket([
            'cut' => 'beef-cheek', 'method' => 'braise', 'diners' => [['count' => 2, 'diets' => ['halal']]],
        ]);
        self::assertNotContains('stock', array_column($braised['eaten'], 'food'));
    }

    public function test_what_lies_apart_without_it_is_not_weighed_for(): void
    {
        $grams = static fn (array $diners): float => Counter::open()->ticket([
            'cut' => 'venison-loin-steak', 'method' => 'pan', 'seasoning' => 'butter-juniper', 'diners' => $diners,
        ])['dressing']['total_g'];

        self::assertSame($grams([['count' => 3]]), $grams([['count' => 3], ['count' => 1, 'avoid' => ['milk']]]));
    }

    public function test_what_is_said_instead_suits_everybody_too(): void
    {
        $cupboard = Cupboard::from(DataFolder::shipped());
        $said = static fn (array $avoid): string => $cupboard->suited(new Phrase('left.cold'), $avoid)->key;

        self::assertSame('do.prepare_mince_plain', $cupboard->suited(new Phrase('do.prepare_mince'), ['salt'])->key);
        self::assertSame(['left.cold', 'left.cold_salad', 'left.cold_bare'], [$said([]), $said(['gluten']), $said(['gluten', 'lettuce'])]);
    }

    public function test_salt_nobody_weighs_is_said(): void
    {
        $said = static fn (string $method): array => array_column(
            Counter::open()->ticket(['cut' => 'beef-cheek', 'method' => $method])['doubts'],
            'key',
        );

        self::assertContains('doubt.stock_salt', $said('braise'));
        self::assertNotContains('doubt.stock_salt', $said('smoke'));
    }

    public function test_a_crumb_is_kept_apart_for_who_cannot_have_it(): void
    {
        $doubts = static fn (array $eater): array => array_column(
            Counter::open()->ticket(['cut' => 'cod-loin', 'method' => 'deep_fry', 'diners' => [['count' => 3], ['count' => 1, ...$eater]]])[
                'doubts'
            ],
            'key',
        );

        self::assertContains('doubt.apart_flour', $doubts(['diets' => ['gluten_free']]));
        self::assertContains('doubt.apart', $doubts(['avoid' => ['peanuts']]));
        self::assertNotContains('doubt.apart', $doubts(['avoid' => ['rosemary']]), 'a taste, not an allergy');
    }

    public function test_a_seasoning_keeps_no_name_it_does_not_hold(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        $demands = DataFolder::shipped()->read('seasonings/rules.json')->record('demands');
        $peanuts = Demand::of(['peanuts'], $demands);

        self::assertNull($peanuts->swapped($shelf->seasoning('sauce-peanut'), $shelf), 'peanut sauce of sesame is none');
        self::assertNull(Demand::of(['gluten'], $demands)->swapped($shelf->seasoning('stuffing-bread-herb'), $shelf));
        self::assertNotNull(Demand::of(['gluten'], $demands)->swapped($shelf->seasoning('sauce-peanut'), $shelf));
    }
}
