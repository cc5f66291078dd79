<?php

declare(strict_types=1);

namespace Tests\Core\Meat;

use Generator;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Weight makes the body, by how the cut is sold. Arithmetic. */
final class SizeTest extends TestCase
{
    /** @return Generator<string, array{string, float, float}> cut, exponent of thickness, of length, in the weight */
    public static function grown(): Generator
    {
        yield 'a joint grows all round' => ['beef-topside', 1.0 / 3.0, 1.0 / 3.0];
        yield 'and so does a bird' => ['turkey-whole', 1.0 / 3.0, 1.0 / 3.0];
        yield 'a loin gets longer' => ['beef-strip-loin', 0.0, 1.0];
        yield 'a steak gets thicker' => ['beef-rib-eye-steak', 1.0, 0.0];
        yield 'a belly wider and longer' => ['pork-belly', 0.0, 0.5];
    }

    #[DataProvider('grown')]
    public function test_a_heavier_piece_is_larger_where_it_can_be(string $slug, float $inThickness, float $inLength): void
    {
        $cut = Counter::open()->catalogue->cut($slug);
        $grams = $cut->build->typicalG;
        [$light, $heavy] = [$cut->size(null, Mass::ofGrams(0.9 * $grams)), $cut->size(null, Mass::ofGrams(1.1 * $grams))];
        $ratio = 1.1 / 0.9;

        self::assertEqualsWithDelta($ratio ** $inThickness, $heavy->thickness->toMetres() / $light->thickness->toMetres(), 1e-6);
        self::assertEqualsWithDelta($ratio ** $inLength, $heavy->length()->toMetres() / $light->length()->toMetres(), 1e-6);
    }

    public function test_thickness_and_weight_come_back_from_each_other(): void
    {
        foreach (['beef-topside', 'turkey-whole', 'beef-rib-eye-steak'] as $slug) {
            $build = Counter::open()->catalogue->cut($slug)->build;
            $mass = $build->mass(Length::ofMillimetres(1.05 * $build->typicalMm));

            self::assertEqualsWithDelta(1.05 * $build->typicalMm, $build->thickness($mass)->toMillimetres(), 1e-6, $slug);
        }
    }

    public function test_a_rod_of_meat_weighs_what_it_should(): void
    {
        $size = Counter::open()->catalogue->cut('beef-topside')->size(Length::ofMillimetres(120.0), Mass::ofGrams(2000.0));
        $litres = (M_PI / 4.0) * 0.12 ** 2 * $size->length()->toMetres() * 1000.0;

        self::assertEqualsWithDelta(2.0 / 1.06, $litres, 0.04, 'meat weighs about 1.06 kg a litre');
    }

    /** Nothing flips: a hair thicker, done a little further, is a hair longer. */
    #[TestWith(['lamb-loin-boneless', 'grill', 45.0])]
    #[TestWith(['beef-rib-eye-steak', 'pan', 25.0])]
    #[TestWith(['chicken-breast', 'pan', 18.0])]
    #[TestWith(['pork-loin-roast', 'oven_roast', 100.0])]
    public function test_no_threshold_is_felt(string $slug, string $method, float $mm): void
    {
        $seconds = static fn (float $at): float => Counter::open()->ticket([
            'cut' => $slug,
            'method' => $method,
            'thickness_mm' => $at,
        ])['time']['likely_s'];

        self::assertEqualsWithDelta(1.0, $seconds($mm + 0.05) / $seconds($mm - 0.05), 0.03);
    }
}
