<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Role;
use App\Services\CookCache;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Nessmark\Advice\RoughTimes;

/** Coarse cooks are kept from one question to the next, and change no answer. */
final class CookCacheTest extends AppTestCase
{
    public function test_what_was_kept_is_recalled_and_what_was_not_is_not_known(): void
    {
        $cache = new CookCache(new Repository(new ArrayStore()));
        self::assertNull($cache->recall('beef-flap pan'));
        $cache->keep('beef-flap pan', new RoughTimes(420.5, 300.0, 180.0));
        $cache->keep('beef-flap bath', false);

        self::assertEquals(new RoughTimes(420.5, 300.0, 180.0), $cache->recall('beef-flap pan'));
        self::assertFalse($cache->recall('beef-flap bath')); // this fire never gets there
    }

    public function test_a_match_from_memory_is_the_match_computed(): void
    {
        $this->actingAs($user = $this->staff(Role::HeadButcher));
        foreach (['lamb-rump' => 45, 'beef-rib-eye-steak' => 32, 'salmon-loin' => 28] as $slug => $mm) {
            Lot::query()->create([
                'shop_id' => $user->shop_id,
                'number' => $slug,
                'cut_slug' => $slug,
                'thickness_mm' => $mm,
                'left_g' => 3000,
                'price_per_kg_minor' => 2500,
                'packed' => 'wet',
                'origin' => '',
            ]);
        }
        $ask = fn () => $this->postJson('/api/v1/matches', [
            'diners' => [['count' => 2]],
            'now' => '2026-11-25T10:00:00+01:00',
            'eat_at' => '2026-11-25T19:00:00+01:00',
        ])
            ->assertOk()
            ->json('matches');

        self::assertEquals($ask(), $ask());
        self::assertCount(3, $ask());
    }
}
