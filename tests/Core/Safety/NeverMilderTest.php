<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Eris\Generators;
use Eris\TestTrait;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\Scale;
use Nessmark\Errors\InputRefused;
use Nessmark\Safety\Profile;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Whatever is said more makes a verdict stricter or leaves it: over all cuts, ways, profiles and diners. */
final class NeverMilderTest extends TestCase
{
    use TestTrait;

    private const RANK = ['clear' => 0, 'caution' => 1, 'stop' => 2];

    /**
     * The coolest core each profile can call safe, apart from the program's own data: USDA FSIS chart, FDA Food Code 3-401.11 (its
     * roast table from 54.4 °C for whole beef, lamb and pork), the UK FSA's coolest equivalent of 70 °C for 2 minutes, Regulation
     * (EC) 2074/2005 for bivalves; from memory. By what the data file says a cut is, the strictest first.
     */
    private const LEAST_US_C = [
        'bivalve' => 90.0,
        'stuffed' => 73.8,
        'poultry' => 73.8,
        'wild_game' => 73.8,
        'minced' => 71.1,
        'organ' => 71.1,
        'duck_breast' => 73.8,
        'farmed_game' => 71.1,
        'fish' => 62.7,
        'mollusc' => 62.7,
        'crustacean' => 62.7,
        'rolled' => 63.0,
        'pierced' => 63.0,
        'whole_muscle' => 54.4,
        'pork' => 54.4,
    ];

    private const LEAST_ELSEWHERE_C = 60.0;

    public function test_no_clear_ticket_is_below_the_published_minimum(): void
    {
        $clear = 0;
        $this->limitTo(300)
            ->forAll(...self::draws())
            ->then(function (mixed ...$drawn) use (&$clear): void {
                [$ask, $profile, $is] = self::ask(...$drawn);
                $ticket = self::ticketOrNull($ask, $profile);
                if ($ticket === null) {
                    return;
                }
                self::assertLessThanOrEqual(
                    100.0,
                    $ticket['heat_ribbon']['core_c'][count($ticket['heat_ribbon']['core_c']) - 1],
                    'what is eaten is not hotter than boiling',
                );
                if ($ticket['verdict']['level'] === 'clear') {
                    $clear++;
                    $leastC =
                        $profile === Profile::Us || in_array('bivalve', $is, true)
                            ? max(array_map(static fn (string $what): float => self::LEAST_US_C[$what] ?? 0.0, $is))
                            : self::LEAST_ELSEWHERE_C;
                    self::assertGreaterThanOrEqual($leastC, $ticket['peak_core_c'], json_encode([$ask, $profile]));
                }
            });
        self::assertGreaterThan(60, $clear, 'the draw must reach plans that matter');
    }

    public function test_an_ask_never_makes_a_verdict_milder_than_the_house(): void
    {
        $this->compare(
            static fn (array $ask, Profile $profile): array => [
                ...$ask,
                'profile' => array_values(array_filter(['us', 'uk', 'eu'], static fn (string $other): bool => $other !== $profile->value))[
                    $ask['diners'][0]['count'] % 2
                ],
            ],
        );
    }

    public function test_at_risk_is_never_milder_than_not_at_risk(): void
    {
        $this->compare(static fn (array $ask): array => [...$ask, 'diners' => [[...$ask['diners'][0], 'at_risk' => true]]]);
    }

    public function test_pierced_is_never_milder_than_whole_and_stuffed_never_milder_than_pierced(): void
    {
        $this->compare(static fn (array $ask): array => [...$ask, 'pierced' => true]);
        $this->compare(static fn (array $ask): array => [...$ask, 'pierced' => true, 'stuffed' => true]);
    }

    public function test_wild_is_never_milder_than_farmed_game(): void
    {
        $this->compare(
            static fn (array $ask): array => [...$ask, 'rearing' => 'wild'],
            static fn (array $ask): array => [...$ask, 'rearing' => 'farmed'],
            'game',
        );
    }

