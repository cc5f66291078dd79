<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/**
 * Finds where to cut. Without bones: the most portions by taking the least that will do from the thick end on (what ends earlier leaves no
 * less, so nothing beats it); even weights by halving; the least offcut over every number of portions. Between ribs: every way to
 * divide them. For orders: every number of each that can have been cut, by where the knife stands at the earliest.
 */
final readonly class Portioning
{
    private const SMALL = 1e-9;

    private const ROUNDS = 60;

    /** Less is nothing left, g. */
    private const LEFT_G = 0.01;

    /** What is left is shared out but for this, since thicker slices move the saw to where it takes more. */
    private const CAUTIOUS = 0.9;

    /** Even weights may cost a twentieth of the piece before fewer of them are better. Ours. */
    private const LOST_STEPS = 20.0;

    /** More ribs than these no animal has on a side. */
    public const MOST_RIBS = 13;

    /** Numbers of each order that are followed at most. */
    public const MOST_STATES = 20_000;

    public function __construct(private WholePiece $whole, private PortionLimits $limits) {}

    /**
     * @param  float  $wantedMm  the nearest to it of what is otherwise alike
     * @param  float  $wantedG  likewise
     * @return CutPlan|null null where no portion is within the limits
     */
    public function best(CutGoal $goal, float $wantedMm, float $wantedG): ?CutPlan
    {
        $plans = $this->whole->ribs === null ? $this->boneless($goal) : $this->betweenRibs($this->whole->ribs);
        $best = $bestWorth = null;
        foreach ($plans as $portions) {
            if ($portions === []) {
                continue;
            }
            $plan = CutPlan::of($this->whole, $portions);
            $worth = self::worth($plan, $goal, $wantedMm, $wantedG);
            if ($bestWorth === null || $worth > $bestWorth) {
                [$best, $bestWorth] = [$plan, $worth];
            }
        }

        return $best;
    }

    /**
     * Orders are filled whole or not at all: as many as can be, then as many pieces as can be, then with the least of the piece.
     *
     * @param  non-empty-list<CutOrder>  $orders
     */
    public function orders(array $orders): CutPlan
    {
        $none = array_fill(0, count($orders), 0);
        /** @var array<string, array{list<int>, float, list<Portion>}> $reached how many of each, where it ends, by which cuts */
        $reached = [implode(' ', $none) => [$none, $this->whole->fromMm(), []]];
        $queue = [implode(' ', $none)];
        for ($at = 0; $at < count($queue); $at++) {
            [$done, $endMm, $portions] = $reached[$queue[$at]];
            $fromMm = $portions === [] ? $endMm : $endMm + $this->whole->kerfMm;
            foreach ($orders as $i => $order) {
                $toMm = $done[$i] < $order->pieces ? $order->endMm($this->whole, $fromMm) : INF;
                if ($toMm > $this->whole->toMm() + self::SMALL) {
                    continue;
                }
                $next = $done;
                $next[$i]++;
                $key = implode(' ', $next);
                if (! isset($reached[$key])) {
                    $queue[] = $key; // a state is left only after all of as many cuts are reached: the queue goes by their number
                }
                if (! isset($reached[$key]) || $toMm < $reached[$key][1] - self::SMALL) {
                    $portion = new Portion($fromMm, $toMm, $this->whole->grams($fromMm, $toMm), null, $i);
                    $reached[$key] = [array_values($next), $toMm, [...$portions, $portion]];
                }
            }
        }

        return CutPlan::of($this->whole, $this->fullest($orders, $reached), $this->limits->thinnestMm);
    }

    /**
     * @param  non-empty-list<CutOrder>  $orders
     * @param  array<string, array{list<int>, float, list<Portion>}>  $reached
     * @return list<Portion>
     */
    private function fullest(array $orders, array $reached): array
    {
        $best = [];
        $bestWorth = [0, 0, 0.0];
        foreach ($reached as [$done, $endMm, $portions]) {
            $filled = 0;
            foreach ($orders as $i => $order) {
                $filled += $done[$i] === $order->pieces ? 1 : ($done[$i] === 0 ? 0 : -count($orders));
            }
            $worth = [$filled, count($portions), -$endMm];
            [$best, $bestWorth] = $filled > 0 && $worth > $bestWorth ? [$portions, $worth] : [$best, $bestWorth];
        }

        return $best;
    }

    /** @return list<float> the better the larger, figure by figure */
    private static function worth(CutPlan $plan, CutGoal $goal, float $wantedMm, float $wantedG): array
    {
        $mm = array_sum(array_map(static fn (Portion $portion): float => $portion->mm(), $plan->portions)) / $plan->count();
        $lost = (float) ($plan->offcutG + $plan->dustG);

        return match ($goal) {
            CutGoal::EvenWeight => [-floor((self::LOST_STEPS * $lost) / $plan->whole->massG), -round($plan->furthestG($wantedG))],
            CutGoal::LeastOffcut => [-$lost, -round(abs($mm - $wantedMm), 3)],
            default => [(float) $plan->count(), -$lost, -round($plan->spreadG(), 3)],
        };
    }

    /** @return list<list<Portion>> */
    private function boneless(CutGoal $goal): array
    {
        $most = $this->most();
        $plans = $goal === CutGoal::EvenWeight ? [] : [$most];
        $lengthMm = $this->whole->toMm() - $this->whole->fromMm();
        $highest = (int) floor(($lengthMm + $this->whole->kerfMm) / ($this->limits->thinnestMm + $this->whole->kerfMm) + self::SMALL);
        for ($count = 1; $count <= $highest; $count++) {
            $meanMm = ($lengthMm - ($count - 1) * $this->whole->kerfMm) / $count;
            if ($goal === CutGoal::EvenWeight && $meanMm > $this->limits->thickestMm) {
                continue; // one of them would be thicker still
            }
            $mm = min($this->limits->thickestMm, $meanMm);
            $plans[] =
                $goal === CutGoal::EvenWeight
                    ? $this->ofOneWeight($count)
                    : $this->row($count, static fn (WholePiece $whole, float $fromMm): float => $fromMm + $mm);
        }

        return array_values(
            array_filter(
                $plans,
                fn (array $portions): bool => array_filter($portions, fn (Portion $each): bool => ! $this->limits->allows($each)) === [],
            ),
        );
    }

    /**
     * As many as there can be, each as little as will do.
     *
     * @return list<Portion>
     */
    private function most(): array
    {
        $portions = [];
        $fromMm = $this->whole->fromMm();
        while (true) {
            $fromMm = $this->lightEnoughFrom($fromMm);
            $toMm = max($fromMm + $this->limits->thinnestMm, $this->whole->endOf($fromMm, $this->limits->lightestG));
            $portion = new Portion($fromMm, $toMm, is_infinite($toMm) ? INF : $this->whole->grams($fromMm, $toMm));
            if ($toMm > $this->whole->toMm() + self::SMALL || ! $this->limits->allows($portion)) {
                return $portions;
            }
            $portions[] = $portion;
            $fromMm = $toMm + $this->whole->kerfMm;
        }
    }

    /** Towards the thin end until the thinnest is not too heavy. */
    private function lightEnoughFrom(float $fromMm): float
    {
        $isLight = fn (float $mm): bool => $this->whole->grams($mm, $mm + $this->limits->thinnestMm) <= $this->limits->heaviestG;
        if ($isLight($fromMm)) {
            return $fromMm;
        }
        [$low, $high] = [$fromMm, max($fromMm, $this->whole->toMm() - $this->limits->thinnestMm)];
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $isLight($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }

    /**
     * So many that weigh the same and leave nothing between the ends. What the saw takes hangs on where it goes, by a little: a few
     * rounds find both.
     *
     * @return list<Portion> none where one of them is past the end
     */
    private function ofOneWeight(int $count): array
    {
        $all = $this->whole->grams($this->whole->fromMm(), $this->whole->toMm());
        $grams = $all / ($count + ($this->whole->kerfMm > 0.0 ? 1 : 0)); // to begin with so little that it fits
        $row = [];
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $row = $this->row($count, static fn (WholePiece $whole, float $fromMm): float => $whole->endOf($fromMm, $grams));
            if ($row === []) {
                return [];
            }
            $left = $this->whole->grams($row[$count - 1]->toMm, $this->whole->toMm());
            if ($left < self::LEFT_G) {
                break;
            }
            $grams += (self::CAUTIOUS * $left) / $count; // nearer each round, and never past the end
        }

        return $row;
    }

    /**
     * @param  callable(WholePiece, float): float  $endMm
     * @return list<Portion> none where they do not fit
     */
    private function row(int $count, callable $endMm): array
    {
        $portions = [];
        $fromMm = $this->whole->fromMm();
        for ($i = 0; $i < $count; $i++) {
            $toMm = $endMm($this->whole, $fromMm);
            if ($toMm > $this->whole->toMm() + 1e-6) {
                return [];
            }
            $portions[] = new Portion($fromMm, $toMm, $this->whole->grams($fromMm, $toMm));
            $fromMm = $toMm + $this->whole->kerfMm;
        }

        return $portions;
    }

    /** @return iterable<list<Portion>> every way to divide them; what is not within the limits stays with the offcuts */
    private function betweenRibs(int $ribs): iterable
    {
        $gapMm = ($this->whole->toMm() - $this->whole->fromMm()) / $ribs;
        for ($cuts = 0; $cuts < 2 ** ($ribs - 1); $cuts++) {
            $portions = [];
            $first = 0;
            for ($rib = 1; $rib <= $ribs; $rib++) {
                if ($rib < $ribs && ($cuts >> ($rib - 1)) % 2 === 0) {
                    continue;
                }
                $fromMm = $this->whole->fromMm() + $first * $gapMm;
                $toMm = $this->whole->fromMm() + $rib * $gapMm - ($rib < $ribs ? $this->whole->kerfMm : 0.0);
                $portion = new Portion($fromMm, $toMm, $this->whole->grams($fromMm, $toMm), $rib - $first);
                $portions = $this->limits->allows($portion) ? [...$portions, $portion] : $portions;
                $first = $rib;
            }
            yield $portions;
        }
    }
}
