<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Nessmark\Advice\Specimen;
use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\Face;
use Nessmark\Heat\Grid;
use Nessmark\Heat\Stage;
use Nessmark\Heat\Tissue;
use Nessmark\Meat\Cap;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Skin and fat over lean: layers that add up, and shield. */
final class CapTest extends TestCase
{
    #[TestWith(['duck-breast', 22.0])]
    #[TestWith(['duck-breast', 12.0])]
    #[TestWith(['goose-breast', 35.0])]
    public function test_the_layers_add_up_to_the_piece_and_half_of_it_at_least_is_lean(string $slug, float $mm): void
    {
        $layers = Cap::over(Counter::open()->catalogue->cut($slug), Length::ofMillimetres($mm), $mm / 1000.0)?->layers() ?? [];

        self::assertSame([Tissue::Skin, Tissue::Fat, Tissue::Lean], array_column($layers, 0));
        self::assertEqualsWithDelta($mm / 1000.0, array_sum(array_column($layers, 1)), 1e-9);
        self::assertGreaterThanOrEqual($mm / 2000.0 - 1e-9, $layers[2][1]);
    }

    public function test_a_rim_of_fat_a_bare_breast_and_a_round_piece_have_no_cap(): void
    {
        foreach (['beef-strip-steak', 'chicken-supreme', 'duck-whole', 'salmon-loin'] as $slug) {
            $cut = Counter::open()->catalogue->cut($slug);
            self::assertNull(Cap::over($cut, $cut->size()->thickness, 0.02), $slug);
        }
    }

    public function test_the_water_in_the_layers_is_about_the_water_on_record(): void
    {
        $cut = Counter::open()->catalogue->cut('duck-breast');
        $thickness = Length::ofMillimetres($cut->build->typicalMm);
        $grid = Grid::across(Body::slab($thickness), 121);
        $water = 0.0;
        foreach (Cap::over($cut, $thickness, $thickness->toMetres())?->moisture($grid, 0.4)->waterKgM3 ?? [] as $i => $kgM3) {
            $water += $kgM3 * $grid->volume[$i];
        }
        $recorded = ($cut->composition->fractions['water'] ?? 0.0) * ChoiOkos::densityKgM3($cut->composition, 5.0);

        self::assertEqualsWithDelta(
            $recorded,
            $water / $grid->totalVolume(),
            0.1 * $recorded,
            'raw duck breast with skin, USDA Standard Reference; from memory',
        );
    }

    public function test_heat_comes_through_the_cap_more_slowly_than_through_lean(): void
    {
        $cut = Counter::open()->catalogue->cut('duck-breast');
        $pan = Face::surrounding(180.0, 200.0)->closed();
        $heatIn = static function (bool $onSkin) use ($cut, $pan): float {
            $thickness = Length::ofMillimetres(22.0);
            $piece = Specimen::of($cut, $cut->size($thickness), Body::slab($thickness), 5.0, Surface::Patted, 61, 0.005);

            return $piece->simulator->runStage(
                $piece->start,
                new Stage('pan', $onSkin ? $pan : Face::insulated(), $onSkin ? Face::insulated() : $pan, 300.0),
            )->end->heatInJ;
        };

        self::assertLessThan(0.8 * $heatIn(false), $heatIn(true));
    }
}