    /**
     * @param  callable(array<string, mixed>, Profile): array<string, mixed>  $tighten
     * @param  callable(array<string, mixed>): array<string, mixed>|null  $first  both sides
     */
    private function compare(callable $tighten, ?callable $first = null, ?string $group = null): void
    {
        $compared = 0;
        $this->limitTo(60)
            ->forAll(...self::draws($group))
            ->then(function (mixed ...$drawn) use ($tighten, $first, &$compared): void {
                [$ask, $profile] = self::ask(...$drawn);
                $ask = [...$ask, 'pierced' => false, 'stuffed' => false];
                $ask['diners'][0]['at_risk'] = false;
                $ask = $first === null ? $ask : $first($ask);
                [$mild, $strict] = [self::ticketOrNull($ask, $profile), self::ticketOrNull($tighten($ask, $profile), $profile)];
                if ($mild !== null && $strict !== null) {
                    $compared++;
                    self::assertGreaterThanOrEqual(
                        self::RANK[$mild['verdict']['level']],
                        self::RANK[$strict['verdict']['level']],
                        json_encode([
                            $tighten($ask, $profile),
                            $profile,
                            array_column($mild['verdict']['findings'], 'key'),
                            $mild['peak_core_c'],
                            $strict['peak_core_c'],
                        ]),
                    );
                }
            });
        self::assertGreaterThan(30, $compared);
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>|null null where the fire cannot do it
     */
    private static function ticketOrNull(array $ask, Profile $profile): ?array
    {
        try {
            return Counter::open()->ticket($ask, $profile);
        } catch (InputRefused $refused) {
            // out of reach of its fire, or cut too thin or thick for that way
            self::assertContains($refused->violations[0]->reason, ['unreachable', 'not_allowed'], $refused->getMessage());

            return null;
        }
    }

    /** @return list<mixed> */
    private static function draws(?string $group = null): array
    {
        $cuts = array_values(
            array_filter(
                Counter::open()->catalogue->cuts(),
                static fn ($cut): bool => ($group === null || $cut->group->value === $group) &&
                    Counter::open()->suitability->offered($cut) !== [],
            ),
        );

        return [
            Generators::elements($cuts),
            Generators::choose(0, 1000),
            Generators::choose(0, 1000),
            Generators::choose(0, 1000),
            Generators::elements(Profile::cases()),
            Generators::elements([true, false]),
            Generators::elements([[], [], ['pierced'], ['stuffed'], ['pierced', 'stuffed']]),
            Generators::choose(1, 4),
        ];
    }

    /**
     * @param  list<string>  $done
     * @return array{array<string, mixed>, Profile, list<string>} the ask, by whose rules, and what the food is by its data file and the ask
     */
    private static function ask(
        mixed $cut,
        int $thick,
        int $way,
        int $word,
        Profile $profile,
        bool $isAtRisk,
        array $done,
        int $count,
    ): array {
        $methods = Counter::open()->suitability->offered($cut);
        $words = array_values(array_diff(Counter::open()->reader->wordsFor($cut, Scale::Kitchen), ['official_minimum']));
        $file = DataFolder::shipped()->read("cuts/{$cut->group->value}/{$cut->slug}.json");

        return [
            [
                'cut' => $cut->slug,
                'thickness_mm' => $cut->build->thinnestMm + (($cut->build->thickestMm - $cut->build->thinnestMm) * $thick) / 1000,
                'method' => $methods[$way % count($methods)]->value,
                'pierced' => in_array('pierced', $done, true),
                'stuffed' => in_array('stuffed', $done, true),
                'diners' => [['count' => $count, 'at_risk' => $isAtRisk, 'doneness' => $words[$word % count($words)]]],
            ],
            $profile,
            [$file->text('food_class'), ...$file->texts('hazards'), ...$done],
        ];
    }
}
