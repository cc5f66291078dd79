<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Generator;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\FibreDirection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Oracles;

/** Thermal properties against Choi & Okos (1986), from memory. */
final class PropertiesTest extends TestCase
{
    /** @return Generator<string, array{array<string, mixed>, float, float, string}> */
    public static function rows(): Generator
    {
        yield from Oracles::of('Choi & Okos component');
        yield from Oracles::of('mixture property 20 C');
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('rows')]
    public function test_components_and_mixtures(array $in, float $expected, float $tolerance, string $source): void
    {
        $composition = Composition::ofMassFractions(array_map(floatval(...), $in['mass_fractions'] ?? [$in['component'] => 1.0]));
        $k = ChoiOkos::conductivityWMK($composition, $in['T_C']);
        $rho = ChoiOkos::densityKgM3($composition, $in['T_C']);
        $cp = ChoiOkos::specificHeatJKgK($composition, $in['T_C']);
        $actual = ['k' => $k, 'rho' => $rho, 'cp' => $cp, 'alpha' => $k / ($rho * $cp)][$in['property']];

        self::assertEqualsWithDelta($expected, $actual, $tolerance, $source);
    }

    public function test_fat_still_conducts_at_sixty_degrees(): void
    {
        // The misprint b = -2.7604e-3 of some reprints would give 0.014 here, and less than nothing from 65 °C on.
        self::assertEqualsWithDelta(0.1635, ChoiOkos::conductivityWMK(Composition::ofMassFractions(['fat' => 1.0]), 60.0), 0.0001);
    }

    public function test_the_table_read_by_the_march_follows_the_polynomials(): void
    {
        $beef = Composition::ofMassFractions(['water' => 0.72, 'protein' => 0.215, 'fat' => 0.055, 'ash' => 0.01]);
        $along = new ComposedMaterial($beef, FibreDirection::Along);

        self::assertEqualsWithDelta(1.15 * ChoiOkos::conductivityWMK($beef, 63.4), $along->conductivityWMK(63.4), 1e-5);
        self::assertEqualsWithDelta(
            ChoiOkos::densityKgM3($beef, 63.4) * ChoiOkos::specificHeatJKgK($beef, 63.4),
            $along->heatCapacityJM3K(63.4),
            20.0,
        );
    }
}
