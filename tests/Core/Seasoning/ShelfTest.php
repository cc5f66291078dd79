<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Group;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Allergen;
use Nessmark\Seasoning\Kind;
use Nessmark\Seasoning\Seasoning;
use Nessmark\Seasoning\Shelf;
use PHPUnit\Framework\TestCase;

/** The shelf as shipped holds together, and nothing an ingredient carries is lost in what is made of it. */
final class ShelfTest extends TestCase
{
    public function test_there_is_something_of_every_sort_and_for_every_meat(): void
    {
        $all = Shelf::from(DataFolder::shipped())->all();

        self::assertGreaterThanOrEqual(80, count($all));
        self::assertSame(count($all), count(array_unique(array_map(static fn (Seasoning $each): string => $each->name, $all))));
        foreach (Kind::cases() as $kind) {
            self::assertNotEmpty(array_filter($all, static fn (Seasoning $each): bool => $each->kind === $kind), $kind->value);
        }
        foreach (Group::cases() as $group) {
            $for = array_filter($all, static fn (Seasoning $each): bool => in_array($group->value, $each->groups, true));
            self::assertGreaterThanOrEqual(5, count($for), $group->value);
        }
    }

    public function test_every_one_is_sane(): void
    {
        $groups = array_column(Group::cases(), 'value');
        foreach (Shelf::from(DataFolder::shipped())->all() as $of) {
            $onKilo = $of->gPerKg * $of->salt();
            self::assertSame([], array_diff($of->groups, $groups), $of->slug);
            self::assertTrue($of->strength >= 1 && $of->strength <= 3, $of->slug);
            self::assertFalse($of->isCuring(), "{$of->slug}: nothing that ships cures");
            self::assertTrue(
                $of->eurPerKg() > 0.0 && ($of->eurPerKg() * $of->gPerKg) / 1000.0 < 12.0,
                "{$of->slug} costs what nobody pays",
            );
            self::assertTrue($of->keepsDays() >= 2 && $of->keepsDays() <= 720, $of->slug);
            self::assertLessThanOrEqual(
                1.0,
                $of->salt() + $of->sugar() + $of->acid() + $of->alcohol() + $of->fat() + $of->water(),
                $of->slug,
            );
            match (true) {
                $of->kind->isBrine() => self::assertTrue($of->targetSaltPct >= 0.5 && $of->targetSaltPct <= 1.2, $of->slug),
                $of->kind === Kind::Dip => self::assertLessThan(0.05, $of->salt(), $of->slug),
                default => self::assertLessThanOrEqual(15.0, $onKilo, "{$of->slug}: {$onKilo} g of salt on a kilo is too much"),
            };
        }
    }

    public function test_allergens_are_those_of_the_annex_and_nine_are_the_united_states_own(): void
    {
        self::assertCount(14, Allergen::cases());
        self::assertCount(9, array_filter(Allergen::cases(), static fn (Allergen $each): bool => $each->isMajorIn(Profile::Us)));
        self::assertFalse(Allergen::Molluscs->isMajorIn(Profile::Us)); // crustaceans only
    }

    public function test_nothing_an_ingredient_carries_is_lost_however_deep_it_lies(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        $inner = self::recipe('inner', [['of' => 'soy_sauce', 'g' => 1.0], ['of' => 'fine_salt', 'g' => 99.0]]);
        $middle = self::recipe('middle', [['of' => 'inner', 'g' => 1.0], ['of' => 'butter', 'g' => 99.0]]);
        $outer = self::recipe('outer', [['of' => 'middle', 'g' => 2.0], ['of' => 'water', 'g' => 98.0]]);
        $seasoning = $shelf->with([$outer, $middle, $inner])->seasoning('outer');

        self::assertSame([Allergen::Gluten, Allergen::Soya, Allergen::Milk], $seasoning->allergens()); // at two in a million
        self::assertEqualsWithDelta(0.02 * 0.01 * (0.01 * 0.145 + 0.99), $seasoning->salt(), 1e-9);
        self::assertTrue($seasoning->has('soy'));
        self::assertTrue($shelf->with([$outer, $middle, $inner])->isMadeOf('outer', 'inner'));
    }

    public function test_nothing_is_made_of_itself(): void
    {
        $this->expectException(LogicException::class);
        Shelf::from(DataFolder::shipped())->with([
            self::recipe('egg', [['of' => 'hen', 'g' => 1.0]]),
            self::recipe('hen', [['of' => 'egg', 'g' => 1.0]]),
        ]);
    }

    /** FDA and extension guidance, from memory: four days in the fridge. */
    public function test_what_is_fresh_under_oil_is_kept_no_longer_than_is_safe(): void
    {
        $oil = self::recipe('oil', [['of' => 'rosemary', 'g' => 10.0], ['of' => 'olive_oil', 'g' => 90.0]], 'board_dressing');
        $seasoning = Shelf::from(DataFolder::shipped())
            ->with([$oil])
            ->seasoning('oil');

        self::assertTrue($seasoning->isFreshInOil());
        self::assertSame(4, $seasoning->keepsDays(), 'rosemary alone keeps a week');
    }

    /** @param  list<array{of: string, g: float}>  $parts */
    private static function recipe(string $slug, array $parts, string $kind = 'rub'): Record
    {
        return new Record(
            ['slug' => $slug, 'name' => $slug, 'kind' => $kind, 'g_per_kg' => 20.0, 'groups' => [], 'strength' => 1, 'parts' => $parts],
            $slug,
        );
    }
}
