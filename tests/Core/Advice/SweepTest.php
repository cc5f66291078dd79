<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Sweep;

/** A few cuts of what bin/sweep goes through: one of each form and fire. */
final class SweepTest extends TestCase
{
    #[TestWith(['chicken-whole'])]
    #[TestWith(['beef-burger'])]
    #[TestWith(['lamb-leg-bone-in'])]
    #[TestWith(['salmon-loin'])]
    #[TestWith(['mussels'])]
    #[TestWith(['pork-back-ribs'])]
    #[TestWith(['beef-stewing-dice'])]
    #[TestWith(['calf-liver'])]
    #[TestWith(['beef-strip-steak'])]
    public function test_no_cook_would_shake_the_head(string $slug): void
    {
        $found = (new Sweep(Counter::open()))->of(Counter::open()->catalogue->cut($slug));
        $explained = Sweep::explained();

        self::assertSame([], array_values(array_filter($found, static fn (string $line): bool => ! Sweep::isExplained($line, $explained))));
    }

    public function test_an_exception_has_its_reason(): void
    {
        foreach (Sweep::explained() as [$pattern, $why]) {
            self::assertGreaterThan(20, strlen($why), $pattern);
        }
        self::assertFalse(Sweep::isExplained('a steak pan {"raw_g":1} rare: rises 99.0 K', Sweep::explained()));
    }
}
