<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Generator;
use Nessmark\Advice\Portions;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Matching\Found;
use Nessmark\Matching\Limit;
use Nessmark\Matching\Refusal;
use Nessmark\Meal\Eater;
use Nessmark\Meal\Eaters;
use Nessmark\Safety\Profile;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use Nessmark\Stock\Lot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\TodaysCase;

/** What rules a piece out, one limit at a time, and by how much it would have to give. */
final class LimitsTest extends TestCase
{
    /** @return Generator<string, array{string, string, array<string, float|int|string>}> */
    public static function ruledOut(): Generator
    {
        yield 'the fire is not there' => ['2 chicken leg wok', 'fire', []];
        yield 'the method does not suit' => ['2 veal shank pan', 'suits', ['method' => 'pan']];
        yield 'someone does not eat it' => ['2 lamb rump pan no lamb', 'avoid', ['what' => 'lamb']];
        yield 'it cannot be had so done' => ['2 turkey escalope rare pan', 'doneness', []];
        yield 'someone at risk wants it below the minimum' => ['2 duck breast pan, one pregnant pink', 'safety', []];
        yield 'there is too little' => ['8 venison loin steak mr pan', 'weight', ['left_g' => 900.0, 'short_g' => 300.0]]; // 8 of 150
        // one of 180 g at 38
        yield 'it costs too much' => ['2 halibut pan budget 5', 'budget', ['a_head_money' => 6.84, 'over_money' => 1.84]];
        yield 'its day is past by then' => ['2 mackerel pan 2026-11-28', 'use_by', ['day' => '2026-11-26']];
        yield 'a roast takes longer' => ['4 chicken whole oven in 45 min', 'time', []];
    }

    /** @param  array<string, float|int|string>  $args */
    #[DataProvider('ruledOut')]
    public function test_it_is_said_which_limit_and_by_how_much(string $line, string $limit, array $args): void
    {
        $answer = TodaysCase::open()->answer($line);
        self::assertSame([], $answer->matches);
        $found = array_values(
            array_filter($answer->refusals, static fn (Refusal $refusal): bool => $refusal->limit === Limit::from($limit)),
        );

        self::assertCount(
            1,
            $found,
            implode(', ', array_map(static fn (Refusal $refusal): string => $refusal->limit->value, $answer->refusals)),
        );
        self::assertEquals($args, array_intersect_key($found[0]->says->args, $args));
        self::assertArrayHasKey('cut', $found[0]->says->args);
    }

    /** @return Generator<string, array{string, float, string, string}> cut, mm, how and for whom, what is said */
    public static function unsafe(): Generator
    {
        yield 'swordfish for someone pregnant' => ['swordfish-steak', 25.0, 'grill, one pregnant', 'limit.safety'];
        yield 'a turkey a smoker is too slow for' => ['turkey-whole', 240.0, 'smoker', 'limit.too_slow'];
    }

    #[DataProvider('unsafe')]
    public function test_what_safety_would_stop_is_not_offered(string $slug, float $mm, string $how, string $key): void
    {
        $cut = TodaysCase::open()->catalogue->cut($slug);
        $lot = (new LotReader(TodaysCase::open()->catalogue, GradeTable::from(DataFolder::shipped())))->read([
            'number' => 'X1',
            'cut' => $slug,
            'thickness_mm' => $mm,
            'weight_g' => 90_000,
            'price_per_kg' => 10,
        ]);
        $answer = TodaysCase::open()->answer("6 {$cut->name} {$how}", [$lot]);

        self::assertSame([], $answer->matches);
        self::assertContains($key, array_map(static fn (Refusal $refusal): string => $refusal->says->key, $answer->refusals));
    }

    public function test_a_house_that_hands_over_nothing_below_the_minimum_is_offered_it_where_nobody_says(): void
    {
        $case = TodaysCase::open();
        $words = static fn (HouseRules $house): array => array_map(
            static fn (Found $found): string => $found->option->shares[0]->doneness->word,
            $case->matcher->match($case->wishOf('2 lamb rump', $house), $case->lots, $case->catalogue)->matches,
        );

        self::assertContains('medium_rare', $words(new HouseRules()));
        self::assertSame(
            [DonenessWord::OFFICIAL_MINIMUM],
            array_values(array_unique($words(new HouseRules(new Standard(Profile::Us, new Tightening(true)))))),
        );
    }

