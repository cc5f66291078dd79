<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Nessmark\Advice\RoughCook;
use Nessmark\Advice\RoughTimes;
use Nessmark\Catalogue\ShopChanges;
use Nessmark\Contract\LotReader;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Engine;
use Nessmark\Data\Record;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Matching\CookMemory;
use Nessmark\Matching\Cooks;
use Nessmark\Matching\Option;
use Nessmark\Safety\SafetyRules;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\TodaysCase;

/** A coarse cook is remembered for what it was: this engine, this very cut. */
final class CooksTest extends TestCase
{
    public function test_two_shops_cuts_of_one_name_do_not_share_a_cook(): void
    {
        $memory = new class implements CookMemory
        {
            /** @var list<string> */
            public array $keys = [];

            public function recall(string $key): RoughTimes|false|null
            {
                $this->keys[] = $key;

                return new RoughTimes(60.0, 0.0, 0.0);
            }

            public function keep(string $key, RoughTimes|false $times): void {}
        };
        $record = Counter::open()->catalogue->cut('lamb-rump')->record->with('slug', 'quay-rump')->toArray();
        foreach ([0.7, 0.7, 0.62] as $water) {
            $composition = [...$record['composition'], 'water' => $water, 'fat' => 0.98 - $water - $record['composition']['protein']];
            $catalogue = Counter::open()->catalogue->with(
                new ShopChanges([new Record([...$record, 'composition' => $composition], 'quay-rump')], [], []),
            );
            $lot = (new LotReader($catalogue, GradeTable::from(DataFolder::shipped())))->read([
                'number' => 'Q1',
                'cut' => 'quay-rump',
                'thickness_mm' => 45,
                'weight_g' => 2000,
                'price_per_kg' => 20,
            ]);
            $wish = TodaysCase::open()->wishOf('2 lamb rump pan', new HouseRules());
            $option = TodaysCase::open()->matcher->open($wish->for($wish->meat->ofOtherCuts(['quay-rump' => 1.0])), [$lot])[0];
            self::assertInstanceOf(Option::class, $option);
            (new Cooks(RoughCook::from(DataFolder::shipped()), SafetyRules::from(DataFolder::shipped()), $memory))->times($option, $wish);
        }

        [$first, $same, $other] = $memory->keys;
        self::assertSame($first, $same);
        self::assertNotSame($first, $other);
        self::assertStringStartsWith(Engine::VERSION.' ', $first);
    }
}
