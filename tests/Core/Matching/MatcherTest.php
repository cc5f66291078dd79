<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Nessmark\Matching\Contribution;
use Nessmark\Matching\Found;
use Nessmark\Matching\Option;
use Nessmark\Safety\Level;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** What holds for any ask and any case. */
final class MatcherTest extends TestCase
{
    private const FIRES = ['pan', 'oven', 'pot', 'gas', 'bath', 'smoker', 'wok'];

    private const MEAT = ['', 'beef', 'pork', 'lamb', 'fish', 'game', 'chicken', 'steak', 'rib eye', 'duck breast', 'salmon'];

    private const MORE = [
        '',
        'cheap',
        'special',
        'quick',
        'easy',
        '19:30',
        'tomorrow',
        'in 2 h',
        '40mm',
        'no pork',
        'one pregnant',
        '1 well',
        'budget 9',
    ];

    /** @return array{string, list<string>} a line without its fires, and the fires */
    private static function random(int $number): array
    {
        $draw = new Randomizer(new Xoshiro256StarStar($number));
        $pick = static fn (array $from): string => $from[$draw->getInt(0, count($from) - 1)];
        $fires = array_slice($draw->shuffleArray(self::FIRES), 0, $draw->getInt(1, 4));

        return [trim(implode(' ', [(string) $draw->getInt(1, 8), $pick(self::MEAT), $pick(self::MORE), $pick(self::MORE)])), $fires];
    }

    public function test_more_money_never_lowers_the_best_score(): void
    {
        for ($number = 0; $number < 25; $number++) {
            [$line, $fires] = self::random($number);
            $best = 0.0;
            foreach ([1, 3, 6, 12, 25, 60, null] as $budget) {
                $matches = TodaysCase::open()->answer(
                    str_replace('budget 9', '', $line).' '.implode('+', $fires),
                    null,
                    $budget === null ? [] : ['budget' => $budget],
                )->matches;
                self::assertGreaterThanOrEqual($best - 1e-6, $matches[0]->score ?? 0.0, "{$line} at ".($budget ?? 'any'));
                $best = $matches[0]->score ?? 0.0;
            }
        }
    }

    public function test_taking_an_appliance_away_never_adds_a_way_to_cook(): void
    {
        $ways = static fn (string $line): array => array_unique(
            array_map(
                static fn (Option $option): string => "{$option->lot->number} {$option->method->value}",
                TodaysCase::open()->matcher->open(TodaysCase::open()->wish($line), TodaysCase::open()->lots),
            ),
        );
        $seen = 0;
        for ($number = 0; $number < 40; $number++) {
            [$line, $fires] = self::random($number);
            $with = $ways("{$line} ".implode('+', $fires));
            $seen += count($with);
            foreach (count($fires) > 1 ? array_keys($fires) : [] as $i) {
                self::assertSame([], array_diff($ways("{$line} ".implode('+', array_diff_key($fires, [$i => 0]))), $with), $line);
            }
        }
        self::assertGreaterThan(500, $seen);
    }

    public function test_the_order_of_the_case_does_not_change_the_ranking(): void
    {
        $order = static fn (array $matches): array => array_map(
            static fn (Found $match): string => "{$match->option->lot->number} {$match->option->method->value} {$match->score}",
            $matches,
        );
        for ($number = 0; $number < 25; $number++) {
            [$line, $fires] = self::random($number);
            $line .= ' '.implode('+', $fires);
            $shuffled = (new Randomizer(new Xoshiro256StarStar($number)))->shuffleArray(TodaysCase::open()->lots);
            self::assertSame(
                $order(TodaysCase::open()->answer($line)->matches),
                $order(TodaysCase::open()->answer($line, $shuffled)->matches),
                $line,
            );
        }
    }

    public function test_what_its_ticket_would_stop_is_no_match_for_the_diner_it_stops(): void
    {
        $checked = 0;
        for ($number = 100; $number < 118; $number++) {
            [$line, $fires] = self::random($number);
            $report = TodaysCase::open()->report("{$line}, one pregnant ".implode('+', $fires));
            foreach (array_slice($report['matches'], 0, 2) as $match) {
                $ticket = Counter::open()->ticket($match['ask']);
                self::assertNotSame('stop', $ticket['verdict']['level'], "{$line}: {$match['cut']['slug']} {$match['method']}");
                $checked++;
            }
        }
        self::assertGreaterThan(15, $checked);
    }

    public function test_a_score_is_the_sum_of_what_it_names(): void
    {
        foreach (TodaysCase::open()->answer('4 steak mr gas 19:30 budget 15')->matches as $match) {
            self::assertEqualsWithDelta(
                $match->score,
                array_sum(array_map(static fn (Contribution $c): float => $c->points, $match->contributions)),
                1e-4,
            );
            self::assertEqualsWithDelta(
                100.0,
                array_sum(array_map(static fn (Contribution $c): float => $c->most, $match->contributions)),
                1e-6,
            );
            self::assertContainsOnlyInstancesOf(Phrase::class, $match->reasons());
            self::assertNotSame([], $match->reasons());
        }
    }

    public function test_only_one_pays_for_being_cooked_twice_so_all_the_best_are_cooked(): void
    {
        $matches = TodaysCase::open()->answer('2 steak mr')->matches;
        $scores = array_map(static fn (Found $match): float => $match->score, $matches);
        $sorted = $scores;
        rsort($sorted);

        self::assertSame($sorted, $scores);
        foreach ($matches as $match) {
            self::assertNotNull($match->option->times);
        }
    }

