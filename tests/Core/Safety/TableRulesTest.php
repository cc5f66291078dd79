<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use DateTimeImmutable;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\Rearing;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\Safety\Tightening;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What is known of who eats and of the lot it is sold from bears on the whole ticket. */
final class TableRulesTest extends TestCase
{
    private const NOW = '2026-11-25T16:00:00+01:00';

    #[TestWith(['pork-tenderloin', 'diets', 'halal'])]
    #[TestWith(['prawns', 'avoid', 'shellfish'])]
    #[TestWith(['cod-loin', 'avoid', 'fish'])]
    #[TestWith(['lamb-rump', 'avoid', 'lamb'])]
    public function test_meat_somebody_goes_without_is_a_stop(string $cut, string $key, string $word): void
    {
        $of = static fn (array $diner): string => self::ticket([
            'cut' => $cut, 'diners' => [['count' => 2], ['count' => 1, ...$diner]],
        ])['verdict']['level'];

        self::assertSame('stop', $of([$key => [$word]]));
        self::assertNotSame('stop', $of(['avoid' => ['mustard']]));
    }

    public function test_what_is_never_for_children_is_a_stop_for_a_child_and_a_young_one_is_asked_about(): void
    {
        $of = static fn (string $cut, array $diner): array => self::ticket([
            'cut' => $cut, 'diners' => [['count' => 2, ...$diner]],
        ])['verdict'];

        self::assertSame('stop', $of('pheasant-whole', ['child' => true])['level'], 'lead shot, perhaps');
        self::assertSame('clear', $of('pheasant-whole', [])['level']);
        $child = array_column($of('beef-rib-eye-steak', ['child' => true])['findings'], 'key');
        self::assertContains('safety.children_under_five', $child);
        self::assertSame('stop', $of('lamb-rump', ['under_one' => true, 'doneness' => 'medium_rare'])['level'], 'under one is at risk');
    }

    public function test_for_who_is_at_risk_whole_meat_starts_cold_too(): void
    {
        $of = static fn (bool $isAtRisk): array => array_column(self::ticket([
            'cut' => 'lamb-rump', 'start_c' => 12, 'diners' => [['count' => 2, 'at_risk' => $isAtRisk]],
        ])['verdict']['findings'], 'key');

        self::assertContains('safety.warm_start_stop', $of(true));
        self::assertNotContains('safety.warm_start_stop', $of(false));
    }

    public function test_no_honey_goes_on_the_meat_of_who_is_under_one(): void
    {
        $on = static fn (array $diner): array => array_column(self::ticket([
            'cut' => 'pork-loin-chop-bone-in', 'seasoning' => 'glaze-mustard-honey', 'diners' => [['count' => 2, ...$diner]],
        ])['dressing']['amounts'], 'name');

        self::assertContains('honey', $on([]));
        self::assertNotContains('honey', $on(['under_one' => true]));
    }

    public function test_a_lot_is_not_sold_for_a_day_after_its_own(): void
    {
        $counter = Counter::open();
        $lot = (new LotReader($counter->catalogue, GradeTable::from(DataFolder::shipped())))->read([
            'number' => 'L1', 'cut' => 'lamb-rump', 'weight_g' => 3000, 'price_per_kg' => 26, 'thickness_mm' => 45,
            'use_by' => '2026-11-26',
        ]);
        $ask = ['cut' => 'lamb-rump', 'lot' => 'L1', 'diners' => [['count' => 2]], 'now' => self::NOW];

        self::assertNotNull($counter->ticket([...$ask, 'eat_at' => '2026-11-26T19:00:00+01:00'], lot: $lot));
        self::assertTrue($lot->isPastWhenEaten(new DateTimeImmutable('2026-11-27T09:00:00+01:00'), null), 'nor today, once it is over');
        $this->expectException(InputRefused::class);
        $counter->ticket([...$ask, 'eat_at' => '2026-11-27T19:00:00+01:00'], lot: $lot);
    }

    public function test_nothing_is_printed_for_an_hour_that_is_gone(): void
    {
        foreach (['beef-fillet-steak', 'lamb-rump', 'beef-brisket-flat', 'pork-loin-roast-boneless', 'chicken-whole'] as $cut) {
            foreach (['2026-11-25T18:00:00+01:00', '2026-11-25T16:20:00+01:00'] as $eatAt) {
                if (! Counter::open()->catalogue->knows($cut)) {
                    continue;
                }
                $ticket = self::ticket(['cut' => $cut, 'diners' => [['count' => 2]], 'now' => self::NOW, 'eat_at' => $eatAt]);
                foreach ($ticket['timeline'] as $line) {
                    self::assertGreaterThanOrEqual(strtotime(self::NOW), strtotime($line['clock']), "{$cut} {$line['do']['key']}");
                }
            }
        }
        $soon = ['cut' => 'beef-fillet-steak', 'diners' => [['count' => 2]], 'now' => self::NOW, 'eat_at' => '2026-11-25T17:00:00+01:00'];
        foreach (self::ticket([...$soon, 'out_of_fridge_s' => 7200.0])['timeline'] as $line) {
            self::assertGreaterThanOrEqual(strtotime(self::NOW), strtotime($line['clock']), 'out of the fridge now, not an hour ago');
        }
        $soon = self::ticket($soon);
        self::assertNotSame('butter', $soon['dressing']['kind'], 'nobody asked for it, and it would not be firm');
    }

    public function test_what_is_salted_already_is_not_salted_again(): void
    {
        $ask = ['cut' => 'beef-strip-steak', 'diners' => [['count' => 2]]];
        $salting = static fn (array $ticket): array => array_filter(
            array_column(array_column($ticket['timeline'], 'do'), 'key'),
            static fn (string $key): bool => str_starts_with($key, 'season_do.salt'),
        );
        $salted = self::ticket([...$ask, 'salted_ahead_s' => 1800.0]);

        self::assertNotSame([], $salting(self::ticket($ask)));
        self::assertSame([], $salting($salted));
        self::assertContains('doubt.salted_wet', array_column($salted['doubts'], 'key'));
        self::assertNull($salted['dressing']['salt_beside'] ?? null);
    }

    public function test_a_seasoning_is_weighed_for_the_pieces_that_get_it(): void
    {
        $ask = ['cut' => 'beef-strip-steak', 'pieces' => 4, 'seasoning' => 'rub-dune'];
        $g = static fn (array $diners): float => self::ticket([...$ask, 'diners' => $diners])['dressing']['total_g'];
        $all = $g([['count' => 4]]);

        self::assertEqualsWithDelta(0.75 * $all, $g([['count' => 3], ['count' => 1, 'avoid' => ['something else']]]), 0.02 * $all);
    }

    /** Minced and wild: a house that wants more of either gets it of both. */
    public function test_what_is_asked_of_each_thing_a_piece_is_holds_for_the_piece(): void
    {
        $rules = SafetyRules::from(DataFolder::shipped());
        $mince = Counter::open()->catalogue->cut('venison-mince')->reared(Rearing::Wild);
        $house = new Standard(Profile::Us, new Tightening(minimumC: ['minced' => 80.0]));

        self::assertSame(73.9, $rules->of(new Standard(Profile::Us), $mince)->officialC);
        self::assertSame(80.0, $rules->of($house, $mince)->officialC);
    }

    /**
     * @param  array<string, mixed>  $ask
     * @return array<string, mixed>
     */
    private static function ticket(array $ask): array
    {
        return Counter::open()->ticket($ask);
    }
}
