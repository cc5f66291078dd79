<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Nessmark\Bench\CutGoal;
use Nessmark\Bench\CutOrder;
use Nessmark\Bench\CutPlan;
use Nessmark\Bench\Portion;
use Nessmark\Bench\Portioning;
use Nessmark\Bench\PortionLimits;
use Nessmark\Bench\WholePiece;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where a whole piece is cut, against every way to cut small ones. */
final class PortioningTest extends TestCase
{
    public function test_nothing_that_could_be_cut_gives_more_portions_or_leaves_less(): void
    {
        $chance = new Randomizer(new Mt19937(16));
        for ($i = 0; $i < 80; $i++) {
            $kerf = $chance->getInt(0, 3);
            $whole = new WholePiece(
                $chance->getInt(400, 4000),
                (float) $chance->getInt(35, 70),
                0.05 * $chance->getInt(10, 20),
                0.0,
                $kerf,
                null,
            );
            $thinnest = (float) $chance->getInt(10, 20);
            $limits = new PortionLimits(
                $thinnest,
                $thinnest + $chance->getInt(2, 20),
                ($chance->getInt(0, 1) * $whole->massG) / 6.0,
                $i % 3 === 0 ? $whole->massG / 3.0 : INF,
            );
            $portioning = new Portioning($whole, $limits);
            [$most, $least] = self::exhausted($whole, $limits, 0.0);
            $plan = $portioning->best(CutGoal::MostPieces, 20.0, 200.0);
            self::assertGreaterThanOrEqual($most, $plan?->count() ?? 0);
            $plan = $portioning->best(CutGoal::LeastOffcut, 20.0, 200.0);
            if ($plan !== null && $limits->lightestG === 0.0 && is_infinite($limits->heaviestG)) {
                // slices of one thickness leave no more than any slices, where a whole number of them reaches the end at all
                $isReached = $least < 0.02 * $whole->massG && $kerf === 0;
                self::assertTrue(
                    ! $isReached || $plan->offcutG <= $least + 0.03 * $whole->massG,
                    json_encode([$whole, $limits, $least]) ?: '',
                );
            }
        }
    }

    /** Every choice of places, to the millimetre. @return array{int, float} most portions, and the least that can be left over, g */
    private static function exhausted(WholePiece $whole, PortionLimits $limits, float $fromMm): array
    {
        $best = [0, $whole->grams($fromMm, $whole->toMm())];
        for ($toMm = $fromMm + floor($limits->thinnestMm); $toMm <= min($whole->toMm(), $fromMm + $limits->thickestMm); $toMm++) {
            $portion = new Portion($fromMm, $toMm, $whole->grams($fromMm, $toMm));
            if ($limits->allows($portion)) {
                [$count, $left] = self::exhausted($whole, $limits, min($whole->toMm(), $toMm + $whole->kerfMm));
                $best = [max($best[0], 1 + $count), min($best[1], $left)];
            }
        }

        return $best;
    }

    /** By hand: 1000 g evenly thinner to nothing much; a slice of 20 mm of its thick end is heavier than 90 g, further on it is not. */
    public function test_where_a_slice_would_be_too_heavy_cutting_begins_further_on(): void
    {
        $whole = new WholePiece(1000, 200.0, 0.2, 0.0, 0.0, null);
        $plan = (new Portioning($whole, new PortionLimits(20.0, 20.0, 0.0, 90.0)))->best(CutGoal::MostPieces, 20.0, 90.0);

        self::assertGreaterThan(90.0, $whole->grams(0.0, 20.0));
        self::assertNotNull($plan);
        self::assertEqualsWithDelta(90.0, $plan->portions[0]->grams, 0.01);
        self::assertEqualsWithDelta((200.0 - $plan->portions[0]->fromMm) / 20.0, $plan->count(), 1.0);
    }

    public function test_even_weights_are_even_and_leave_only_the_ends(): void
    {
        $whole = new WholePiece(4200, 380.0, 0.6, 5.0, 0.0, null);
        $plan = (new Portioning($whole, new PortionLimits(15.0, 60.0)))->best(CutGoal::EvenWeight, 30.0, 300.0);

        self::assertNotNull($plan);
        self::assertLessThan(0.1, $plan->spreadG());
        self::assertEqualsWithDelta(300.0, array_sum($plan->portionG) / $plan->count(), 15.0);
        self::assertEqualsWithDelta($whole->grams(0.0, 5.0) + $whole->grams(375.0, 380.0), $plan->offcutG, 1.5);
        $mm = array_map(static fn (Portion $portion): float => $portion->mm(), $plan->portions);
        self::assertGreaterThan($mm[0] + 5.0, $mm[count($mm) - 1], 'towards the thin end slices are thicker');
    }

