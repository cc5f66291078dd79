<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Nessmark\Advice\RoughTimes;
use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Criterion;
use Nessmark\Matching\Criterion\Aged;
use Nessmark\Matching\Criterion\Apart;
use Nessmark\Matching\Criterion\Appetite;
use Nessmark\Matching\Criterion\AsHouse;
use Nessmark\Matching\Criterion\Budget;
use Nessmark\Matching\Criterion\Cheap;
use Nessmark\Matching\Criterion\Doneness;
use Nessmark\Matching\Criterion\Fire;
use Nessmark\Matching\Criterion\Margin;
use Nessmark\Matching\Criterion\Named;
use Nessmark\Matching\Criterion\Occasion;
use Nessmark\Matching\Criterion\Stock;
use Nessmark\Matching\Criterion\Suits;
use Nessmark\Matching\Criterion\Thickness;
use Nessmark\Matching\Criterion\Time;
use Nessmark\Matching\Criterion\Window;
use Nessmark\Matching\Field;
use Nessmark\Matching\Option;
use Nessmark\School\Schools;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;

/**
 * Each criterion alone: what it values, and what it says. The values are common practice without a source; the order of two pieces is
 * not.
 */
final class CriteriaTest extends TestCase
{
    public function test_dry_heat_wants_the_tender_and_a_braise_the_one_full_of_collagen(): void
    {
        $suits = new Suits();
        self::assertGreaterThan(self::value($suits, 'pan', 'beef-top-sirloin-steak'), self::value($suits, 'pan', 'beef-fillet-steak'));
        self::assertGreaterThan(self::value($suits, 'braise', 'beef-stewing-dice'), self::value($suits, 'braise', 'beef-cheek'));
        self::assertStringStartsWith(
            'fit.',
            (string) $suits->says(self::option('pan', 'beef-fillet-steak'), self::wish('pan'), 1.0)?->key,
        );
    }

    public function test_fat_is_missed_the_further_it_is_done_and_by_whoever_is_new_to_it(): void
    {
        $margin = new Margin();
        $rare = self::value($margin, '2 rare pan', 'venison-haunch-steak');
        $medium = self::value($margin, '2 medium pan', 'venison-haunch-steak');
        self::assertGreaterThan($medium, $rare);
        self::assertGreaterThan(self::value($margin, '2 medium easy pan', 'venison-haunch-steak'), $medium);
        self::assertGreaterThan($medium, self::value($margin, '2 medium pan', 'lamb-rump'));
        self::assertSame(1.0, self::value($margin, '2 braise', 'venison-shoulder')); // moist heat does not dry it out
        self::assertSame(
            'match.no_margin',
            $margin->says(self::option('2 medium easy pan', 'venison-haunch-steak'), self::wish('2 medium easy pan'), 0.2)?->key,
        );
    }

    public function test_beef_without_a_grade_counts_no_more_than_lightly_marbled(): void
    {
        $graded = self::value(new Margin(), '2 well pan', 'beef-rib-eye-steak'); // choice
        $ungraded = self::value(new Margin(), '2 well pan', 'beef-fillet-steak'); // 18 % with its rim, in the table it comes from

        self::assertGreaterThan($ungraded, $graded);
    }

    public function test_who_wants_it_lean_and_who_wants_it_marbled_want_the_opposite(): void
    {
        foreach (['beef-rib-eye-steak', 'venison-haunch-steak', 'pork-collar-steak'] as $cut) {
            self::assertEqualsWithDelta(
                1.0,
                self::value(new Margin(), '2 lean pan', $cut) + self::value(new Margin(), '2 marbled pan', $cut),
                1e-9,
            );
        }
    }

    public function test_fat_stays_where_nothing_renders_it(): void
    {
        self::assertGreaterThan(
            self::value(new Margin(), '2 steam', 'mackerel-fillet'),
            self::value(new Margin(), '2 steam', 'cod-loin'),
        );
    }

    public function test_time_to_spare_is_worth_something_up_to_nearly_a_third_of_it(): void
    {
        $in = static fn (string $line, float $heatS): float => (new Time())->value(
            self::option($line, 'beef-rib-eye-steak')->withTimes(new RoughTimes($heatS, 300.0, 300.0)),
            self::wish($line),
            self::field(),
        );
        self::assertSame(1.0, $in('2 pan in 1 h', 900.0));
        self::assertEqualsWithDelta(0.5, $in('2 pan in 1 h', 3600.0 * 0.85 - 600.0), 1e-9); // fifteen per cent to spare
        self::assertSame(0.0, $in('2 pan in 1 h', 3000.0));
        self::assertSame($in('2 pan', 60.0), $in('2 pan', 6000.0)); // no hour was said
        self::assertGreaterThan($in('2 quick pan', 4000.0), $in('2 quick pan', 400.0));
    }

