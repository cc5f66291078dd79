<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Generator;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\House\HouseRules;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Treatment;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/**
 * What the food is and what was done to it decides its rules, and what it may carry is read out to whoever is at risk. Sources:
 * core/data/safety.json.
 */
final class HazardsTest extends TestCase
{
    public function test_no_hazard_is_without_a_class_a_rule_or_a_hand_that_minds_it(): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());
        foreach (Hazard::cases() as $hazard) {
            $ways = array_filter([
                $hazard->treatment() !== null || $hazard->atLeast() !== null,
                $rules->hazard($hazard) !== null,
                $hazard->isHandling(),
                $hazard->mayCarryParasites(),
            ]);
            self::assertNotSame([], $ways, $hazard->value);
        }
        foreach (Treatment::cases() as $treatment) {
            self::assertSame($treatment, $treatment->hazard()->treatment());
        }
    }

    public function test_the_class_of_every_cut_is_as_strict_as_its_hazards_ask(): void
    {
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach ($cut->hazards as $hazard) {
                $asked =
                    $hazard->atLeast() ??
                    ($hazard->treatment() === null ? $cut->foodClass : $cut->bornClass->after($hazard->treatment()));
                $isDuckBreast = $cut->foodClass === FoodClass::DuckBreast && $hazard === Hazard::Poultry;
                self::assertTrue(
                    $isDuckBreast || $cut->foodClass->orStricter($asked) === $cut->foodClass,
                    "{$cut->slug}: {$hazard->value}",
                );
            }
            self::assertSame($cut->has(Hazard::Wild), $cut->foodClass === FoodClass::WildGame, $cut->slug);
            self::assertTrue(! $cut->has(Hazard::Wild) || $cut->has(Hazard::Shot), "{$cut->slug}: what is wild was shot");
        }
    }

    /** @return Generator<string, array{string, array<string, mixed>, FoodClass}> */
    public static function treated(): Generator
    {
        yield 'the stuffed leg is stuffed, not rolled' => ['lamb-leg-stuffed', [], FoodClass::Stuffed];
        yield 'a rolled leg' => ['lamb-leg-rolled', [], FoodClass::NonIntact];
        yield 'any cut can be filled' => ['beef-tenderloin-centre', ['stuffed' => true], FoodClass::Stuffed];
        yield 'a filled bird' => ['chicken-whole', ['stuffed' => true], FoodClass::Stuffed];
        yield 'needled duck breast' => ['duck-breast', ['pierced' => true], FoodClass::Poultry];
        yield 'needled venison' => ['venison-loin-steak', ['pierced' => true, 'rearing' => 'farmed'], FoodClass::Minced];
        yield 'wild venison by its lot' => ['venison-loin-steak', ['rearing' => 'wild'], FoodClass::WildGame];
        yield 'a farmed pheasant is poultry' => ['pheasant-whole', ['rearing' => 'farmed'], FoodClass::Poultry];
        yield 'scallops have no guts' => ['scallops', [], FoodClass::Mollusc];
        yield 'mussels have' => ['mussels', ['stuffed' => true], FoodClass::Bivalve];
        yield 'livers of birds are birds' => ['chicken-livers', [], FoodClass::Poultry];
    }

    /** @param  array<string, mixed>  $said */
    #[DataProvider('treated')]
    public function test_the_class_is_computed_from_what_was_done(string $slug, array $said, FoodClass $class): void
    {
        $cut = Counter::open()->catalogue->cut($slug);

        self::assertSame(
            $class,
            Counter::open()->reader->read([
                'cut' => $slug,
                'thickness_mm' => $cut->build->typicalMm,
                'diners' => [['count' => 2]],
                ...$said,
            ])->piece->cut->foodClass,
        );
    }

    /** @return Generator<string, array{string, array<string, mixed>, FoodClass, Hazard|null}> */
    public static function mislabelled(): Generator
    {
        yield 'a bird called whole muscle' => [
            'chicken-breast',
            ['food_class' => 'whole_muscle', 'hazards' => []],
            FoodClass::Poultry,
            null,
        ];
        yield 'a chicken called duck breast' => [
            'chicken-breast',
            ['food_class' => 'duck_breast', 'hazards' => []],
            FoodClass::Poultry,
            null,
        ];
        yield 'mince called whole muscle' => ['beef-mince', ['food_class' => 'whole_muscle', 'hazards' => []], FoodClass::Minced, null];
        yield 'liver called whole muscle' => ['calf-liver', ['food_class' => 'whole_muscle', 'hazards' => []], FoodClass::Organ, null];
        yield 'a fish nobody said may carry worms' => [
            'salmon-loin',
            ['food_class' => 'whole_muscle', 'hazards' => []],
            FoodClass::Fish,
            Hazard::RawFish,
        ];
        yield 'boar nobody said may carry trichinella' => [
            'wild-boar-loin',
            ['food_class' => 'farmed_game', 'hazards' => []],
            FoodClass::FarmedGame,
            Hazard::Trichinella,
        ];
        yield 'wild game nobody said was shot' => ['roe-haunch', ['hazards' => []], FoodClass::WildGame, Hazard::Shot];
        yield 'whatever carries a hazard counts as what has it' => [
            'beef-rib-eye-steak',
            ['hazards' => ['organ']],
            FoodClass::Organ,
            Hazard::Organ,
        ];
        yield 'a rolled joint is rolled whatever it is called' => [
            'lamb-leg-rolled',
            ['food_class' => 'whole_muscle'],
            FoodClass::NonIntact,
            Hazard::Rolled,
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('mislabelled')]
    public function test_a_shop_s_own_cut_is_no_way_round_the_rules(string $slug, array $change, FoodClass $class, ?Hazard $hazard): void
    {
        $own = new Record([...Counter::open()->catalogue->cut($slug)->record->toArray(), ...$change, 'slug' => 'own-cut'], 'own-cut');
        $cut = Counter::open()->catalogue->with(new ShopChanges([$own], [], []))->cut('own-cut');

        self::assertSame($class, $cut->foodClass);
        self::assertTrue($hazard === null || $cut->has($hazard));
    }

    public function test_a_filled_bird_is_no_longer_hollow_and_takes_longer(): void
    {
        $ask = [
            'cut' => 'chicken-whole',
            'thickness_mm' => 110,
            'method' => 'oven_roast',
            'diners' => [['count' => 4, 'doneness' => 'official_minimum']],
        ];

        self::assertGreaterThan(
            1.3 * Counter::open()->ticket($ask)['time']['likely_s'],
            Counter::open()->ticket([...$ask, 'stuffed' => true])['time']['likely_s'],
        );
    }

    /** @return Generator<string, array{string, string, string, string, array<string, mixed>}> cut, way, finding, level at risk */
    public static function atRisk(): Generator
    {
        yield 'swordfish: never (FDA and EPA)' => ['swordfish-steak', 'pan', 'mercury_high', 'stop', []];
        yield 'tuna' => ['tuna-loin-steak', 'pan', 'mercury', 'caution', []];
        yield 'shot pheasant (FSA)' => ['pheasant-breast', 'pan', 'shot', 'caution', []];
        yield 'roe, shot as well' => ['roe-haunch', 'oven_roast', 'shot', 'caution', []];
        yield 'liver (NHS)' => ['calf-liver', 'pan', 'vitamin_a', 'caution', []];
        yield 'pig liver, hepatitis E (EFSA)' => ['pig-liver', 'pan', 'hepatitis_e', 'caution', []];
        yield 'mussels, however well steamed' => ['mussels', 'steam', 'bivalve', 'caution', []];
        yield 'brain' => ['lamb-brain', 'poach', 'tse', 'caution', []];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('atRisk')]
    public function test_what_food_may_carry_is_read_out_to_whoever_is_at_risk(
        string $slug,
        string $method,
        string $hazard,
        string $level,
        array $more,
    ): void {
        $ask = [
            'cut' => $slug,
            'thickness_mm' => Counter::open()->catalogue->cut($slug)->build->typicalMm,
            'method' => $method,
            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'official_minimum']],
            ...$more,
        ];
        $ticket = Counter::open()->ticket($ask);
        $findings = array_column($ticket['verdict']['findings'], 'level', 'key');

        self::assertSame($level, $findings["safety.hazard_{$hazard}"] ?? null);
        self::assertNotContains("caution.{$hazard}", array_column($ticket['cautions'], 'key'), 'said once, where it is read');
    }

    public function test_wild_boar_is_stopped_pink_even_where_it_was_farmed(): void
    {
        // USDA FSIS, trichinella: 71 °C (160 °F).
        $ask = [
            'cut' => 'wild-boar-loin',
            'thickness_mm' => 70,
            'rearing' => 'farmed',
            'diners' => [['count' => 4, 'doneness' => 'pink']],
        ];

        self::assertContains('safety.hazard_trichinella', array_column(Counter::open()->ticket($ask)['verdict']['findings'], 'key'));
        self::assertSame('stop', Counter::open()->ticket($ask)['verdict']['level']);
    }

    public function test_the_parasite_freeze_goes_by_profile_and_by_how_the_fish_lived(): void
    {
        // FDA Food Code 3-402.11(B): farmed on feed without worms, and listed tunas; Regulation (EC) 853/2004: farmed only.
        $needs = static fn (string $slug, ?string $rearing, Profile $profile): bool => SafetyRules::from(DataFolder::shipped())->parasites(
            new Standard($profile),
            Counter::open()->catalogue->cut($slug),
            $rearing === null ? null : Rearing::from($rearing),
        ) !== null;

        self::assertSame(
            [true, true, false],
            [
                $needs('salmon-loin', null, Profile::Uk),
                $needs('salmon-loin', 'wild', Profile::Uk),
                $needs('salmon-loin', 'farmed', Profile::Uk),
            ],
        );
        self::assertSame(
            [false, true, true],
            [
                $needs('tuna-loin-steak', 'wild', Profile::Us),
                $needs('tuna-loin-steak', 'wild', Profile::Eu),
                $needs('squid', null, Profile::Us),
            ],
        );
        self::assertSame([false, false], [$needs('scallops', null, Profile::Us), $needs('beef-rib-eye-steak', null, Profile::Eu)]);
        self::assertNotNull(
            SafetyRules::from(DataFolder::shipped())->parasites(
                new Standard(Profile::Us, new Tightening(), Profile::Eu),
                Counter::open()->catalogue->cut('tuna-loin-steak'),
                null,
            ),
            'the stricter of two',
        );
    }

    public function test_game_of_unknown_rearing_is_asked_about_where_it_matters(): void
    {
        $ask = static fn (array $said, string $word): array => Counter::open()->ticket([
            'cut' => 'venison-loin-steak',
            'thickness_mm' => 25,
            'method' => 'pan',
            'diners' => [['count' => 2, 'doneness' => $word]],
            ...$said,
        ]);
        $keys = static fn (array $ticket): array => array_column($ticket['verdict']['findings'], 'key');

        self::assertContains('safety.farmed_or_wild', $keys($ask([], 'medium_rare')));
        self::assertNotContains('safety.farmed_or_wild', $keys($ask(['rearing' => 'farmed'], 'medium_rare')));
        self::assertSame('stop', $ask(['rearing' => 'wild'], 'medium_rare')['verdict']['level']);
    }

    public function test_pork_and_game_birds_where_the_profile_wants_70_degrees_for_two_minutes(): void
    {
        // UK Food Standards Agency: pork and game birds cooked through, 70 °C for 2 minutes or its equivalents.
        $level = static fn (string $slug, string $word, Profile $profile): string => Counter::open()->ticket(
            [
                'cut' => $slug,
                'thickness_mm' => Counter::open()->catalogue->cut($slug)->build->typicalMm,
                'method' => 'pan',
                'diners' => [['count' => 2, 'doneness' => $word]],
            ],
            $profile,
        )['verdict']['level'];

        self::assertSame(
            ['stop', 'caution', 'caution'],
            array_map(static fn (Profile $profile): string => $level('pork-loin-chop', 'blush', $profile), [
                Profile::Uk,
                Profile::Eu,
                Profile::Us,
            ]),
        );
        $rules = SafetyRules::from(DataFolder::shipped());
        foreach ([Profile::Uk, Profile::Eu] as $profile) {
            $rule = $rules->rule(new Standard($profile), FoodClass::WildGame);
            self::assertSame([70.0, 120.0], [$rule->officialC, $rule->officialRestS]);
            foreach ($rule->points() as $point) {
                self::assertGreaterThanOrEqual(
                    120.0 - 1e-6,
                    $point->holdS * 10.0 ** (($point->coreC - 70.0) / 7.5),
                    "{$point->coreC} °C is worth 70 °C for 2 minutes at z 7.5",
                );
            }
        }
    }

    public function test_nobody_is_given_by_default_what_would_be_a_stop_for_everyone(): void
    {
        foreach (Profile::cases() as $profile) {
            foreach (['pork-loin-chop', 'lamb-leg-rolled', 'venison-mince', 'roe-haunch'] as $slug) {
                $ticket = Counter::open()->ticket(
                    ['cut' => $slug, 'thickness_mm' => Counter::open()->catalogue->cut($slug)->build->typicalMm],
                    $profile,
                );
                self::assertNotSame('stop', $ticket['verdict']['level'], "{$slug} {$profile->value}");
            }
        }
    }

    public function test_only_the_house_gives_the_profile(): void
    {
        $ask = [
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'profile' => 'us',
            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'medium_well']],
        ];
        $ticket = Counter::open()->ticket($ask, Profile::Uk);

        self::assertSame(['stop', 'uk', 'us'], [$ticket['verdict']['level'], $ticket['profile'], $ticket['also_profile']]);
        self::assertSame(
            'clear',
            Counter::open()->ticket([...$ask, 'profile' => 'us'])['verdict']['level'],
            'what the house in the UK stops is fine in the US',
        );
        $rule = SafetyRules::from(DataFolder::shipped())->rule(
            new Standard(Profile::Us, new Tightening(), Profile::Uk),
            FoodClass::Minced,
        );
        self::assertSame([71.1, 2], [$rule->officialC, count($rule->tables)], 'the hotter minimum, and both tables');
    }

    public function test_every_finding_has_its_sentence_for_every_class(): void
    {
        $say = Words::section('say');
        foreach (FoodClass::cases() as $class) {
            self::assertArrayHasKey("safety.below_minimum_stop_{$class->value}", $say);
        }
        $rules = SafetyRules::from(DataFolder::shipped());
        foreach (Hazard::cases() as $hazard) {
            self::assertArrayHasKey("caution.{$hazard->value}", $say);
            self::assertTrue($rules->hazard($hazard) === null || isset($say["safety.hazard_{$hazard->value}"]), $hazard->value);
        }
        $house = new HouseRules(new Standard(Profile::Us, new Tightening(true)));
        $ticket = Counter::open()->ticket(
            ['cut' => 'tuna-loin-steak', 'thickness_mm' => 28, 'diners' => [['count' => 2, 'doneness' => 'rare']]],
            $house,
        );
        self::assertSame(
            ['safety.below_minimum_stop_fish', 'stop'],
            [$ticket['verdict']['findings'][0]['key'], $ticket['verdict']['level']],
        );
    }

    public function test_each_finding_names_the_pieces_it_is_about(): void
    {
        $diners = [['count' => 3, 'doneness' => 'medium'], ['count' => 1, 'doneness' => 'rare']];
        $findings = Counter::open()->ticket([
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'method' => 'pan',
            'diners' => $diners,
        ])['verdict']['findings'];
        $below = array_values(
            array_filter($findings, static fn (array $finding): bool => $finding['key'] === 'safety.below_minimum_held'),
        );

        self::assertSame([['A'], ['B']], array_column($below, 'pieces'));
        self::assertGreaterThan(5.0, $below[0]['args']->peak_c - $below[1]['args']->peak_c, 'each with its own figure');
        self::assertCount(2, array_unique(array_column($below, 'id')), 'and read out one by one');
    }
}
