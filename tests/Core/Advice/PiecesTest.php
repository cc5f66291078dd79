<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Generator;
use Nessmark\Contract\Json;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Grade\GradeTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** One meal, several ways to eat it: pieces apart on one ticket, ready together, judged together, paid for together. */
final class PiecesTest extends TestCase
{
    private const STEAKS = ['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'method' => 'pan'];

    private const EATERS = [
        ['count' => 3, 'doneness' => 'medium_rare'],
        ['count' => 1, 'doneness' => 'well'],
        ['count' => 1, 'doneness' => 'medium_rare', 'avoid' => ['chilli']],
    ];

    public function test_who_eats_alike_shares_and_who_does_not_has_a_mark(): void
    {
        $pieces = self::ticket(self::EATERS)['pieces'];

        self::assertSame(
            [['A', 3], ['B', 1], ['C', 1]],
            array_map(static fn (array $piece): array => [$piece['mark'], $piece['diners']], $pieces),
        );
        self::assertSame([[], [], ['chilli']], array_column($pieces, 'avoid'));
        self::assertSame([], self::ticket([['count' => 5, 'doneness' => 'medium_rare']])['pieces']);
        self::assertSame(
            [],
            self::ticket([['count' => 2, 'doneness' => 'well'], ['count' => 1, 'doneness' => 'well', 'appetite' => 'hearty']])[
                'pieces'
            ],
        ); // more of it, not another way
    }

    public function test_each_piece_is_cooked_as_it_would_be_alone(): void
    {
        $pieces = self::ticket(self::EATERS)['pieces'];
        $alone = self::ticket([['count' => 1, 'doneness' => 'well']]);

        self::assertSame([$alone['pull_core_c'], $alone['time']], [$pieces[1]['pull_core_c'], $pieces[1]['time']]);
    }

    public function test_all_are_ready_together_even_at_the_slow_end(): void
    {
        $ticket = self::ticket(self::EATERS, ['now' => '2026-11-25T10:00:00+01:00', 'eat_at' => '2026-11-25T19:30:00+01:00']);
        $on = array_map(static fn (array $piece): int => (int) strtotime((string) $piece['on_heat_at']), $ticket['pieces']);

        foreach ($ticket['pieces'] as $i => $piece) {
            self::assertEqualsWithDelta(max($on) - min($on) - (max($on) - $on[$i]), $piece['goes_on_after_s'], 2.0);
        }
        self::assertSame([$ticket['timeline'][0]['at_s']], [min(array_column($ticket['timeline'], 'at_s'))]); // in the order of the clock
        $clocks = array_column($ticket['timeline'], 'clock');
        $sorted = $clocks;
        sort($sorted);
        self::assertSame($sorted, $clocks);
        self::assertSame(
            2,
            count(array_filter($ticket['timeline'], static fn (array $line): bool => $line['do']['key'] === 'do.piece_on')),
        );
    }

    public function test_the_verdict_is_as_strict_as_the_strictest_and_each_piece_keeps_its_own(): void
    {
        $ticket = self::ticket([['count' => 2, 'doneness' => 'well'], ['count' => 1, 'doneness' => 'rare', 'at_risk' => true]]);
        self::assertSame(['stop', ['clear', 'stop']], [$ticket['verdict']['level'], array_column($ticket['pieces'], 'verdict')]);
        self::assertFalse($ticket['verdict']['may_be_handed_over']);

        $mended = self::ticket([
            ['count' => 2, 'doneness' => 'rare'],
            ['count' => 1, 'doneness' => 'official_minimum', 'at_risk' => true],
        ]);
        self::assertSame(['caution', ['caution', 'clear']], [$mended['verdict']['level'], array_column($mended['pieces'], 'verdict')]);
    }

    public function test_amounts_and_price_are_of_all_together(): void
    {
        $lot = (new LotReader(TodaysCase::open()->catalogue, GradeTable::from(DataFolder::shipped())))->read([
            'number' => 'B1',
            'cut' => 'beef-rib-eye-steak',
            'thickness_mm' => 30,
            'weight_g' => 4000,
            'price_per_kg' => 38,
        ]);
        $ask = Counter::open()->reader->read([...self::STEAKS, 'diners' => self::EATERS, 'lot' => 'B1'], lot: $lot);
        $ticket = Json::of(Counter::open()->tickets->advise($ask, 'GBP'));

        // of 378 g, 190 g a head
        self::assertSame([5, 3, 1134.0], [$ticket['amounts']['diners'], $ticket['amounts']['pieces'], $ticket['amounts']['raw_g']]);
        self::assertSame(1134.0, array_sum(array_column($ticket['pieces'], 'raw_g')));
        self::assertSame(
            [
                'lot' => 'B1',
                'currency' => 'GBP',
                'per_kg' => 38.0,
                'weighed_g' => 1134.0,
                'total' => 43.09,
                'a_head' => 8.62,
                'seasoning' => null,
            ],
            array_diff_key($ticket['price'], ['cooked_100g' => 0]),
        );
    }

    public function test_a_joint_for_two_ways_is_parted_by_heads_and_whole_pieces_go_whole(): void
    {
        $shares = [['count' => 3, 'doneness' => 'rare'], ['count' => 1, 'doneness' => 'well']];
        $joint = Counter::open()->ticket(['cut' => 'beef-topside', 'raw_g' => 2000, 'method' => 'oven_roast', 'diners' => $shares]);
        $steaks = self::ticket($shares, ['pieces' => 4]);

        self::assertSame([2000.0, [1500.0, 500.0]], [$joint['amounts']['raw_g'], array_column($joint['pieces'], 'raw_g')]);
        self::assertSame([4, [3, 1]], [$steaks['amounts']['pieces'], array_column($steaks['pieces'], 'pieces')]);
    }

    /** @return Generator<string, array{array<string, mixed>, int|null, float, string|null}> ask, pieces, g in all, why */
    public static function amounts(): Generator
    {
        // Portions by catering practice, no source: core/data/portions.json; the pieces by arithmetic.
        yield 'burgers' => [['cut' => 'beef-burger', 'diners' => [['count' => 4]]], 4, 800.0, 'amount.one_each'];
        yield 'cutlets' => [['cut' => 'lamb-cutlet', 'diners' => [['count' => 2]]], 8, 600.0, 'amount.so_many_each'];
        yield 'large steaks' => [['cut' => 'beef-rib-eye-steak', 'diners' => [['count' => 4]]], 2, 756.0, 'amount.one_for'];
        yield 'steaks by weight' => [['cut' => 'beef-rib-eye-steak', 'raw_g' => 400, 'pieces' => 2], 2, 800.0, null];
        yield 'a bird' => [['cut' => 'chicken-whole', 'diners' => [['count' => 4]]], 1, 1600.0, 'amount.one_for'];
        yield 'a joint' => [['cut' => 'beef-topside', 'diners' => [['count' => 8]], 'method' => 'oven_roast'], null, 1550.0, null];
        yield 'dice' => [['cut' => 'beef-stewing-dice', 'diners' => [['count' => 4]]], null, 760.0, null];
        yield 'ribs' => [['cut' => 'lamb-rack', 'diners' => [['count' => 2]], 'method' => 'oven_roast'], 2, 900.0, 'amount.by_racks'];
    }

    /** @param  array<string, mixed>  $ask */
    #[DataProvider('amounts')]
    public function test_it_is_sold_in_whole_pieces_and_one_weight_counts(array $ask, ?int $pieces, float $rawG, ?string $why): void
    {
        $ticket = Counter::open()->ticket($ask);
        $amounts = $ticket['amounts'];

        self::assertSame([$pieces, $rawG, $why], [$amounts['pieces'], $amounts['raw_g'], $amounts['why']['key'] ?? null]);
        self::assertEqualsWithDelta($rawG * (1.0 - $ticket['losses']['cooking_loss_share']), $amounts['cooked_g'], 1.0);
    }

    /**
     * @param  list<array<string, mixed>>  $diners
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function ticket(array $diners, array $more = []): array
    {
        return Counter::open()->ticket([...self::STEAKS, 'diners' => $diners, ...$more]);
    }
}
