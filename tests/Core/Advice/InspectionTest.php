<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Gauged;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** A piece that was looked at before it is sold. */
final class InspectionTest extends TestCase
{
    private const SKIRT = ['cut' => 'beef-outside-skirt', 'method' => 'grill'];

    public function test_the_ticket_is_of_the_mean_and_as_doubtful_as_the_piece_is_uneven(): void
    {
        $even = Counter::open()->ticket([...self::SKIRT, 'thickness_mm' => 14]);
        $gauged = Counter::open()->ticket([...self::SKIRT, 'points_mm' => [10, 14, 18]]);

        self::assertSame(14.0, $gauged['thickness_mm']);
        self::assertEqualsWithDelta($even['time']['likely_s'], $gauged['time']['likely_s'], 1.0);
        $wide = static fn (array $ticket): float => $ticket['time']['high_s'] - $ticket['time']['low_s'];
        self::assertGreaterThan(1.5 * $wide($even), $wide($gauged));
        $thickest = Counter::open()->ticket([...self::SKIRT, 'thickness_mm' => 18]);
        self::assertGreaterThan($thickest['time']['likely_s'], $gauged['time']['high_s'], 'its slow side holds for its thickest place');
        self::assertNull($even['inspected']);
        self::assertContains('doubt.thin_end', array_column($gauged['doubts'], 'key'), 'its thin end is ready first');
        self::assertContains('doubt.unfold', array_column($even['doubts'], 'key'));
        self::assertNotContains('doubt.unfold', array_column($gauged['doubts'], 'key'), 'it was unfolded');
    }

    public function test_an_uneven_piece_is_cut_into_sections_of_like_thickness_each_with_its_time(): void
    {
        $ticket = Counter::open()->ticket([...self::SKIRT, 'points_mm' => [10, 14, 18], 'pieces' => 2]);
        $sections = $ticket['inspected']['sections'];

        self::assertCount(3, $sections);
        self::assertEqualsWithDelta($ticket['amounts']['raw_g'], array_sum(array_column($sections, 'raw_g')), 2.0);
        foreach ($sections as $i => $section) {
            $alone = Counter::open()->ticket([...self::SKIRT, 'thickness_mm' => $section['thickness_mm']]);
            self::assertEqualsWithDelta(1.0, $section['time']['likely_s'] / $alone['time']['likely_s'], 0.1, "section {$i}");
            self::assertLessThan(
                $ticket['time']['high_s'] - $ticket['time']['low_s'],
                $section['time']['high_s'] - $section['time']['low_s'],
            );
        }
        $steps = array_column(array_column($ticket['bench']['steps'], 'do'), 'key');
        self::assertContains('bench.cut_sections', $steps);
        self::assertSame([], Counter::open()->ticket([...self::SKIRT, 'points_mm' => [13, 14]])['inspected']['sections']);
        $bone = Counter::open()->ticket(['cut' => 'lamb-loin-chop', 'method' => 'grill', 'points_mm' => [22, 34]]);
        self::assertSame([], $bone['inspected']['sections'], 'nobody saws a chop in two');
    }

    /** By hand: trapezia of a line through the points. */
    public function test_sections_are_as_few_as_make_each_alike(): void
    {
        self::assertEquals([[0.0, 1.0]], (new Gauged([20.0]))->sections());
        self::assertCount(1, (new Gauged([20.0, 23.0]))->sections());
        self::assertCount(2, (new Gauged([20.0, 27.0]))->sections());
        self::assertCount(3, (new Gauged([10.0, 14.0, 18.0]))->sections());
        self::assertEqualsWithDelta(13.5, (new Gauged([10.0, 12.0, 20.0]))->mean()->toMillimetres(), 1e-9);
        self::assertEqualsWithDelta(11.0, (new Gauged([10.0, 12.0, 20.0]))->meanMm(0.0, 0.5), 1e-9);
        self::assertEqualsWithDelta(18.0, (new Gauged([10.0, 12.0, 20.0]))->meanMm(0.75, 1.0), 1e-9);
    }

    public function test_what_was_found_on_it_is_what_the_cutter_takes_off(): void
    {
        $steps = static fn (array $found): array => array_column(
            array_map(
                static fn (array $step): array => [$step['do']['key'], (array) $step['do']['args']],
                Counter::open()->ticket(['cut' => 'lamb-rump', 'method' => 'sear_then_oven', ...$found])['bench']['steps'],
            ),
            1,
            0,
        );

        self::assertEquals(14, $steps(['cap_mm' => 14])['bench.cap']['cap_mm']);
        self::assertArrayNotHasKey('bench.cap', $steps(['cap_mm' => 3]));
        self::assertArrayHasKey('bench.silverskin', $steps(['membrane' => true]));
        $off = Counter::open()->ticket([...self::SKIRT, 'membrane' => false])['bench']['steps'];
        self::assertNotContains('bench.membrane', array_column(array_column($off, 'do'), 'key'));
    }

    public function test_a_place_that_cannot_be_is_refused_by_its_place(): void
    {
        try {
            Counter::open()->ticket([...self::SKIRT, 'points_mm' => [10, 'thick', 90]]);
            self::fail('It was read.');
        } catch (InputRefused $refused) {
            self::assertSame(['points_mm.1', 'points_mm.2'], array_map(static fn ($wrong): string => $wrong->key, $refused->violations));
        }
    }
}
