<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Whole birds in the oven of the published roasting charts: 163 °C (325 °F), whatever they weigh (USDA FSIS; from memory). */
final class WholeBirdTest extends TestCase
{
    #[TestWith([5000.0])]
    #[TestWith([9000.0])]
    #[TestWith([13500.0])]
    public function test_no_whole_bird_needs_a_hotter_oven_than_the_chart(float $rawG): void
    {
        $ask = ['cut' => 'turkey-whole', 'method' => 'oven_roast', 'raw_g' => $rawG, 'heat_c' => 163.0, 'diners' => [['count' => 12]]];

        self::assertSame('clear', Counter::open()->ticket($ask)['verdict']['level']);
        self::assertSame('stop', Counter::open()->ticket([...$ask, 'heat_c' => 150.0])['verdict']['level'], 'and none goes under it');
        unset($ask['heat_c']);
        self::assertLessThanOrEqual(180.0, Counter::open()->ticket($ask)['heat_c']);
    }

    public function test_a_joint_that_is_no_bird_is_still_too_slow_there(): void
    {
        $ask = ['cut' => 'pork-leg-bone-in', 'method' => 'oven_roast', 'raw_g' => 6000, 'heat_c' => 165.0, 'diners' => [['count' => 8]]];
        foreach ([['pierced' => true], ['rearing' => 'wild']] as $of) {
            $ticket = Counter::open()->ticket([...$ask, ...$of]);
            self::assertContains('safety.too_slow', array_column($ticket['verdict']['findings'], 'key'));
        }
    }

    public function test_a_breast_with_its_wing_bone_has_a_middle_to_probe(): void
    {
        $ticket = Counter::open()->ticket(['cut' => 'chicken-supreme', 'thickness_mm' => 32, 'diners' => [['count' => 2]]]);

        self::assertNotContains('doubt.time_only', array_column($ticket['doubts'], 'key'));
        self::assertLessThan(80.0, $ticket['peak_core_c'], 'and is not cooked for want of one');
    }
}
