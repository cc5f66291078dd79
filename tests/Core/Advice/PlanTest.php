<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Generator;
use Nessmark\Advice\Specimen;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Surface;
use Nessmark\Method\Method;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Methods lay out the stages a cook follows, and end where the core comes out right. */
final class PlanTest extends TestCase
{
    /** @return Generator<string, array{string, float, Method, list<string>, float}> */
    public static function plans(): Generator
    {
        yield 'pan' => ['beef-rib-eye-steak', 30.0, Method::Pan, ['pan', 'rest'], 360.0];
        yield 'thin grill' => ['beef-rib-eye-steak', 12.0, Method::Grill, ['grill', 'rest'], 180.0];
        yield 'roast' => ['beef-eye-of-round-roast', 120.0, Method::OvenRoast, ['oven', 'rest'], 1200.0];
        yield 'sear, then oven' => ['lamb-rump', 45.0, Method::SearThenOven, ['sear', 'oven', 'rest'], 540.0];
        yield 'oven, then sear' => ['lamb-rump', 45.0, Method::OvenThenSear, ['oven', 'rest_before_sear', 'sear', 'rest'], 60.0];
        yield 'spit' => ['pork-spit-chunks', 70.0, Method::Spit, ['spit_far', 'spit', 'rest'], 840.0];
        yield 'water bath' => ['salmon-loin', 28.0, Method::WaterBath, ['bath'], 0.0];
    }

    /** @param  list<string>  $names */
    #[DataProvider('plans')]
    public function test_stages_in_the_order_they_are_cooked(string $slug, float $mm, Method $method, array $names, float $restS): void
    {
        // Resting: 12 s a millimetre, three to twenty minutes; common practice, no source.
        $plan = self::plan($slug, $mm, $method);

        self::assertSame($names, array_map(static fn (Stage $stage): string => $stage->name, $plan->stages()));
        self::assertSame($restS, $plan->restS());
    }

    public function test_thin_pieces_are_turned_oftener(): void
    {
        self::assertSame(
            [40.0, 60.0],
            [
                self::plan('beef-rib-eye-steak', 10.0, Method::Pan)->open->flipEveryS,
                self::plan('beef-rib-eye-steak', 25.0, Method::Pan)->open->flipEveryS,
            ],
        );
    }

    public function test_only_a_fire_under_a_slab_needs_turning(): void
    {
        self::assertNull(self::plan('beef-eye-of-round-roast', 90.0, Method::OvenRoast)->open->flipEveryS);
        self::assertNull(self::plan('lamb-meatball', 40.0, Method::Pan)->open->flipEveryS);
    }

    public function test_fish_and_bird_with_their_skin_start_on_it_and_are_turned_once(): void
    {
        $stages = self::plan('duck-breast', 25.0, Method::Pan)->stages();

        self::assertSame(['skin_side', 'flesh_side_covered', 'rest'], array_map(static fn (Stage $stage): string => $stage->name, $stages));
        self::assertSame($stages[0]->a, $stages[1]->b, 'the same pan, the other side');
    }

    public function test_lean_meat_in_a_pan_is_basted_in_its_last_minute_and_fat_meat_is_not(): void
    {
        $lines = static fn (string $cut, string $method): array => Counter::open()->ticket([
            'cut' => $cut,
            'thickness_mm' => 30,
            'method' => $method,
            'diners' => [['count' => 2, 'doneness' => 'medium_rare']],
        ])['timeline'];
        $keys = static fn (array $lines): array => array_map(static fn (array $line): string => $line['do']['key'], $lines);
        $lean = $lines('venison-loin-steak', 'pan');
        $at = array_search('do.baste', $keys($lean), true);

        self::assertIsInt($at);
        self::assertSame('do.pull', $keys($lean)[$at + 1]);
        self::assertSame(60, $lean[$at + 1]['at_s'] - $lean[$at]['at_s']);
        self::assertNotContains('do.baste', $keys($lines('venison-loin-steak', 'grill')), 'butter on a grate burns');
        self::assertNotContains('do.baste', $keys($lines('beef-rib-eye-steak', 'pan')), 'its own fat does it');
    }

