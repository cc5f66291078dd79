<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\ScaleReading;
use Nessmark\Bench\ScaleState;
use Nessmark\Bench\ScaleWatch;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** When a weight may be believed. Common practice at scales, no source. */
final class ScaleWatchTest extends TestCase
{
    private const EVERY_MS = 150;

    /** A steady weight is never further off than this, g: what a scale may creep from its zero until the weight stands. */
    private const NEVER_FURTHER_G = 3;

    /** Ten thousand readings: weights put on and off, shaken, torn, creeping, lost and overloaded. */
    public function test_no_weight_is_called_steady_that_is_not_on_the_pan(): void
    {
        $chance = new Randomizer(new Mt19937(19));
        $watch = ScaleWatch::fresh();
        $number = $steady = $ms = 0;
        [$load, $shown, $crept, $drift, $noise] = [0.0, 0.0, 0.0, 0.0, 0];
        $seen = [];
        for ($i = 0; $i < 10_000; $i++) {
            $ms += self::EVERY_MS;
            match ($chance->getInt(0, 59)) {
                0, 1 => ($load = (float) $chance->getInt(20, 16_000)),
                2, 3 => ($load = 0.0),
                4 => ($noise = $chance->getInt(0, 4)),
                5 => ($drift = 0.05 * $chance->getInt(-8, 8)),
                6 => ([$noise, $drift, $crept] = [0, 0.0, 0.0]),
                7 => ([$watch, $ms] = [$watch->lost(), $ms + 2_000]),
                8 => ($number = 0), // it was plugged in anew
                9 => $load = -60.0, // its dish was lifted off
                default => null,
            };
            $shown += 0.7 * ($load - $shown);
            $crept += ($drift * self::EVERY_MS) / 1000.0;
            $shaken = $chance->getInt(-$noise, $noise);
            $net = (int) round($shown + $crept + $shaken);
            $pan =
                $net > 15_000 ? 'over' : ($net < -20 ? 'under' : (abs($load - $shown) > 0.6 || abs($shaken) > 1 ? 'moving' : 'still'));
            $line = self::line(++$number, $pan, $net);
            if ($chance->getInt(0, 19) === 0) {
                $line[$chance->getInt(0, strlen($line) - 1)] = (string) $chance->getInt(0, 9);
            }
            $watch = ScaleWatch::kept(json_decode((string) json_encode($watch->read($line, $ms)->toKeep()), true));
            $seen[$watch->state->value] = true;
            if ($watch->state === ScaleState::Steady) {
                $steady++;
                self::assertEqualsWithDelta($load, (float) $watch->netG, self::NEVER_FURTHER_G, "reading {$i}");
            }
        }
        self::assertGreaterThan(150, $steady);
        self::assertEqualsCanonicalizing(
            array_diff(array_column(ScaleState::cases(), 'value'), [ScaleState::Lost->value]),
            array_keys($seen),
            'every state was met',
        );
    }

    public function test_a_weight_counts_from_zero_after_three_readings_alike(): void
    {
        $states = static function (array $readings): array {
            $watch = ScaleWatch::fresh();

            return array_map(static function (array $reading) use (&$watch): string {
                [$number, $pan, $net, $ms] = $reading;
                $watch = $watch->read(self::line($number, $pan, $net), $ms);

                return $watch->state->value;
            }, $readings);
        };

        $put = [[1, 'still', 0, 0], [2, 'moving', 400, 200], [3, 'still', 934, 400], [4, 'still', 934, 600]];
        self::assertSame(['empty', 'settling', 'settling', 'settling', 'steady'], $states([...$put, [5, 'still', 935, 800]]));
        self::assertSame('settling', $states([...$put, [5, 'still', 934, 650]])[4], 'too soon');
        self::assertSame('drifting', $states([...$put, [5, 'still', 936, 800]])[4]);
        self::assertSame('settling', $states([...$put, [5, 'moving', 934, 800]])[4]);
        self::assertSame('not_from_zero', $states([...$put, [4, 'still', 934, 800]])[4], 'the same reading again is not another one');
        self::assertSame('not_from_zero', $states([...$put, [9, 'still', 934, 9_000]])[4], 'nobody looked for so long');
        self::assertSame('not_from_zero', $states([[1, 'still', 934, 0], [2, 'still', 934, 300]])[1], 'it lay there from the start');
        $shaken = array_map(static fn (int $i): array => [$i + 2, 'moving', 900 + $i, 1_000 * $i], range(1, 9));
        $long = $states([[1, 'still', 0, 0], ...$shaken, [20, 'still', 934, 9_500], [21, 'still', 934, 10_000]]);
        self::assertSame('not_from_zero', end($long), 'shaken for so long, its zero may have crept');
        self::assertSame(['over', 'not_from_zero'], $states([[1, 'over', 16_000, 0], [2, 'still', 934, 300]]));
    }

    public function test_one_wrong_sign_makes_a_line_unreadable(): void
    {
        $line = self::line(17, 'still', 934, 12);
        self::assertSame('17 still 934 12 07', $line);
        self::assertSame(934, ScaleReading::of($line)?->netG);
        for ($at = 0; $at < strlen($line); $at++) {
            foreach (['0', '1', '7', 'x', ' '] as $sign) {
                $torn = substr_replace($line, $sign, $at, 1);
                self::assertTrue($torn === $line || ScaleReading::of($torn) === null, $torn);
            }
        }
        self::assertNull(ScaleReading::of(''));
        self::assertNull(ScaleReading::of("{$line}\n{$line}"));
    }

    private static function line(int $number, string $pan, int $net, int $tare = 0): string
    {
        $text = "{$number} {$pan} {$net} {$tare}";

        return $text.' '.ScaleReading::sum($text);
    }
}