    public function test_each_who_eats_it_otherwise_gets_pieces_apart(): void
    {
        $match = TodaysCase::open()->report('4 rib eye mr pan, one well no chilli')['matches'][0];
        $pieces = Counter::open()->ticket($match['ask'])['pieces'];

        self::assertSame(
            [['A', 3, 'medium_rare', []], ['B', 1, 'well', ['chilli']]],
            array_map(static fn (array $p): array => [$p['mark'], $p['diners'], $p['word'], $p['avoid']], $pieces),
        );
        self::assertGreaterThan($pieces[0]['time']['likely_s'], $pieces[1]['time']['likely_s']);
        self::assertSame(0.0, $pieces[1]['goes_on_after_s']); // what takes longest goes on first
        $timeline = array_column(
            array_map(
                static fn (array $line): array => ['key' => $line['do']['key'], 'at_s' => $line['at_s']],
                Counter::open()->ticket($match['ask'])['timeline'],
            ),
            'at_s',
            'key',
        );
        self::assertEqualsWithDelta(-$pieces[0]['goes_on_after_s'], $timeline['do.piece_on'], 1.0);
        self::assertLessThan($timeline['do.piece_on'], $timeline['do.preheat_pan']); // and the pan is hot by then
        self::assertGreaterThan(60.0, $pieces[0]['goes_on_after_s']);
    }

    public function test_who_is_at_risk_gets_a_piece_at_the_minimum_and_the_others_their_own(): void
    {
        $match = TodaysCase::open()->report('4 rib eye pan, one pregnant')['matches'][0];
        $pieces = Counter::open()->ticket($match['ask'])['pieces'];

        self::assertSame(['medium_rare', 'official_minimum'], array_column($pieces, 'word'));
        self::assertSame(['caution', 'clear'], array_column($pieces, 'verdict'));
    }

    public function test_what_would_have_to_give_is_said_with_its_figure(): void
    {
        $dear = TodaysCase::open()->answer('4 fillet steak mr pan budget 3')->refusals[0];
        // 190 g at 54 a kilo
        self::assertSame(['a_head_money' => 10.26, 'over_money' => 7.26], array_diff_key($dear->says->args, ['cut' => 0]));

        $late = TodaysCase::open()->answer('4 beef braise in 30 min')->refusals[0];
        self::assertSame('time', $late->limit->value);
        self::assertGreaterThan(3600.0, $late->says->args['short_s']);

        $weak = TodaysCase::open()->answer('4 lamb shank grill')->refusals;
        // a pot or an oven would do
        self::assertContains('limit.fire', array_map(static fn ($refusal): string => $refusal->says->key, $weak));
    }

    public function test_why_not_answers_for_what_is_there_what_is_ruled_out_and_what_is_not_there(): void
    {
        $worse = TodaysCase::open()->whyNot('2 steak mr pan', 'beef-strip-steak');
        self::assertTrue($worse['in_case']);
        self::assertGreaterThan($worse['score'], $worse['best']['score']);
        self::assertNotSame([], $worse['worse_by']);

        self::assertSame(
            ['budget'],
            array_column(TodaysCase::open()->whyNot('2 steak mr pan budget 9', 'beef-fillet-steak')['refusals'], 'limit'),
        );
        self::assertFalse(TodaysCase::open()->whyNot('2 steak mr pan', 'goose-breast')['in_case']);
    }

    public function test_what_can_be_ordered_is_offered_only_when_wanted_and_only_in_time(): void
    {
        $lots = [
            ...array_filter(TodaysCase::open()->lots, static fn (Lot $lot): bool => $lot->cut->group->value === 'fish'),
            self::order('O1', 'goose-breast', 3),
        ];

        self::assertNotNull(
            TodaysCase::open()->answer('2 goose breast pan', $lots)->insteadOf ??
                TodaysCase::open()->answer('2 goose breast pan', $lots)->isMissing,
        );
        self::assertSame(
            'O1',
            TodaysCase::open()->answer('2 goose breast pan saturday may order', $lots)->matches[0]->option->lot->number,
        );
        self::assertSame('order', TodaysCase::open()->answer('2 goose breast pan tomorrow may order', $lots)->refusals[0]->limit->value);
    }

    public function test_a_plan_for_all_is_as_strict_as_its_strictest_piece(): void
    {
        $wish = TodaysCase::open()->wish('2 rib eye rare pan, one pregnant rare');
        $levels = array_map(
            static fn (Option $option): Level => $option->level,
            TodaysCase::open()->matcher->open($wish, TodaysCase::open()->lots),
        );

        self::assertNotContains(Level::Stop, $levels);
        self::assertSame('safety', TodaysCase::open()->answer('2 rib eye rare pan, one pregnant rare')->refusals[0]->limit->value);
    }

    private static function order(string $number, string $slug, int $leadDays): Lot
    {
        $like = TodaysCase::open()->lots[0];

        return new Lot(
            $number,
            TodaysCase::open()->catalogue->cut($slug),
            null,
            null,
            null,
            null,
            2400,
            null,
            $like->packed,
            'Tarnholm',
            null,
            false,
            false,
            $leadDays,
        );
    }
}