    /** @return Generator<string, array{string, string}> a line that has nothing, and the same with the limit given way to */
    public static function givenWay(): Generator
    {
        yield 'more money' => ['2 halibut pan budget 5', '2 halibut pan budget 6.84'];
        yield 'another fire' => ['2 chicken leg wok', '2 chicken leg wok braise'];
        yield 'fewer' => ['8 venison loin steak mr pan', '4 venison loin steak mr pan'];
        yield 'the minimum for whoever is at risk' => ['2 duck breast pan, one pregnant pink', '2 duck breast pan, one pregnant'];
        yield 'as it is usually eaten' => ['2 turkey escalope rare pan', '2 turkey escalope pan'];
        yield 'sooner' => ['2 mackerel pan 2026-11-28', '2 mackerel pan tomorrow'];
        yield 'later' => ['4 chicken whole oven in 45 min', '4 chicken whole oven in 3 h'];
    }

    #[DataProvider('givenWay')]
    public function test_when_it_gives_there_is_a_match(string $nothing, string $something): void
    {
        self::assertSame([], TodaysCase::open()->answer($nothing)->matches);
        self::assertNotSame([], TodaysCase::open()->answer($something)->matches);
    }

    public function test_of_several_that_fail_the_nearest_is_named(): void
    {
        $answer = TodaysCase::open()->answer('steak for 2 mr pan budget 2');

        self::assertSame(['budget'], array_map(static fn (Refusal $refusal): string => $refusal->limit->value, $answer->refusals));
        $cheapest = min(
            array_map(
                static fn ($lot): float => (self::steakKg($lot) * $lot->pricePerKgMinor) / 100.0,
                array_filter(
                    TodaysCase::open()->lots,
                    static fn ($lot): bool => $lot->cut->group->value === 'beef' && $lot->cut->form->value === 'steak',
                ),
            ),
        );
        self::assertEqualsWithDelta($cheapest - 2.0, $answer->refusals[0]->says->args['over_money'], 0.01);
    }

    /** A head's part of whole steaks for two, kg. */
    private static function steakKg(Lot $lot): float
    {
        return Portions::from(DataFolder::shipped())->sale($lot->cut, new Eaters(new Eater(2)), $lot->thickness)->raw()->toGrams() / 2000.0;
    }

    public function test_whole_birds_are_sold_whole_and_paid_for_whole(): void
    {
        $match = TodaysCase::open()->answer('whole chicken for 2 oven')->matches[0];

        // 12.80 for two
        $sale = $match->option->sale;
        self::assertSame([1, 1600.0, 640], [$sale->count, $sale->raw()->toGrams(), $match->option->perHeadMinor]);
    }

    public function test_by_weight_is_by_weight_whatever_the_portions(): void
    {
        $match = TodaysCase::open()->answer('2 800g beef mince pan')->matches[0];

        self::assertSame([800.0, 400], [$match->option->sale->raw()->toGrams(), $match->option->perHeadMinor]); // 8.00 for two
    }

    public function test_only_that_grade_and_hung_so_long(): void
    {
        $slugs = static fn (array $more): array => array_unique(
            array_map(
                static fn ($match): string => $match->option->lot->number,
                TodaysCase::open()->answer('2 beef pan mr', null, $more)->matches,
            ),
        );
        self::assertSame(['B01', 'B05', 'B15'], self::sorted($slugs(['grade' => 'usda_quality:choice'])));
        self::assertSame(['B15'], self::sorted($slugs(['aged_days' => 30])));
    }

    public function test_a_named_cut_that_is_there_in_another_way_is_not_replaced(): void
    {
        self::assertNull(TodaysCase::open()->answer('2 lamb shank grill')->insteadOf);
        self::assertSame('beef-flap', TodaysCase::open()->answer('2 flap mr gas')->insteadOf?->slug);
        self::assertNotSame([], TodaysCase::open()->answer('2 flap mr gas')->changes['beef-flank-steak'] ?? []);
    }

    /**
     * @param  array<int, string>  $numbers
     * @return list<string>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
