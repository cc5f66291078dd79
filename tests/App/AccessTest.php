<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Customer;
use App\Models\Lot;
use App\Models\Role;
use App\Models\User;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who may do what: each role at each door, and nobody at another shop's. */
final class AccessTest extends AppTestCase
{
    private const LOT = ['number' => 'Z1', 'cut' => 'lamb-rump', 'thickness_mm' => 45, 'weight_g' => 1000, 'price_per_kg' => 20];

    /** @return Generator<string, array{string, string, array<string, mixed>, list<Role>}> */
    public static function doors(): Generator
    {
        [$advisor, $cutter, $head] = [Role::Advisor, Role::Cutter, Role::HeadButcher];
        $wish = ['diners' => [['count' => 2]]];
        yield 'sees the case' => ['GET', 'case', [], [$advisor, $cutter, $head]];
        yield 'takes the case out as a file' => ['GET', 'case/export.csv', [], [$advisor, $cutter, $head]];
        yield 'takes a lot in' => ['POST', 'case/lots', self::LOT, [$cutter, $head]];
        yield 'brings a file in' => ['POST', 'case/import', ['lots' => []], [$cutter, $head]];
        yield 'changes a lot' => ['PUT', 'case/lots/{lot}', self::LOT, [$cutter, $head]];
        yield 'weighs out' => ['POST', 'case/lots/{lot}/moves', ['kind' => 'weighed_out', 'grams' => 1], [$advisor, $cutter, $head]];
        yield 'sees what happened to a lot' => ['GET', 'case/lots/{lot}/moves', [], [$advisor, $cutter, $head]];
        yield 'asks the line' => ['POST', 'ask-line', ['line' => '2 steak'], [$advisor, $cutter, $head]];
        yield 'matches' => ['POST', 'matches', $wish, [$advisor, $cutter, $head]];
        yield 'asks why not' => ['POST', 'why-not', ['wish' => $wish, 'cut' => 'lamb-rump'], [$advisor, $cutter, $head]];
        yield 'sees the house rules' => ['GET', 'house', [], [$advisor, $cutter, $head]];
        yield 'writes the house rules' => ['PUT', 'house', ['profile' => 'us'], [$head]];
        yield 'sees what a school comes to' => ['POST', 'schools/oil/difference', [], [$advisor, $cutter, $head]];
        yield 'prices' => ['GET', 'price?cost_per_kg=10&margin_pct=30', [], [$cutter, $head]];
        yield 'sees who works here' => ['GET', 'staff', [], [$head]];
        yield 'takes somebody on' => [
            'POST',
            'staff',
            ['name' => 'Una', 'sign_in' => 'una', 'role' => 'cutter', 'password' => 'long-enough-3'],
            [$head],
        ];
        yield 'sees customers' => ['GET', 'customers', [], [$advisor, $head]];
        yield 'keeps a customer' => ['POST', 'customers', ['name' => 'Elin'], [$advisor, $head]];
        yield 'forgets a customer' => ['DELETE', 'customers/{customer}', [], [$advisor, $head]];
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  list<Role>  $may
     */
    #[DataProvider('doors')]
    public function test_each_role_gets_in_where_it_works_and_nowhere_else(string $verb, string $path, array $body, array $may): void
    {
        $here = $this->staff(Role::HeadButcher, signIn: 'owner');
        $lot = self::lot($here);
        $address = static fn (): string => '/api/v1/'.
            str_replace(['{lot}', '{customer}'], [(string) $lot->id, (string) self::customer($here)->id], $path);
        foreach (Role::cases() as $role) {
            $status = $this->actingAs($this->staff($role, signIn: "as-{$role->value}"))
                ->json($verb, $address(), self::asNew($body, $role))
                ->status();
            in_array($role, $may, true) ? self::assertLessThan(300, $status, $role->value) : self::assertSame(403, $status, $role->value);
        }
        if (str_contains($path, '{')) {
            $this->actingAs($this->staff(Role::HeadButcher, shop: 'Shop over the bridge', signIn: 'elsewhere'))
                ->json($verb, $address(), $body)
                ->assertNotFound()
                ->assertJsonPath('reason', 'not_found');
        }
        $this->app?->make('auth')->forgetGuards();
        $this->json($verb, $address(), $body)->assertUnauthorized();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed> with a number, a sign-in and a name that nobody else has
     */
    private static function asNew(array $body, Role $role): array
    {
        foreach (array_intersect(['number', 'sign_in', 'name'], array_keys($body)) as $key) {
            $body[$key] .= '-'.str_replace('_', '-', $role->value);
        }

        return $body;
    }

    /** Whoever was there, or somebody in their place. */
    private static function customer(User $owner): Customer
    {
        return Customer::query()->firstOrCreate(['shop_id' => $owner->shop_id, 'name' => 'Runa'], ['appliances' => [], 'fires' => []]);
    }

    private static function lot(User $owner): Lot
    {
        return Lot::query()->create([
            'shop_id' => $owner->shop_id,
            'number' => 'Z0',
            'cut_slug' => 'lamb-rump',
            'thickness_mm' => 45,
            'left_g' => 1000,
            'price_per_kg_minor' => 2000,
            'packed' => 'wet',
            'origin' => '',
        ]);
    }
}
