<?php

declare(strict_types=1);

namespace Tests\Core\House;

use Nessmark\Data\DataFolder;
use Nessmark\House\HouseRules;
use Nessmark\Meat\FoodClass;
use Nessmark\Safety\HoldPoint;
use Nessmark\Safety\Level;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRule;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** However a house tightens, no rule ever gets looser than the published one (USDA FSIS, FSA; from memory). */
final class TighteningTest extends TestCase
{
    public function test_no_house_is_looser_than_its_profile(): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());
        foreach (Profile::cases() as $profile) {
            foreach (FoodClass::cases() as $class) {
                $published = $rules->rule(new Standard($profile), $class);
                foreach ([0.0, 40.0, $published->officialC, $published->officialC + 5.0, 90.0] as $ownC) {
                    foreach ([false, true] as $stops) {
                        $own = $rules->rule(new Standard($profile, new Tightening($stops, [$class->value => $ownC])), $class);
                        self::assertGreaterThanOrEqual($published->officialC, $own->officialC);
                        self::assertSame($published->below->orStricter($own->below), $own->below);
                        self::assertGreaterThanOrEqual(self::lowest($published), self::lowest($own));
                        self::assertSame($stops, $stops && $own->below === Level::Stop);
                    }
                }
            }
        }
    }

    public function test_a_higher_minimum_of_the_house_is_aimed_at_and_named_on_the_ticket(): void
    {
        $house = new HouseRules(new Standard(tightening: new Tightening(minimumC: ['poultry' => 78.0])));
        $ask = [
            'cut' => 'chicken-breast',
            'thickness_mm' => 25,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => 'official_minimum']],
        ];
        $ticket = static fn (HouseRules $by): array => Counter::open()->ticket($ask, $by);
        [$published, $own] = [$ticket(new HouseRules()), $ticket($house)];

        self::assertSame([73.9, 78.0], [$published['verdict']['official']['core_c'], $own['verdict']['official']['core_c']]);
        self::assertSame(['clear', 'clear'], [$published['verdict']['level'], $own['verdict']['level']]);
        self::assertGreaterThan($published['time']['likely_s'], $own['time']['likely_s']);
        self::assertGreaterThanOrEqual(78.0, $own['peak_core_c']);
    }

    public function test_a_house_s_minimum_stands_beside_the_printed_table_with_the_hold_that_goes_with_it(): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());
        [$published, $own] = [
            $rules->rule(new Standard(Profile::Uk), FoodClass::Minced),
            $rules->rule(new Standard(Profile::Uk, new Tightening(minimumC: ['minced' => 75.0])), FoodClass::Minced),
        ];

        self::assertSame($published->tables[0], $own->tables[0]);
        self::assertSame(
            [75.0, 120.0],
            [$own->tables[1][0]->coreC, $own->tables[1][0]->holdS],
            'a house minimum without its hold would be looser than 70 °C for two minutes',
        );
    }

    public function test_portions_are_the_house_s_own(): void
    {
        $ask = ['cut' => 'beef-topside', 'method' => 'oven_roast', 'diners' => [['count' => 8]]];
        $raw = static fn (float $portions): float => Counter::open()->ticket($ask, new HouseRules(portions: $portions))['amounts'][
            'raw_g'
        ];

        self::assertSame([1550.0, 1850.0], [$raw(1.0), $raw(1.2)]);
    }

    /** The coolest core that can meet every table of a rule. */
    private static function lowest(SafetyRule $rule): float
    {
        return max(
            array_map(
                static fn (array $points): float => min(array_map(static fn (HoldPoint $point): float => $point->coreC, $points)),
                $rule->tables,
            ),
        );
    }

    public function test_without_its_schools_a_house_keeps_its_portions_and_its_zone(): void
    {
        $house = (new HouseRules(portions: 1.5, timeZone: 'Europe/Oslo'))->withSchools([]);

        self::assertSame([1.5, 'Europe/Oslo'], [$house->portions, $house->timeZone]);
    }
}