    /** Five ribs in one piece are five steaks of a rib, or two of two and one; the saw takes what it takes. Common practice, no source. */
    public function test_between_ribs_only_whole_ribs_are_cut(): void
    {
        $whole = new WholePiece(5200, 290.0, 0.9, 0.0, 2.0, 5);
        $ones = (new Portioning($whole, new PortionLimits(30.0, 70.0)))->best(CutGoal::MostPieces, 55.0, 1000.0);
        $twos = (new Portioning($whole, new PortionLimits(80.0, 130.0)))->best(CutGoal::MostPieces, 110.0, 2000.0);

        self::assertSame([1, 1, 1, 1, 1], self::ribs($ones));
        self::assertSame([2, 2], self::ribs($twos)); // nobody is sold the fifth as a joint of two
        self::assertNull((new Portioning($whole, new PortionLimits(10.0, 20.0)))->best(CutGoal::MostPieces, 15.0, 300.0));
        self::assertGreaterThan($twos?->dustG, $ones?->dustG);
        self::assertNotNull($twos);
        self::assertGreaterThan($whole->massG / 6, $twos->offcutG);
    }

    /** Against every order in which pieces can be cut: orders are filled whole, the most of them, then the most meat. */
    public function test_no_other_order_of_cuts_fills_more(): void
    {
        $chance = new Randomizer(new Mt19937(17));
        for ($i = 0; $i < 120; $i++) {
            $whole = new WholePiece(
                $chance->getInt(500, 2500),
                (float) $chance->getInt(60, 160),
                0.1 * $chance->getInt(5, 10),
                2.0,
                $chance->getInt(0, 2),
                null,
            );
            $orders = [];
            for ($n = $chance->getInt(1, 3); $n > 0; $n--) {
                $isThick = $chance->getInt(0, 1) === 1;
                $mm = $isThick ? (float) $chance->getInt(12, 40) : null;
                $orders[] = new CutOrder($chance->getInt(1, 2), $mm, $isThick ? null : (float) $chance->getInt(80, 600));
            }
            $plan = (new Portioning($whole, new PortionLimits(10.0, 60.0)))->orders($orders);
            $filled = count(array_unique(array_map(static fn (Portion $portion): ?int => $portion->order, $plan->portions)));
            [$most, $pieces, $endMm] = self::filled($whole, $orders, array_fill(0, count($orders), 0), 2.0, 2.0);
            self::assertSame([$most, $most === 0 ? 0 : $pieces], [$filled, $plan->count()], json_encode([$whole, $orders]) ?: '');
            if ($plan->portions !== []) {
                self::assertEqualsWithDelta(-$endMm, $plan->portions[$plan->count() - 1]->toMm, 1e-6, 'with the least of the piece');
            }
        }
    }

    /**
     * @param  non-empty-list<CutOrder>  $orders
     * @param  array<int, int>  $done
     * @return array{int, int, float} orders filled whole, pieces, and how far along it is cut, the less the better
     */
    private static function filled(WholePiece $whole, array $orders, array $done, float $fromMm, float $endMm): array
    {
        $isWhole = true;
        foreach ($orders as $i => $order) {
            $isWhole = $isWhole && ($done[$i] === 0 || $done[$i] === $order->pieces);
        }
        $best = $isWhole ? [count(array_filter($done)), array_sum($done), -$endMm] : [-1, 0, 0.0];
        foreach ($orders as $i => $order) {
            $toMm = $done[$i] < $order->pieces ? $order->endMm($whole, $fromMm) : INF;
            if ($toMm <= $whole->toMm() + 1e-9) {
                $next = $done;
                $next[$i]++;
                $best = max($best, self::filled($whole, $orders, $next, $toMm + $whole->kerfMm, $toMm));
            }
        }

        return $best;
    }

    public function test_the_parts_add_up_to_the_whole_to_the_gram_ten_thousand_times(): void
    {
        $chance = new Randomizer(new Mt19937(18));
        for ($i = 0; $i < 10_000; $i++) {
            $ribs = $i % 7 === 0 ? $chance->getInt(1, 7) : null;
            $whole = new WholePiece(
                $chance->getInt(200, 60_000),
                (float) $chance->getInt(60, 700),
                0.01 * $chance->getInt(30, 100),
                (float) $chance->getInt(0, 12),
                0.5 * $chance->getInt(0, 6),
                $ribs,
            );
            $portioning = new Portioning($whole, new PortionLimits(12.0, (float) $chance->getInt(30, 160)));
            $plan =
                $i % 3 === 0 && $ribs === null
                    ? $portioning->orders([
                        new CutOrder($chance->getInt(1, 3), 30.0, null),
                        new CutOrder(1, null, (float) $chance->getInt(50, 900)),
                    ])
                    : $portioning->best(CutGoal::cases()[$i % 3], 30.0, 250.0);
            if ($plan !== null) {
                self::assertSame($whole->massG, array_sum($plan->portionG) + $plan->restG + $plan->offcutG + $plan->dustG);
                self::assertGreaterThanOrEqual(0, min([...$plan->portionG, $plan->restG, $plan->offcutG, $plan->dustG]));
            }
        }
    }

    /** @return list<int|null> */
    private static function ribs(?CutPlan $plan): array
    {
        return array_map(static fn (Portion $portion): ?int => $portion->ribs, $plan->portions ?? []);
    }
}