    public function test_the_usual_setting_is_one_the_sort_of_appliance_has(): void
    {
        $planner = Planner::from(DataFolder::shipped());
        $cut = Counter::open()->catalogue->cut('beef-topside');
        $ovenC = static fn (?Mass $mass, Fires $fires = new Fires()): float => $planner->usualHeatC(
            Method::OvenRoast, $cut, $cut->size(null, $mass), 57.0, $fires,
        );

        self::assertSame($ovenC(null) - 20.0, $ovenC(null, new Fires(['oven' => 'fan'])));
        self::assertGreaterThan($ovenC(Mass::ofGrams(4000.0)), $ovenC(Mass::ofGrams(800.0)), 'the larger, the gentler');
        self::assertSame(
            115.0,
            $planner->usualHeatC(Method::Braise, $cut, $cut->size(), 90.0, new Fires(['pot' => 'pressure'])),
            'a pressure pot has no 95 °C',
        );
    }

    public function test_a_round_piece_takes_the_fire_over_a_share_of_its_girth(): void
    {
        $kitchen = Kitchen::from(DataFolder::shipped());
        $face = static fn (Shape $shape): float => $kitchen
            ->appliance(ApplianceKind::Pan)
            ->face(200.0, $shape, false, $kitchen->aboveFire())->ambientC;

        self::assertLessThan($face(Shape::Slab), $face(Shape::Cylinder));
    }

    /** @return Generator<string, array{string, float, Method, float}> */
    public static function pulls(): Generator
    {
        yield 'steak in a pan' => ['beef-rib-eye-steak', 30.0, Method::Pan, 55.0];
        yield 'roast' => ['beef-eye-of-round-roast', 90.0, Method::OvenRoast, 55.0];
        yield 'low oven, then a sear' => ['beef-rib-eye-steak', 45.0, Method::OvenThenSear, 57.0];
    }

    #[DataProvider('pulls')]
    public function test_pulled_then_the_core_peaks_at_the_target(string $slug, float $mm, Method $method, float $targetC): void
    {
        $plan = self::plan($slug, $mm, $method);
        $piece = self::piece($slug, $mm, 5.0, $plan, $targetC);
        [$simulator, $start] = [$piece->simulator, $piece->start];
        $openS = PullFinder::openSeconds($simulator, $start, $plan, $targetC);
        $core = new CoreTrace($simulator->grid, $simulator->body->coreAtM, $start->celsius);
        $simulator->run($start, $plan->endingAfter($openS)->stages(), [$core]);

        self::assertEqualsWithDelta($targetC, $core->maxC, 0.2);
    }

    public function test_a_piece_too_thin_for_its_sear_is_said_to_be_past_it(): void
    {
        $plan = self::plan('beef-rib-eye-steak', 10.0, Method::OvenThenSear);
        $piece = self::piece('beef-rib-eye-steak', 10.0, 20.0, $plan, 30.0);

        $this->expectException(PullNotFound::class);
        $this->expectExceptionMessage('plan.past_target');
        PullFinder::openSeconds($piece->simulator, $piece->start, $plan, 30.0);
    }

    private static function plan(string $slug, float $mm, Method $method): MethodPlan
    {
        $planner = Planner::from(DataFolder::shipped());
        $cut = Counter::open()->catalogue->cut($slug);
        $size = $cut->size(Length::ofMillimetres($mm));

        return $planner->plan($cut, $size, $method, new Setting($planner->usualHeatC($method, $cut, $size, 57.0), 57.0));
    }

    private static function piece(string $slug, float $mm, float $startC, MethodPlan $plan, float $aimC): Specimen
    {
        $cut = Counter::open()->catalogue->cut($slug);
        $size = $cut->size(Length::ofMillimetres($mm));
        $body = Specimen::body($cut, $size, $plan, $startC, Surface::Patted, $aimC);

        return Specimen::of($cut, $size, $body, $startC, Surface::Patted, Simulator::CELLS, 0.005);
    }
}
