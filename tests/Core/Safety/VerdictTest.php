<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Eris\Generators;
use Eris\TestTrait;
use Generator;
use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Surface;
use Nessmark\Meat\Treatment;
use Nessmark\Method\FireChoices;
use Nessmark\Quantity\Temperature;
use Nessmark\Safety\HoldPoint;
use Nessmark\Safety\Level;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRule;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Oracles;

/** Safety sees every plan last, and nothing in an ask can loosen it. */
final class VerdictTest extends TestCase
{
    use TestTrait;

    /**
     * The published minimum for each class that has no freedom, apart from the program's own data: USDA FSIS chart and FDA
     * Food Code 3-401.11 in °C for the US, the UK FSA's 70 °C for 2 minutes otherwise (60 °C is the coolest printed point);
     * bivalves after Regulation (EC) 2074/2005.
     */
    private const LOWEST_SAFE_CORE_C = [
        'us' => [
            'minced' => 71.1,
            'poultry' => 73.8,
            'duck_breast' => 73.8,
            'wild_game' => 73.8,
            'farmed_game' => 71.1,
            'fish' => 62.7,
            'whole_muscle' => 62.7,
            'pork' => 62.7,
            'mollusc' => 62.7,
            'crustacean' => 62.7,
            'bivalve' => 90.0,
            'organ' => 71.1,
            'stuffed' => 73.8,
            'non_intact' => 63.0,
        ],
        'uk' => ['bivalve' => 90.0, 'default' => 60.0],
        'eu' => ['bivalve' => 90.0, 'default' => 60.0],
    ];

    public function test_no_clear_ticket_is_below_the_published_minimum(): void
    {
        $clear = 0;
        $this->limitTo(250)
            ->forAll(...self::asks())
            ->then(function (mixed ...$drawn) use (&$clear): void {
                $profile = $drawn[6];
                $ask = self::ask(...$drawn);
                $cut = Counter::open()->catalogue->cut($ask['cut']);
                $hasNoFreedom =
                    $ask['diners'][0]['at_risk'] ||
                    in_array(
                        $cut->foodClass,
                        [
                            FoodClass::Minced,
                            FoodClass::Poultry,
                            FoodClass::WildGame,
                            FoodClass::Organ,
                            FoodClass::Stuffed,
                            FoodClass::NonIntact,
                        ],
                        true,
                    );
                try {
                    $ticket = Counter::open()->ticket($ask, $profile);
                } catch (InputRefused $refused) {
                    $reasons = ['unreachable', 'out_of_range', 'not_allowed'];
                    self::assertContains($refused->violations[0]->reason, $reasons, $refused->getMessage());

                    return;
                }
                if ($ticket['verdict']['level'] === 'clear' && $hasNoFreedom) {
                    $clear++;
                    $lowest = self::LOWEST_SAFE_CORE_C[$profile->value];
                    self::assertGreaterThanOrEqual(
                        $lowest[$cut->foodClass->value] ?? $lowest['default'],
                        $ticket['peak_core_c'],
                        json_encode($ask),
                    );
                }
                if ($ticket['verdict']['meets_official_minimum'] && $ask['method'] !== 'water_bath') {
                    self::assertGreaterThanOrEqual(
                        54.3,
                        $ticket['pull_core_c'],
                        'no printed point is cooler, and none is met by carry-over alone',
                    );
                }
                if (
                    $ticket['verdict']['level'] === 'clear' &&
                    $ticket['can_probe'] &&
                    $ask['method'] !== 'water_bath' &&
                    $profile === Profile::Us &&
                    ! in_array($cut->foodClass, [FoodClass::WholeMuscle, FoodClass::Pork], true)
                ) {
                    self::assertGreaterThanOrEqual(
                        self::LOWEST_SAFE_CORE_C['us'][$cut->foodClass->value] - 0.1,
                        $ticket['pull_core_c'],
                        json_encode($ask),
                    );
                }
                if (! $ticket['verdict']['meets_official_minimum'] && $hasNoFreedom) {
                    self::assertSame('stop', $ticket['verdict']['level'], json_encode($ask));
                }
                self::assertNotContains(true, array_map(is_nan(...), $ticket['heat_ribbon']['core_c']));
            });

        self::assertGreaterThan(20, $clear, 'the draw must reach plans that matter');
    }

