<?php

declare(strict_types=1);

namespace Tests\Core\Contract;

use Generator;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\FoodClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** An ask is read strictly: what is wrong is named, nothing is guessed. */
final class AskReaderTest extends TestCase
{
    /** @return Generator<string, array{array<string, mixed>, string, string}> */
    public static function broken(): Generator
    {
        foreach (['zero' => 0, 'negative' => -5, 'far too thick' => 10_000] as $what => $value) {
            yield "thickness {$what}" => [['thickness_mm' => $value], 'thickness_mm', 'out_of_range'];
        }
        yield 'thickness a word' => [['thickness_mm' => 'abc'], 'thickness_mm', 'wrong_type'];
        yield 'thickness not a number' => [['thickness_mm' => NAN], 'thickness_mm', 'out_of_range'];
        yield 'heavier than it is sold' => [['raw_g' => 2000], 'raw_g', 'out_of_range'];
        yield 'half the thickness and all the weight' => [['thickness_mm' => 12, 'raw_g' => 500], 'raw_g', 'conflict'];
        yield 'half a piece' => [['pieces' => 1.5], 'pieces', 'wrong_type'];
        $avoiding = static fn (int $count): array => array_map(
            static fn (int $i): array => ['count' => 1, 'avoid' => ["herb {$i}"]],
            range(1, $count),
        );
        yield 'seven who each have it otherwise' => [['diners' => $avoiding(7)], 'diners', 'out_of_range'];
        yield 'nobody eats' => [['diners' => null], 'diners', 'missing'];
        yield 'unknown cut' => [['cut' => 'unicorn-rump'], 'cut', 'not_allowed'];
        yield 'no cut' => [['cut' => null], 'cut', 'missing'];
        yield 'a method the cut does not suit' => [['method' => 'oven_roast'], 'method', 'not_allowed'];
        yield 'a method without its appliance' => [['method' => 'sear_then_oven', 'appliances' => ['pan']], 'method', 'not_allowed'];
        yield 'no appliance that suits' => [['appliances' => []], 'appliances', 'conflict'];
        yield 'a word of the other scale' => [
            ['schools' => ['doneness_words' => 'official'], 'diners' => [['count' => 1, 'doneness' => 'rare']]],
            'diners.0.doneness',
            'not_allowed',
        ];
        yield 'a grade no scale has' => [['grade' => 'usda_quality:superb'], 'grade', 'not_allowed'];
        yield 'a lot without a number' => [['lot' => ''], 'lot', 'wrong_type'];
        yield 'half a diner' => [['diners' => [['count' => 1.5]]], 'diners.0.count', 'wrong_type'];
        yield 'eating in the past' => [
            ['now' => '2026-11-24T18:00:00+01:00', 'eat_at' => '2026-11-24T16:59:00Z'],
            'eat_at',
            'out_of_range',
        ];
        yield 'no such day' => [['now' => '2026-11-24T18:00:00Z', 'eat_at' => '2026-11-31T18:00:00Z'], 'eat_at', 'wrong_type'];
        yield 'frozen through' => [['start_c' => -12], 'start_c', 'out_of_range'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_broken_input_is_refused_naming_the_key(array $change, string $key, string $reason): void
    {
        try {
            Counter::open()->reader->read([
                ...['cut' => 'beef-rib-eye-steak', 'thickness_mm' => 30, 'diners' => [['count' => 2]]],
                ...$change,
            ]);
            self::fail('it was taken');
        } catch (InputRefused $refused) {
            self::assertSame([$key, $reason], [$refused->violations[0]->key, $refused->violations[0]->reason], $refused->getMessage());
            Words::assertSaid($refused->violations[0]->allowed);
        }
    }

    public function test_a_target_above_the_fire_is_said_to_be_out_of_reach(): void
    {
        try {
            Counter::open()->ticket([
                'cut' => 'beef-rib-eye-steak',
                'thickness_mm' => 30,
                'method' => 'water_bath',
                'heat_c' => 54,
                'diners' => [['count' => 2, 'doneness' => 'medium']],
            ]);
            self::fail('it was computed');
        } catch (InputRefused $refused) {
            self::assertSame(
                ['heat_c', 'unreachable', 54.0],
                [$refused->violations[0]->key, $refused->violations[0]->reason, $refused->violations[0]->value],
            );
            self::assertSame('allowed.hotter', $refused->violations[0]->allowed->key);
        }
    }

    public function test_what_is_taken_but_not_used_is_said_on_the_ticket(): void
    {
        $ticket = Counter::open()->ticket([
            'cut' => 'lamb-rump',
            'thickness_mm' => 45,
            'budget' => 12,
            'aged_days' => 9,
            'diners' => [['count' => 2, 'appetite' => 'usual', 'avoid' => ['mustard']]],
        ]);
        $doubts = array_column($ticket['doubts'], 'key');

        self::assertContains('doubt.season_without', $doubts);
        foreach (['budget', 'aged_days'] as $key) {
            self::assertContains("doubt.not_considered_{$key}", $doubts);
        }
    }

    public function test_what_stands_with_a_lot_holds_for_what_is_sold_of_it(): void
    {
        $lots = new LotReader(Counter::open()->catalogue, GradeTable::from(DataFolder::shipped()));
        $lot = static fn (string $slug, array $is) => $lots->read([
            'number' => 'X1',
            'cut' => $slug,
            'weight_g' => 4000,
            'price_per_kg' => 10,
            ...$is,
        ]);
        $class = static fn (string $slug, array $is): FoodClass => Counter::open()->reader->read(
            ['cut' => $slug, 'thickness_mm' => 30, 'diners' => [['count' => 2]]],
            lot: $lot($slug, $is),
        )->piece->cut->foodClass;

        self::assertSame(FoodClass::NonIntact, $class('beef-rib-eye-steak', ['pierced' => true]));
        self::assertSame(FoodClass::Stuffed, $class('duck-breast', ['stuffed' => true]));
        self::assertSame(
            [FoodClass::WildGame, FoodClass::FarmedGame],
            [$class('venison-loin-steak', ['rearing' => 'wild']), $class('venison-loin-steak', ['rearing' => 'farmed'])],
        );
        $conflicts = [['venison-loin-steak', ['rearing' => 'wild'], 'rearing', 'farmed'], ['salmon-loin', [], 'parasite_frozen', true]];
        foreach ($conflicts as [$slug, $is, $key, $said]) {
            try {
                Counter::open()->reader->read(
                    ['cut' => $slug, 'thickness_mm' => 30, 'diners' => [['count' => 2]], $key => $said],
                    lot: $lot($slug, $is),
                );
                self::fail("{$key} was taken against the lot");
            } catch (InputRefused $refused) {
                self::assertSame(
                    [[$key, 'conflict']],
                    array_map(static fn (Violation $violation): array => [$violation->key, $violation->reason], $refused->violations),
                );
            }
        }
    }
}