    public function test_not_cooked_yet_never_counts_less_than_it_will(): void
    {
        foreach (['2 pan', '2 quick pan', '2 pan in 1 h', '2 easy pan'] as $line) {
            foreach ([new Time(), new Window()] as $criterion) {
                $open = $criterion->value(self::option($line, 'beef-rib-eye-steak'), self::wish($line), self::field());
                foreach ([60.0, 900.0, 20_000.0] as $heatS) {
                    self::assertLessThanOrEqual(
                        $open,
                        $criterion->value(
                            self::option($line, 'beef-rib-eye-steak')->withTimes(new RoughTimes($heatS, 300.0, 300.0)),
                            self::wish($line),
                            self::field(),
                        ),
                        $line,
                    );
                }
            }
        }
    }

    public function test_easy_is_what_takes_long_over_a_degree(): void
    {
        $window = new Window();
        self::assertFalse($window->isAsked(self::wish('2 pan')));
        $at = static fn (float $heatS): float => $window->value(
            self::option('2 easy pan', 'beef-rib-eye-steak')->withTimes(new RoughTimes($heatS, 0.0, 0.0)),
            self::wish('2 easy pan'),
            self::field(),
        );
        self::assertSame(0.0, $at(150.0)); // 50 K in 150 s: a degree in three seconds
        self::assertSame(1.0, $at(1200.0)); // and in twenty-four
        self::assertEqualsWithDelta(1.0 / 3.0, $at(300.0), 1e-9);
    }

    public function test_all_that_was_named_is_used_and_everything_goes_on_at_once(): void
    {
        $fire = new Fire(Kitchen::from(DataFolder::shipped()));
        $both = self::wish('4 iron+oven');
        self::assertGreaterThan(
            $fire->value(self::option('4 iron+oven', 'lamb-rump', 'pan'), $both, self::field()),
            $fire->value(self::option('4 iron+oven', 'lamb-rump', 'sear_then_oven'), $both, self::field()),
        );
        self::assertGreaterThan(self::value($fire, '15 pan', 'beef-rib-eye-steak'), self::value($fire, '2 pan', 'beef-rib-eye-steak'));
        self::assertSame('match.batches', $fire->says(self::option('15 pan', 'beef-rib-eye-steak'), self::wish('15 pan'), 0.5)?->key);
    }

    public function test_a_thickness_asked_for_is_felt_more_than_custom_and_a_whole_piece_is_cut_to_it(): void
    {
        $thickness = new Thickness();
        self::assertSame(1.0, self::value($thickness, '2 30mm pan', 'beef-rib-eye-steak'));
        self::assertGreaterThan(
            self::value($thickness, '2 36mm pan', 'beef-rib-eye-steak'),
            self::value($thickness, '2 33mm pan', 'beef-rib-eye-steak'),
        );
        self::assertSame(0.0, self::value($thickness, '2 60mm pan', 'beef-rib-eye-steak')); // twice as thick
        self::assertSame(1.0, self::value($thickness, '2 70mm oven', 'pork-tenderloin')); // whole
        self::assertSame(
            'match.thinner',
            $thickness->says(self::option('2 50mm pan', 'beef-rib-eye-steak'), self::wish('2 50mm pan'), 0.1)?->key,
        );
    }

    public function test_half_the_budget_is_as_good_as_less(): void
    {
        $budget = new Budget();
        self::assertSame(1.0, self::value($budget, '2 pan', 'beef-fillet-steak')); // nobody counts
        self::assertSame(1.0, self::value($budget, '2 pan budget 25', 'beef-fillet-steak')); // 10.26
        self::assertEqualsWithDelta(2.0 * (1.0 - 10.26 / 15.0), self::value($budget, '2 pan budget 15', 'beef-fillet-steak'), 1e-9);
        $says = $budget->says(self::option('2 pan budget 15', 'beef-fillet-steak'), self::wish('2 pan budget 15'), 0.6);
        self::assertSame(10.26, $says?->args['a_head_money']);
        self::assertGreaterThan(5.4, $says?->args['cooked_100g_money']); // 54 a kilo raw, dearer cooked
    }

    public function test_cheap_counts_doublings_from_the_cheapest_there_is(): void
    {
        $cheap = new Cheap();
        self::assertFalse($cheap->isAsked(self::wish('2 pan')));
        $field = Field::of([self::option('2 cheap pan', 'chicken-thigh-boneless')]); // 2.20: two thighs each
        self::assertSame(1.0, $cheap->value(self::option('2 cheap pan', 'chicken-thigh-boneless'), self::wish('2 cheap pan'), $field));
        self::assertEqualsWithDelta(
            1.0 - log(10.26 / 2.2, 2) / 3.0,
            $cheap->value(self::option('2 cheap pan', 'beef-fillet-steak'), self::wish('2 cheap pan'), $field),
            1e-9,
        );
    }