    /** @return Generator<string, array{array<string, mixed>}> */
    public static function stops(): Generator
    {
        $atRisk = [['count' => 2, 'at_risk' => true, 'doneness' => 'medium_rare']];
        yield 'a steak for someone at risk' => [['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'diners' => $atRisk]];
        yield 'wild boar pink' => [['cut' => 'wild-boar-loin', 'thickness_mm' => 70, 'diners' => [['count' => 4, 'doneness' => 'pink']]]];
        yield 'duck pink for someone at risk' => [
            ['cut' => 'duck-breast', 'thickness_mm' => 22, 'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'pink']]],
        ];
        yield 'mince that has stood out' => [
            ['cut' => 'beef-burger', 'thickness_mm' => 20, 'start_c' => 14, 'diners' => [['count' => 2]]],
        ];
        yield 'a needled steak pink' => [
            [
                'cut' => 'beef-rib-eye-steak',
                'thickness_mm' => 30,
                'pierced' => true,
                'diners' => [['count' => 2, 'doneness' => 'medium']],
            ],
        ];
        yield 'a rolled leg pink, whatever is said of needles' => [
            [
                'cut' => 'lamb-leg-rolled',
                'thickness_mm' => 100,
                'pierced' => false,
                'diners' => [['count' => 6, 'doneness' => 'medium_rare']],
            ],
        ];
        yield 'needled duck pink' => [
            ['cut' => 'duck-breast', 'thickness_mm' => 22, 'pierced' => true, 'diners' => [['count' => 2, 'doneness' => 'pink']]],
        ];
        yield 'meat that has been hot' => [
            ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'start_c' => 35, 'diners' => [['count' => 2]]],
        ];
        yield 'a bath too cool for too long' => [
            [
                'cut' => 'beef-eye-of-round-roast',
                'thickness_mm' => 98,
                'method' => 'water_bath',
                'heat_c' => 52.5,
                'diners' => [['count' => 6, 'doneness' => 'rare']],
            ],
        ];
    }

    /** @param  array<string, mixed>  $ask */
    #[DataProvider('stops')]
    public function test_a_stop_stays_a_stop_whatever_else_is_said(array $ask): void
    {
        foreach (
            [
                [],
                ['schools' => ['doneness_words' => 'kitchen']],
                ['parasite_frozen' => true],
                ['profile' => 'us'],
                ['units' => 'imperial'],
                ['budget' => 100],
            ] as $more
        ) {
            $verdict = Counter::open()->ticket([...$ask, ...$more])['verdict'];
            self::assertSame('stop', $verdict['level'], json_encode($more));
            self::assertFalse($verdict['may_be_handed_over']);
        }
    }

    #[DataProvider('stops')]
    public function test_no_key_of_an_ask_names_the_verdict(array $ask): void
    {
        foreach (['verdict' => 'clear', 'ignore_safety' => true, 'acknowledged' => true] as $key => $value) {
            try {
                Counter::open()->ticket([...$ask, $key => $value]);
                self::fail("{$key} was taken");
            } catch (InputRefused $refused) {
                self::assertSame([$key, 'unknown_key'], [$refused->violations[0]->key, $refused->violations[0]->reason]);
            }
        }
    }

    public function test_the_offer_on_a_stop_is_a_plan_that_may_be_handed_over(): void
    {
        $ask = [
            'cut' => 'lamb-rump',
            'thickness_mm' => 45,
            'method' => 'sear_then_oven',
            'diners' => [['count' => 4, 'at_risk' => true, 'doneness' => 'medium_rare']],
        ];
        $offer = Counter::open()->ticket($ask)['verdict']['offer'];
        $ask['diners'][0]['doneness'] = $offer['doneness'];

        self::assertSame('clear', Counter::open()->ticket($ask)['verdict']['level']);
    }

    public function test_the_official_minimum_can_be_met_for_every_cut_method_and_profile(): void
    {
        $missed = [];
        foreach (Counter::open()->kinds() as $cut) {
            foreach (Counter::open()->suitability->offered($cut) as $method) {
                foreach (Profile::cases() as $profile) {
                    if ($cut->foodClass === FoodClass::Bivalve) {
                        continue; // 90 °C to the core is for steam and boiling water, not for a pan: the next test
                    }
                    $ticket = Counter::open()->ticket(
                        [
                            'cut' => $cut->slug,
                            'thickness_mm' => $cut->build->typicalMm,
                            'method' => $method->value,
                            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'official_minimum']],
                        ],
                        $profile,
                    );
                    if (! $ticket['verdict']['meets_official_minimum'] || $ticket['verdict']['level'] === 'stop') {
                        $missed[] = "{$cut->slug} {$method->value} {$profile->value}";
                    }
                }
            }
        }

        self::assertSame([], $missed);
    }

