<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Generator;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Heat\CoreTrace;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\Stage;
use Nessmark\Method\Method;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\MethodTable;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Quantity\Length;
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
        yield 'oven, then sear' => ['lamb-rump', 45.0, Method::OvenThenSear, ['oven', 'sear', 'rest'], 540.0];
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

    public function test_thin_pieces_are_turned_twice_as_often(): void
    {
        self::assertSame([30.0, 60.0], [self::plan('beef-rib-eye-steak', 12.0, Method::Pan)->open->flipEveryS, self::plan('beef-rib-eye-steak', 25.0, Method::Pan)->open->flipEveryS]);
    }

    public function test_only_a_fire_under_a_slab_needs_turning(): void
    {
        self::assertNull(self::plan('beef-eye-of-round-roast', 90.0, Method::OvenRoast)->open->flipEveryS);
        self::assertNull(self::plan('lamb-meatball', 40.0, Method::Pan)->open->flipEveryS);
    }

    public function test_of_what_a_pan_has_above_boiling_only_a_share_is_felt(): void
    {
        $kitchen = Kitchen::from(DataFolder::shipped());
        $felt = static fn (float $settingC, bool $minced = false): float => $kitchen->appliance(ApplianceKind::Pan)->face($settingC, Shape::Slab, $minced, $kitchen->aboveFire())->ambientC;

        self::assertSame(90.0, $felt(90.0), 'below boiling all of it');
        self::assertGreaterThan(100.0, $felt(200.0));
        self::assertLessThan(130.0, $felt(200.0));
        self::assertGreaterThan($felt(200.0), $felt(200.0, true), 'mince conforms and renders');
        self::assertGreaterThan($felt(200.0), $felt(250.0));
    }

    public function test_a_round_piece_takes_the_fire_over_a_share_of_its_girth(): void
    {
        $kitchen = Kitchen::from(DataFolder::shipped());
        $face = static fn (Shape $shape): float => $kitchen->appliance(ApplianceKind::Pan)->face(200.0, $shape, false, $kitchen->aboveFire())->ambientC;

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
        $simulator = self::simulator($slug, $mm);
        $start = $simulator->start(5.0);
        $openS = PullFinder::openSeconds($simulator, $start, $plan, $targetC);
        $core = new CoreTrace($simulator->grid, $simulator->body->coreAtM, $start->celsius);
        $simulator->run($start, $plan->endingAfter($openS)->stages(), [$core]);

        self::assertEqualsWithDelta($targetC, $core->maxC, 0.15);
        self::assertGreaterThan($targetC - 0.02, $core->maxC, 'never below');
    }

    public function test_a_piece_too_thin_for_its_sear_is_said_to_be_past_it(): void
    {
        $plan = self::plan('beef-rib-eye-steak', 10.0, Method::OvenThenSear);
        $simulator = self::simulator('beef-rib-eye-steak', 10.0);

        $this->expectException(PullNotFound::class);
        $this->expectExceptionMessage('too thin');
        PullFinder::openSeconds($simulator, $simulator->start(20.0), $plan, 30.0);
    }

    public function test_averaging_out_the_turns_hardly_moves_what_a_millimetre_costs(): void
    {
        $seconds = static function (float $mm, bool $turned): float {
            $plan = self::plan('beef-rib-eye-steak', $mm, Method::Pan);
            $simulator = self::simulator('beef-rib-eye-steak', $mm);

            return (float) PullFinder::secondsToCore($simulator, $simulator->start(5.0), $turned ? $plan : $plan->withoutTurning(), 47.0);
        };
        $turned = $seconds(33.0, true) - $seconds(30.0, true);
        $averaged = $seconds(33.0, false) - $seconds(30.0, false);

        self::assertEqualsWithDelta(1.0, $averaged / $turned, 0.15);
    }

    private static function plan(string $slug, float $mm, Method $method): MethodPlan
    {
        $folder = DataFolder::shipped();
        $planner = new Planner(Kitchen::from($folder), MethodTable::from($folder));

        return $planner->plan(Counter::open()->catalogue->cut($slug), $mm, $method, $planner->usualHeatC($method, 57.0));
    }

    private static function simulator(string $slug, float $mm): Simulator
    {
        $cut = Counter::open()->catalogue->cut($slug);

        return new Simulator($cut->body(Length::ofMillimetres($mm)), $cut->material());
    }
}
