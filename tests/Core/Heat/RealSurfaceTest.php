<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Eris\Generators;
use Eris\TestTrait;
use Nessmark\Advice\Specimen;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Body;
use Nessmark\Heat\Face;
use Nessmark\Heat\LogReduction;
use Nessmark\Heat\PeakProfile;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Surface;
use Nessmark\Quantity\Length;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** What holds for any fire and any piece, drying as it cooks. */
final class RealSurfaceTest extends TestCase
{
    use TestTrait;

    private const FIRES = [
        ApplianceKind::Pan,
        ApplianceKind::Grill,
        ApplianceKind::Oven,
        ApplianceKind::Broiler,
        ApplianceKind::Smoker,
        ApplianceKind::DeepFryer,
        ApplianceKind::Steamer,
    ];

    public function test_thicker_is_never_faster_hotter_never_slower_and_wetter_never_faster(): void
    {
        $this->limitTo(60)
            ->forAll(
                Generators::elements(self::FIRES),
                Generators::choose(12, 50),
                Generators::choose(35, 52),
                Generators::choose(0, 100),
            )
            ->then(function (ApplianceKind $kind, int $mm, int $coreC, int $share): void {
                $appliance = Kitchen::from(DataFolder::shipped())->appliance($kind);
                $heatC = $appliance->coolestC + (0.9 * ($appliance->hottestC - $appliance->coolestC) * $share) / 100.0;
                $seconds = self::seconds($kind, $heatC, (float) $mm, (float) $coreC);

                self::assertGreaterThan($seconds, self::seconds($kind, $heatC, $mm * 1.15, (float) $coreC), "{$kind->value} thicker");
                self::assertGreaterThanOrEqual(
                    self::seconds($kind, $heatC + 0.1 * ($appliance->hottestC - $appliance->coolestC), (float) $mm, (float) $coreC),
                    $seconds * 1.01,
                    "{$kind->value} hotter",
                );
                if (! in_array($kind, [ApplianceKind::Steamer, ApplianceKind::Smoker, ApplianceKind::Oven], true)) {
                    // there the vapour of the air settles on the cold piece first, and the more the wetter
                    self::assertGreaterThanOrEqual(
                        $seconds * 0.99,
                        self::seconds($kind, $heatC, (float) $mm, (float) $coreC, 0.8),
                        "{$kind->value} wetter",
                    );
                }
            });
    }

    public function test_more_turns_never_raise_the_spread_across_the_section(): void
    {
        foreach ([ApplianceKind::Pan, ApplianceKind::Grill] as $kind) {
            $spreads = [];
            foreach ([600.0, 300.0, 120.0, 60.0, 30.0] as $everyS) {
                $piece = self::piece(25.0);
                $peak = new PeakProfile($piece->start->celsius);
                $piece->simulator->runStage(
                    $piece->start,
                    new Stage('fire', self::face($kind, 210.0), self::kitchen()->aboveFire(), null, 50.0, [], $everyS),
                    [$peak],
                );
                // The hottest each depth of the inner half has been: the faces themselves are as hot as the last side down.
                $inner = array_filter(
                    $peak->celsius,
                    static fn (int $node): bool => $piece->simulator->grid->depthM[$node] > 0.00625 &&
                        $piece->simulator->grid->depthM[$node] < 0.01875,
                    ARRAY_FILTER_USE_KEY,
                );
                $spreads[] = max($inner) - min($inner);
            }
            for ($i = 1; $i < count($spreads); $i++) {
                self::assertLessThanOrEqual($spreads[$i - 1] + 0.5, $spreads[$i], "{$kind->value}, step {$i}");
            }
        }
    }

    public function test_longer_is_never_fewer_logs(): void
    {
        $this->limitTo(30)
            ->forAll(Generators::elements(self::FIRES), Generators::choose(15, 40), Generators::choose(200, 2400))
            ->then(function (ApplianceKind $kind, int $mm, int $seconds): void {
                $logs = static function (float $lengthS) use ($kind, $mm): float {
                    $piece = self::piece((float) $mm);
                    $lethality = new LogReduction($piece->simulator->grid, 102.86, 60.0, 5.5583);
                    $face = self::face($kind, self::kitchen()->appliance($kind)->defaultC);
                    $piece->simulator->runStage($piece->start, new Stage('fire', $face, $face, $lengthS), [$lethality]);

                    return $lethality->smallest();
                };

                self::assertGreaterThanOrEqual($logs((float) $seconds), $logs(1.2 * $seconds) + 1e-9);
            });
    }

    public function test_equal_fires_on_both_sides_give_a_mirrored_profile(): void
    {
        foreach (self::FIRES as $kind) {
            $piece = self::piece(30.0);
            $face = self::face($kind, self::kitchen()->appliance($kind)->defaultC);
            $celsius = $piece->simulator->runStage($piece->start, new Stage('fire', $face, $face, 400.0))->end->celsius;
            foreach ($celsius as $i => $value) {
                self::assertEqualsWithDelta($value, $celsius[count($celsius) - 1 - $i], 1e-6, $kind->value);
            }
        }
    }

    private static function seconds(ApplianceKind $kind, float $heatC, float $mm, float $coreC, ?float $wetness = null): float
    {
        $piece = self::piece($mm, $wetness);
        $face = self::face($kind, $heatC);

        return $piece->simulator->runStage($piece->start, new Stage('fire', $face, $face, null, $coreC))->end->timeS;
    }

    private static function face(ApplianceKind $kind, float $heatC): Face
    {
        return self::kitchen()
            ->appliance($kind)
            ->face($heatC, Shape::Slab, false, self::kitchen()->aboveFire());
    }

    private static function kitchen(): Kitchen
    {
        return Kitchen::from(DataFolder::shipped());
    }

    private static function piece(float $mm, ?float $wetness = null): Specimen
    {
        $thickness = Length::ofMillimetres($mm);
        $cut = Counter::open()->catalogue->cut('beef-strip-steak');

        return Specimen::of(
            $cut,
            $cut->size($thickness),
            Body::slab($thickness),
            5.0,
            Surface::Patted,
            41,
            0.005,
            $wetness,
        );
    }
}
