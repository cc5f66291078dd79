<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\Composition;
use Nessmark\Heat\ConstantMaterial;
use Nessmark\Heat\Face;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Meat\FoodClass;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\HoldPoint;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What is commonly misread, or differs between sources that look alike. Published sources from memory. */
final class TrapsTest extends TestCase
{
    public function test_145_fahrenheit_is_medium_rare_on_the_official_card_and_medium_in_the_kitchen(): void
    {
        $table = DonenessTable::from(DataFolder::shipped());
        $official = $table->word('red_meat', Scale::Official, 'medium_rare');
        $kitchen = $table->word('red_meat', Scale::Kitchen, 'medium_rare');

        self::assertEqualsWithDelta(Temperature::ofFahrenheit(145.0)->toCelsius(), $official?->targetC, 0.3, 'USDA FSIS label terms');
        self::assertLessThan(58.0, $kitchen?->targetC);
        $shown = Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'schools' => ['doneness_words' => 'official'],
            'diners' => [['count' => 1, 'doneness' => 'medium_rare']],
        ])['target'];
        self::assertSame('official', $shown['scale'], 'never a word without its scale');
    }

    public function test_what_63_degrees_is_worth_hangs_on_the_class_of_food(): void
    {
        $holds = static fn (FoodClass $class): array => array_values(
            array_map(
                static fn (HoldPoint $point): float => $point->holdS,
                array_filter(
                    self::rules()->rule(new Standard(), $class)->points(),
                    static fn (HoldPoint $point): bool => $point->coreC > 62.5 && $point->coreC < 63.5,
                ),
            ),
        );

        // The consumer's chart: three minutes' rest. Needled meat: three minutes at heat. Mince: no such line at all.
        self::assertSame(180.0, min($holds(FoodClass::WholeMuscle)));
        self::assertSame([180.0], $holds(FoodClass::NonIntact));
        self::assertSame([], $holds(FoodClass::Minced));
    }

    public function test_the_roast_table_is_for_whole_roasts_only(): void
    {
        foreach (FoodClass::cases() as $class) {
            $coolestC = min(
                array_map(static fn (HoldPoint $point): float => $point->coreC, self::rules()->rule(new Standard(), $class)->points()),
            );
            self::assertSame(in_array($class, [FoodClass::WholeMuscle, FoodClass::Pork], true), $coolestC < 60.0, $class->value);
        }
    }

    public function test_at_158_fahrenheit_the_table_prints_nothing_to_hold_and_the_law_still_some_seconds(): void
    {
        $set = self::rules()->lethality();
        $celsius = Temperature::ofFahrenheit(158.0)->toCelsius();
        $bySetS = 6.5 * $set['d_ref_s'] * 10.0 ** (($set['t_ref_c'] - $celsius) / $set['z_k']);
        $printedS = min(
            array_map(
                static fn (HoldPoint $point): float => $point->coreC >= $celsius - 0.01 ? $point->holdS : INF,
                self::rules()->rule(new Standard(), FoodClass::WholeMuscle)->points(),
            ),
        );

        self::assertSame(0.0, $printedS, 'the printed point decides');
        self::assertEqualsWithDelta(10.6, $bySetS, 0.3);
    }

    public function test_british_and_american_rules_are_never_converted_into_each_other(): void
    {
        foreach (FoodClass::cases() as $class) {
            foreach (Profile::cases() as $profile) {
                $sources = array_map(
                    static fn (HoldPoint $point): string => $point->source,
                    self::rules()->rule(new Standard($profile), $class)->points(),
                );
                self::assertNotContains($profile === Profile::Us ? 'fsa-70-2' : 'food-code-roast', $sources);
            }
        }
    }

    public function test_wild_game_is_not_farmed_game(): void
    {
        // FDA Food Code 3-401.11: 74 °C for wild, inspected game; farmed as the meat it is.
        self::assertGreaterThan(
            self::rules()->rule(new Standard(), FoodClass::FarmedGame)->officialC,
            self::rules()->rule(new Standard(), FoodClass::WildGame)->officialC,
        );
        self::assertSame(FoodClass::WildGame, Counter::open()->catalogue->cut('roe-saddle')->foodClass);
        self::assertSame(FoodClass::FarmedGame, Counter::open()->catalogue->cut('venison-loin-steak')->foodClass);
    }

    public function test_a_log_reduction_never_stands_without_its_organism_d_and_z(): void
    {
        $shown = Counter::open()->ticket(['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30])['log_reduction'];

        self::assertSame(['organism', 'core', 'd_ref_s', 't_ref_c', 'z_k'], array_keys($shown));
        // D at 60 °C is 1.71 min in Appendix A's law and about 5 min in Juneja (2001): three times as many logs, or a third.
        self::assertEqualsWithDelta(1.71, $shown['d_ref_s'] / 60.0, 0.01);
    }

    public function test_the_water_line_of_the_property_table_is_4_18_and_not_4_13(): void
    {
        $specificHeat = ChoiOkos::specificHeatJKgK(Composition::ofMassFractions(['water' => 1.0]), 20.0);

        self::assertEqualsWithDelta(4180.0, $specificHeat, 0.005 * 4180.0, 'steam tables');
    }

    public function test_the_length_of_a_slab_is_half_its_thickness(): void
    {
        // One-term chart: θ = C·exp(−ζ²·Fo) with Bi = h·(L/2)/k = 95·0.0125/0.48 = 2.474, ζ = 1.139, C = 1.202 (Incropera, interpolated).
        $simulator = new Simulator(Body::slab(Length::ofMillimetres(25.0)), new ConstantMaterial(0.48, 1000.0, 3400.0));
        $bath = Face::surrounding(95.0, 60.0);
        $coreC = $simulator->coreC($simulator->runStage($simulator->start(5.0), new Stage('bath', $bath, $bath, 1800.0))->end);
        $fo = ((0.48 / 3.4e6) * 1800.0) / 0.0125 ** 2;

        self::assertEqualsWithDelta(60.0 - 55.0 * 1.202 * exp(-(1.139 ** 2) * $fo), $coreC, 0.5);
    }

    private static function rules(): SafetyRules
    {
        return SafetyRules::from(DataFolder::shipped());
    }
}