    /**
     * A needle carries the outside in (FDA Food Code 2022, 3-401.11(A)(2), from memory), so no rule gets looser by it; nor by rolling,
     * mincing or filling.
     */
    public function test_what_is_done_to_a_piece_never_makes_a_rule_looser(): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());
        foreach (Profile::cases() as $profile) {
            foreach (FoodClass::cases() as $class) {
                foreach (
                    [
                        [Treatment::Pierced],
                        [Treatment::Rolled],
                        [Treatment::Minced],
                        [Treatment::Stuffed],
                        [Treatment::Rolled, Treatment::Stuffed],
                    ] as $done
                ) {
                    $treated = array_reduce(
                        $done,
                        static fn (FoodClass $so, Treatment $treatment): FoodClass => $so->after($treatment),
                        $class,
                    );
                    $this->assertNotLooser(
                        $rules->rule(new Standard($profile), $class),
                        $rules->rule(new Standard($profile), $treated),
                        "{$profile->value} {$class->value} {$treated->value}",
                    );
                }
            }
        }
    }

    private function assertNotLooser(SafetyRule $whole, SafetyRule $treated, string $what): void
    {
        self::assertGreaterThanOrEqual($whole->officialC, $treated->officialC, $what);
        self::assertTrue($whole->below === $treated->below || $treated->below === Level::Stop, $what);
        foreach ($treated->points() as $point) {
            $looser = array_filter(
                $whole->points(),
                static fn (HoldPoint $of): bool => $of->coreC <= $point->coreC && $of->holdS <= $point->holdS,
            );
            self::assertNotSame(
                [],
                $looser,
                "{$what}: whatever satisfies {$point->coreC} °C for {$point->holdS} s satisfies the rule for the whole piece",
            );
        }
    }

    public function test_scallops_for_someone_at_risk_are_never_handed_over_pink(): void
    {
        $ask = [
            'cut' => 'scallops',
            'thickness_mm' => 25,
            'method' => 'pan',
            'diners' => [['count' => 2, 'at_risk' => true, 'doneness' => 'translucent']],
        ];

        self::assertSame('stop', Counter::open()->ticket($ask)['verdict']['level']);
    }

    public function test_a_bath_too_cool_to_make_safe_is_said_to_be_so_with_a_sear_after_it_and_without(): void
    {
        foreach (['water_bath', 'bath_then_sear'] as $method) {
            $ticket = Counter::open()->ticket([
                'cut' => 'beef-rib-eye-steak',
                'thickness_mm' => 35,
                'method' => $method,
                'heat_c' => 52,
                'diners' => [['count' => 2, 'doneness' => 'rare']],
            ]);

            self::assertContains('safety.bath_too_cool', array_column($ticket['verdict']['findings'], 'key'), $method);
            self::assertSame('do.bag', $ticket['timeline'][1]['do']['key'], $method);
        }
    }

    public function test_a_thin_burger_goes_by_the_long_end_of_its_time(): void
    {
        $ticket = Counter::open()->ticket(['cut' => 'beef-burger', 'thickness_mm' => 12, 'diners' => [['count' => 2]]]);

        self::assertFalse($ticket['can_probe']);
        self::assertContains('safety.time_only', array_column($ticket['verdict']['findings'], 'key'));
        self::assertGreaterThan(75.0, $ticket['peak_core_c'], 'well past 71.1 °C (USDA FSIS), because nobody can check');
    }

    public function test_salmon_under_sixty_degrees_needs_the_parasite_freeze(): void
    {
        // Regulation (EC) 853/2004: 60 °C for one minute, or the freeze.
        $ask = ['cut' => 'salmon-loin', 'thickness_mm' => 28, 'diners' => [['count' => 2, 'doneness' => 'translucent']]];
        $keys = static fn (array $ask): array => array_column(Counter::open()->ticket($ask)['verdict']['findings'], 'key');

        self::assertContains('safety.parasites', $keys($ask));
        self::assertNotContains('safety.parasites', $keys([...$ask, 'parasite_frozen' => true]));
    }

    /** @return Generator<string, array{array<string, mixed>, float, float, string, Profile}> */
    public static function printedPoints(): Generator
    {
        foreach (Oracles::of('Food Code whole roast hold') as $id => $row) {
            yield $id => [...$row, Profile::Us];
        }
        foreach (Oracles::of('UK FSA hold') as $id => $row) {
            yield $id => [...$row, Profile::Uk];
        }
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('printedPoints')]
    public function test_the_rules_hold_the_printed_points(array $in, float $holdS, float $_, string $source, Profile $profile): void
    {
        $celsius = $in['temp_C'] ?? Temperature::ofFahrenheit($in['temp_F'])->toCelsius();
        $held = array_filter(
            SafetyRules::from(DataFolder::shipped())->rule(new Standard($profile), FoodClass::WholeMuscle)->points(),
            static fn (HoldPoint $point): bool => $point->source !== 'fsis-safe-minimum' && abs($point->coreC - $celsius) < 0.01,
        );

        self::assertSame([$holdS], array_values(array_map(static fn (HoldPoint $point): float => $point->holdS, $held)), $source);
    }

    /** @return list<mixed> */
    private static function asks(): array
    {
        $cuts = Counter::open()->kinds();

        return [
            Generators::elements($cuts),
            Generators::choose(0, 1000),
            Generators::choose(0, 1000),
            Generators::choose(0, 1000),
            Generators::elements([-1, 2, 4, 5, 5, 6, 7, 8, 15, 34]),
            Generators::elements([true, false]),
            Generators::elements(Profile::cases()),
            Generators::elements(Scale::cases()),
            Generators::elements([null, null, 57.5, 80.0, 140.0]),
            Generators::elements(Surface::cases()),
            Generators::choose(0, 1000),
            Generators::elements([null, null, 4.0]),
        ];
    }

    /** @return array<string, mixed> */
    private static function ask(
        Cut $cut,
        int $thickness,
        int $method,
        int $word,
        int $startC,
        bool $atRisk,
        Profile $_,
        Scale $scale,
        ?float $heatC,
        Surface $surface,
        int $fire,
        ?float $thinMm,
    ): array {
        $words = Counter::open()->reader->wordsFor($cut, $scale);
        $methods = Counter::open()->suitability->offered($cut);

        return [
            'cut' => $cut->slug,
            'thickness_mm' => $cut->build->thinnestMm + (($cut->build->thickestMm - $cut->build->thinnestMm) * $thickness) / 1000,
            'method' => $methods[$method % count($methods)]->value,
            'start_c' => $startC,
            'heat_c' => $heatC,
            'surface' => $surface->value,
            'fires' => array_map(
                static fn (array $sorts): string => $sorts[$fire % count($sorts)],
                FireChoices::of(Kitchen::from(DataFolder::shipped()), $methods[$method % count($methods)]),
            ),
            'thin_mm' => $thinMm === null ? null : min($thinMm, $cut->build->thinnestMm),
            'schools' => ['doneness_words' => $scale->value],
            'diners' => [['count' => 2, 'at_risk' => $atRisk, 'doneness' => $words[$word % count($words)]]],
        ];
    }
}
