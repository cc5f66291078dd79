<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A database of before tickets had several dishes is brought up to today, and keeps what was given. */
final class DishesMoveTest extends AppTestCase
{
    private const OLD = 'nessmark_before';

    public function test_what_was_given_before_is_the_one_dish_of_its_ticket(): void
    {
        config([
            'database.connections.old' => [...config('database.connections.'.config('database.default')), 'database' => self::OLD],
        ]);
        $files = glob(database_path('migrations/*.php')) ?: [];
        $at = array_key_first(array_filter($files, static fn (string $file): bool => str_contains($file, 'several_dishes')));
        $before = array_slice($files, 0, $at);
        $this->artisan('migrate:fresh', ['--database' => 'old', '--path' => $before, '--realpath' => true])->assertSuccessful();
        $old = DB::connection('old');
        $old->table('shops')->insert(['id' => 1, 'name' => 'Shop by the lock', 'town' => 'Varrsund', 'safety_profile' => 'us']);
        $old->table('users')->insert([
            'id' => 1,
            'shop_id' => 1,
            'name' => 'Somebody',
            'sign_in' => 'a',
            'password' => 'x',
            'role' => 'advisor',
        ]);
        ['ask' => $ask, 'result' => $result] = json_decode(
            (string) file_get_contents(base_path('tests/Reference/tickets-shape-1.json')),
            true,
        )['rows'][0];
        $row = [
            'cut_slug' => $ask['cut'],
            'cut_name' => 'As named then',
            'method' => 'pan',
            'verdict' => 'caution',
            'cautions_read' => '["read"]',
            'sold_g' => 640,
            'price_minor' => 1664,
        ];
        $old->table('tickets')->insert([
            ...$row,
            'id' => (string) Str::ulid(),
            'shop_id' => 1,
            'user_id' => 1,
            'number' => 7,
            'units' => 'metric',
            'ask' => json_encode($ask),
            'result' => json_encode($result),
            'engine_version' => '0.3.0',
        ]);

        $this->artisan('migrate', ['--database' => 'old', '--path' => $files, '--realpath' => true])->assertSuccessful();
        $dish = (array) $old->table('ticket_dishes')->first();

        self::assertSame($row, array_intersect_key($dish, $row));
        self::assertEquals(
            [1, 1, $ask, $result],
            [$dish['place'], $dish['shape'], json_decode($dish['ask'], true), json_decode($dish['result'], true)],
        );
    }
}
