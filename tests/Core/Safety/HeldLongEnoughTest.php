<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Generator;
use Nessmark\Safety\HeldLongEnough;
use Nessmark\Safety\HoldPoint;
use Nessmark\Safety\Level;
use Nessmark\Safety\SafetyRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A printed line of a table is met by seconds in a row, at every depth. */
final class HeldLongEnoughTest extends TestCase
{
    /** @return Generator<string, array{list<array{float, list<float>}>, list<HoldPoint>, bool}> course (time, °C per depth), points, met */
    public static function courses(): Generator
    {
        $hold = new HoldPoint(70.0, 120.0, 'fsa-70-2');
        $instant = new HoldPoint(73.9, 0.0, 'fsis-safe-minimum');
        $rest = new HoldPoint(62.78, 180.0, 'fsis-safe-minimum');
        yield 'held long enough' => [[[0, [5]], [100, [70]], [220, [70]]], [$hold], true];
        yield 'two seconds short' => [[[0, [5]], [100, [70]], [218, [70]]], [$hold], false];
        yield 'the crossing inside a step counts from where it was' => [[[0, [60]], [100, [80]], [170, [80]]], [$hold], true];
        yield 'broken in the middle' => [[[0, [70]], [100, [70]], [110, [69]], [120, [70]], [220, [70]]], [$hold], false];
        yield 'reaching is enough' => [[[0, [5]], [60, [73.9]], [61, [20]]], [$instant], true];
        yield 'not quite reached' => [[[0, [5]], [60, [73.8]]], [$instant], false];
        yield 'a rest counts while the meat keeps its heat' => [[[0, [5]], [300, [62.78]], [400, [63.5]], [480, [62.8]]], [$rest], true];
        yield 'a rest in which it cools is none' => [[[0, [5]], [300, [62.78]], [400, [61]], [480, [59]]], [$rest], false];
        yield 'eaten too soon' => [[[0, [5]], [300, [62.78]], [470, [62.8]]], [$rest], false];
        yield 'one depth short spoils it' => [[[0, [70, 70]], [120, [70, 69.9]]], [$hold], false];
        yield 'each depth by a line of its own' => [[[0, [70, 5]], [119, [70, 74]], [121, [70, 20]]], [$hold, $instant], true];
    }

    /**
     * @param  list<array{float, list<float>}>  $course
     * @param  list<HoldPoint>  $points
     */
    #[DataProvider('courses')]
    public function test_a_course_meets_a_table_or_not(array $course, array $points, bool $expected): void
    {
        $held = new HeldLongEnough($course[0][1]);
        for ($i = 1; $i < count($course); $i++) {
            $still = array_fill(0, count($course[$i][1]), 0.0);
            $held->step($course[$i - 1][0], $course[$i - 1][1], $still, $course[$i][0], $course[$i][1], $still);
        }

        self::assertSame($expected, $held->meets($points, INF));
    }

    public function test_a_temperature_reached_only_after_the_pull_does_not_count(): void
    {
        $held = new HeldLongEnough([5.0]);
        $held->step(0.0, [5.0], [0.0], 300.0, [60.0], [0.0]);
        $held->step(300.0, [60.0], [0.0], 500.0, [74.0], [0.0]);
        $points = [new HoldPoint(73.9, 0.0, 'fsis-safe-minimum')];

        self::assertFalse($held->meets($points, 300.0));
        self::assertTrue($held->meets($points, 500.0));
    }

    public function test_of_two_tables_each_has_to_be_met(): void
    {
        $held = new HeldLongEnough([5.0]);
        $held->step(0.0, [5.0], [0.0], 60.0, [70.0], [0.0]);
        $held->step(60.0, [70.0], [0.0], 200.0, [70.0], [0.0]);
        [$met, $missed] = [[new HoldPoint(70.0, 120.0, 'a')], [new HoldPoint(71.1, 0.0, 'b')]];
        $satisfies = static fn (array ...$tables): bool => $held->satisfies(new SafetyRule(71.1, 0.0, $tables, Level::Stop), INF);

        self::assertSame([true, false, false], [$satisfies($met, $met), $satisfies($missed, $met), $satisfies($met, $missed)]);
    }

    public function test_a_level_is_never_loosened(): void
    {
        foreach (Level::cases() as $level) {
            self::assertSame(Level::Stop, $level->orStricter(Level::Stop));
            self::assertSame(Level::Stop, Level::Stop->orStricter($level));
            self::assertSame($level, $level->orStricter(Level::Clear));
        }
    }

    public function test_the_shortest_hold_is_the_hottest_line_not_above_the_core(): void
    {
        $rule = new SafetyRule(
            62.8,
            180.0,
            [
                [
                    new HoldPoint(62.78, 180.0, 'a'),
                    new HoldPoint(54.44, 6720.0, 'b'),
                    new HoldPoint(57.22, 2160.0, 'b'),
                    new HoldPoint(60.0, 720.0, 'b'),
                ],
            ],
            Level::Caution,
        );

        self::assertSame(2160.0, $rule->shortestHoldAt(58.9)?->holdS);
        self::assertNull($rule->shortestHoldAt(54.0));
    }
}