    public function test_pieces_that_come_out_even_and_pieces_that_can_be_parted(): void
    {
        self::assertGreaterThan(0.9, self::value(new Appetite(), '2 pan', 'beef-fillet-steak')); // 190 g each, and 190 g is a portion
        self::assertLessThan(0.6, self::value(new Appetite(), '2 pan', 'lamb-rump')); // 284 g for 190
        self::assertSame(1.0, self::value(new Apart(), '4 pan, one well', 'beef-rib-eye-steak'));
        self::assertLessThan(0.5, self::value(new Apart(), '4 mr oven, one well', 'lamb-leg-bone-in', 'oven_roast'));
        self::assertNull(
            (new Apart())->says(
                self::option('4 oven, one pregnant', 'chicken-whole', 'oven_roast'),
                self::wish('4 oven, one pregnant'),
                1.0,
            ),
        ); // all eat it alike
    }

    public function test_the_day_and_what_has_to_go(): void
    {
        self::assertGreaterThan(
            self::value(new Occasion(), '2 special pan', 'pork-loin-chop'),
            self::value(new Occasion(), '2 special pan', 'beef-fillet-steak'),
        );
        self::assertLessThan(
            self::value(new Occasion(), '2 pan', 'pork-loin-chop'),
            self::value(new Occasion(), '2 pan', 'beef-fillet-steak'),
        );
        self::assertGreaterThan(
            self::value(new Stock(), '2 pan', 'beef-rib-eye-steak'),
            self::value(new Stock(), '2 pan', 'mackerel-fillet'),
        );
        self::assertSame(
            'match.last_day',
            (new Stock())->says(self::option('2 pan tomorrow', 'mackerel-fillet'), self::wish('2 pan tomorrow'), 1.0)?->key,
        );
        // 9 days, 21 days
        self::assertGreaterThan(self::value(new Aged(), '2 pan', 'lamb-rump'), self::value(new Aged(), '2 pan', 'beef-rib-eye-steak'));
        self::assertSame(0.5, self::value(new Aged(), '2 pan', 'chicken-breast')); // does not matter
    }

    public function test_each_cut_is_best_as_it_is_usually_eaten(): void
    {
        $doneness = new Doneness(DonenessTable::from(DataFolder::shipped()));
        $at = static fn (string $word): float => self::value($doneness, "2 {$word} pan", 'beef-rib-eye-steak');
        self::assertGreaterThan($at('medium'), $at('mr'));
        self::assertGreaterThan($at('well'), $at('medium'));
        self::assertSame(
            'match.safe_for_all',
            $doneness->says(self::option('2 at risk pan', 'chicken-breast'), self::wish('2 at risk pan'), 1.0)?->key,
        );
    }

    public function test_a_name_said_goes_before_a_name_that_also_fits_and_the_house_s_way_before_another(): void
    {
        self::assertSame(1.0, self::value(new Named(), '2 rib steak gas', 'beef-rib-steak-bone-in', 'grill'));
        self::assertLessThan(0.8, self::value(new Named(), '2 rib steak gas', 'beef-rib-eye-steak', 'grill'));
        $wish = TodaysCase::open()->wishOf('2 lamb rump iron+oven', new HouseRules(schools: ['sear' => 'last']));
        $house = new AsHouse(Schools::from(DataFolder::shipped()));
        self::assertTrue($house->isAsked($wish));
        self::assertSame(
            [0.0, 1.0],
            array_map(
                static fn (string $method): float => $house->value(
                    self::option('2 lamb rump iron+oven', 'lamb-rump', $method),
                    $wish,
                    self::field(),
                ),
                ['sear_then_oven', 'oven_then_sear'],
            ),
        );
    }

    private static function value(Criterion $criterion, string $line, string $cut, ?string $method = null): float
    {
        return $criterion->value(self::option($line, $cut, $method), self::wish($line), self::field());
    }

    private static function wish(string $line): \Nessmark\Matching\Wish
    {
        return TodaysCase::open()->wish($line);
    }

    /** The first lot of a cut, the first way this wish could have it or the one named. */
    private static function option(string $line, string $cut, ?string $method = null): Option
    {
        foreach (TodaysCase::open()->matcher->open(self::wish($line), TodaysCase::open()->lots) as $option) {
            if ($option->lot->cut->slug === $cut && ($method === null || $option->method->value === $method)) {
                return $option;
            }
        }
        self::fail("{$line} cannot have {$cut}.");
    }

    private static function field(): Field
    {
        return Field::of([self::option('2 pan', 'beef-rib-eye-steak')]);
    }
}
