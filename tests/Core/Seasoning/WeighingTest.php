<?php

declare(strict_types=1);

namespace Tests\Core\Seasoning;

use LogicException;
use Nessmark\Data\DataFolder;
use Nessmark\Quantity\Mass;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Brine;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\SaltLine;
use Nessmark\Seasoning\Seasoning;
use Nessmark\Seasoning\Shelf;
use Nessmark\Seasoning\Spoons;
use Nessmark\Seasoning\SpoonUnit;
use Nessmark\Seasoning\Weighed;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Sums a counter does by hand: mass balances, worked once more here. */
final class WeighingTest extends TestCase
{
    public function test_equilibrium_brines_by_both_conventions(): void
    {
        $kilo = Mass::ofGrams(1000.0);

        self::assertEqualsWithDelta(20.202, Brine::saltForAllMass($kilo, $kilo, 0.01)->toGrams(), 0.0005);
        self::assertEqualsWithDelta(20.0, Brine::saltIgnoringItself($kilo, $kilo, 0.01)->toGrams(), 1e-9);
        self::assertEqualsWithDelta(12.0968, Brine::saltForAllMass($kilo, Mass::ofGrams(500.0), 0.008)->toGrams(), 0.00005);
        self::assertEqualsWithDelta(17.3737, Brine::saltForWaterPhase($kilo, 0.72, $kilo, 0.01)->toGrams(), 0.00005);
        self::assertEqualsWithDelta(200.0, Brine::brineNeeded($kilo, 0.06, 0.01)->toGrams(), 1e-9);
        self::assertEqualsWithDelta(0.016393, Brine::waterPhaseShare(1.2, 72.0), 5e-7);
    }

    public function test_sodium_is_worked_out_of_salt(): void
    {
        self::assertEqualsWithDelta(22.98977 / (22.98977 + 35.453), Seasoning::SODIUM_OF_SALT, 5e-6); // IUPAC atomic masses
        self::assertEqualsWithDelta(393.4, (new SaltLine('beside', 1.0))->sodiumMg(), 0.05);
        self::assertEqualsWithDelta(453.4, 60.0 + (new SaltLine('beside', 1.0))->sodiumMg(), 0.05); // 100 g of meat at 1 %
        self::assertEqualsWithDelta(2.5, 1.0 / Seasoning::SODIUM_OF_SALT, 0.05); // Regulation (EU) 1169/2011: salt is sodium × 2.5
    }

    /** 9 CFR 424.21(c): a quarter ounce of nitrite to 100 pounds; 6.25 % in curing salt no. 1. */
    public function test_curing_salt_is_weighed_inside_the_limits(): void
    {
        self::assertEqualsWithDelta(2.496, Cure::saltFor(Mass::ofGrams(1000.0), 156.0, 0.0625)->toGrams(), 1e-9);
        self::assertEqualsWithDelta(156.25, (1e6 * 0.25) / (16.0 * 100.0), 1e-9);
        self::assertEqualsWithDelta(625.0, (1e6 * 1.0) / (16.0 * 100.0), 1e-9);
        self::assertEqualsWithDelta(46.0055 / 68.9953, Cure::ION_SHARE, 5e-5);
        $cure = Cure::from(DataFolder::shipped());
        self::assertSame(
            [156.0, 200.0, 120.0, 625.0],
            array_map(static fn (string $use): float => $cure->mostPpm(Profile::Us, $use), ['minced', 'immersed', 'bacon', 'dry_cured']),
        );
        // 80 mg of nitrite ion a kilo, as sodium nitrite
        self::assertEqualsWithDelta(80.0 / Cure::ION_SHARE, $cure->mostPpm(Profile::Eu, 'minced'), 0.01);
        self::assertSame(150.0, $cure->mostPpm(Profile::Uk, 'bacon'));
    }

    /** NaCl tables and practice, from memory: a United States teaspoon of 4.93 mL. */
    #[TestWith(['fine_salt', 6.0])]
    #[TestWith(['flake_salt', 2.8])]
    #[TestWith(['coarse_salt', 4.8])]
    public function test_salts_by_the_spoon(string $salt, float $grams): void
    {
        $ingredient = Shelf::from(DataFolder::shipped())->ingredient($salt) ?? self::fail($salt);
        $spoons = Spoons::of(Mass::ofGrams($grams), $ingredient);

        self::assertEqualsWithDelta($grams, $ingredient->gPerMl * Spoons::TEASPOON_ML, 0.01);
        self::assertSame([1.0, SpoonUnit::Teaspoon], [$spoons->count, $spoons->unit]);
        self::assertSame(
            [1.0, SpoonUnit::Tablespoon],
            [($three = Spoons::of(Mass::ofGrams(3.0 * $grams), $ingredient))->count, $three->unit],
        );
    }

    public function test_curing_salt_is_never_measured_by_the_spoon(): void
    {
        $cure = Shelf::from(DataFolder::shipped())->ingredient('nitrite_salt_us') ?? self::fail();
        self::assertNull(Weighed::amount($cure, 2.5, null)->spoons);

        $this->expectException(LogicException::class);
        Spoons::of(Mass::ofGrams(2.5), $cure);
    }

    public function test_everything_grows_with_the_meat(): void
    {
        foreach (Shelf::from(DataFolder::shipped())->all() as $seasoning) {
            $one = Weighed::totalG($seasoning, 1000.0, 1.0);
            self::assertEqualsWithDelta(6.0 * $one, Weighed::totalG($seasoning, 6000.0, 1.0), 1e-9 * $one, $seasoning->slug);
            self::assertEqualsWithDelta(
                1.0,
                array_sum(array_map(static fn ($amount): float => $amount->share, $seasoning->amounts)),
                1e-9,
            );
        }
    }

    public function test_the_salt_of_an_equilibrium_brine_is_worked_out_for_its_meat(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        $amounts = Weighed::amounts($shelf->seasoning('brine-poultry'), 1000.0, 1600.0, $shelf->salt());

        self::assertSame('fine salt', $amounts[count($amounts) - 1]->name);
        self::assertSame(round((0.009 * 2600.0) / 0.991), $amounts[count($amounts) - 1]->g);
    }

    /** Common practice, no source. */
    public function test_customary_amounts(): void
    {
        $shelf = Shelf::from(DataFolder::shipped());
        // 45 g of salt on 4 kg overnight is 1.1 % of the meat
        self::assertEqualsWithDelta(45.0, Weighed::totalG($shelf->seasoning('salt-plain'), 4000.0, 1.125), 0.01);
        foreach ($shelf->all() as $seasoning) {
            if ($seasoning->kind->family() === 'butter') {
                $of450 = Weighed::totalG($seasoning, 450.0, 1.0);
                self::assertTrue($of450 >= 9.5 && $of450 <= 15.0, "{$seasoning->slug}: {$of450} g on 450 g"); // 10 to 15 g
            }
        }
        // salty, sweet and mustard at 15 g each in 70 to 100 g of oil: far more than two steaks of 225 g take
        $film = Weighed::totalG($shelf->seasoning('glaze-thin-steak'), 450.0, 1.0);
        self::assertLessThan(0.15 * (3.0 * 15.0 + 70.0), $film);
    }
}
