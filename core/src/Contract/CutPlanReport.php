<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Brick\Math\BigRational;
use Nessmark\Bench\CutGoal;
use Nessmark\Bench\CutOrder;
use Nessmark\Bench\CutPlan;
use Nessmark\Bench\Portion;
use Nessmark\Bench\Portioning;
use Nessmark\Bench\PortionLimits;
use Nessmark\Bench\WholePiece;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Form;
use Nessmark\Meat\SoldBy;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Money;

/** How a whole piece of the case is cut: for the most portions, for even weights, for the least offcut, or for orders. */
final readonly class CutPlanReport
{
    private const LIGHTEST_G = 100;

    private const LONGEST_MM = 2000.0;

    private const MOST_ORDERS = 6;

    private const MOST_OF_ONE = 60;

    /** Thinner and thicker than these shares of the usual, a slice is another thing to cook. Common practice, no source. */
    private const USUAL_SHARES = [0.7, 1.6];

    private const SLICES = [Form::Steak, Form::Chop, Form::Thin, Form::Fillet];

    private function __construct(private DataFolder $folder, private Record $figures) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder, $folder->read('bench.json')->record('figures'));
    }

    /**
     * @param  mixed  $data  lot, weight_g, length_mm, taper_pct, ribs, end_mm, kerf_mm, goal, into, least_mm, most_mm, least_g, most_g,
     *                       wanted_mm, wanted_g, orders (pieces, thickness_mm or each_g)
     * @param  list<Lot>  $stock
     * @param  string  $currency  ISO 4217
     * @return array<string, mixed>
     *
     * @throws InputRefused naming every key that is wrong; also where no portion is within its limits
     */
    public function of(mixed $data, array $stock, Catalogue $catalogue, string $currency): array
    {
        $in = Fields::of($data);
        $lot = self::lot($in, $stock);
        $in->refuseIfWrong();
        $into = self::into($in, $lot->cut, $catalogue);
        $whole = $this->whole($in, $lot);
        $goal = CutGoal::from($in->choiceOr('goal', CutGoal::MostPieces->value, array_column(CutGoal::cases(), 'value')));
        $limits = self::limits($in, $into);
        $wantedMm = $in->numberOr('wanted_mm', $into->build->typicalMm, 1.0, self::LONGEST_MM);
        $wantedG = $in->numberOr('wanted_g', $into->build->typicalG, 1.0, LotReader::MOST_G);
        $orders = $goal === CutGoal::Orders ? self::orders($in) : [];
        $in->noOthers();
        $in->refuseIfWrong();
        $portioning = new Portioning($whole, $limits);
        $plan = $orders === [] ? $portioning->best($goal, $wantedMm, $wantedG) : $portioning->orders($orders);
        if ($plan === null || $plan->count() === 0) {
            throw InputRefused::one('goal', 'unreachable', $goal->value, 'cut_plan', [
                'low_mm' => $limits->thinnestMm,
                'high_mm' => $limits->thickestMm,
            ]);
        }

        return $this->report($plan, $lot, $into, $orders, Money::in($currency, $this->folder));
    }

    /** @param  list<Lot>  $stock */
    private static function lot(Fields $in, array $stock): Lot
    {
        $number = $in->text('lot', 'lot', LotReader::LONGEST_TEXT);
        foreach ($stock as $lot) {
            if ($lot->number === $number && WholePiece::canBe($lot)) {
                return $lot;
            }
        }
        $in->refuse('lot', 'not_allowed', $number, 'lot_whole');
        $in->refuseIfWrong();

        return $stock[0];
    }

    /** What its slices are sold as: of the same muscles, with the bone where it has one. */
    private static function into(Fields $in, Cut $whole, Catalogue $catalogue): Cut
    {
        if ($in->has('into')) {
            $slug = $in->text('into', 'slug');
            if ($catalogue->knows($slug) && $catalogue->cut($slug)->group === $whole->group) {
                return $catalogue->cut($slug);
            }
            $in->refuse('into', 'not_allowed', $slug, 'slug');

            return $whole;
        }
        if ($whole->build->soldBy === SoldBy::Slice) {
            return $whole;
        }
        $of = static fn (Cut $cut): array => array_map(static fn ($muscle): string => $muscle->slug, $cut->muscles);
        $best = $whole;
        $bestLikeness = 0.0;
        foreach ($catalogue->cuts() as $cut) {
            if ($cut->animal !== $whole->animal || $cut->group !== $whole->group || ! in_array($cut->form, self::SLICES, true)) {
                continue;
            }
            $shared = count(array_intersect($of($cut), $of($whole)));
            $likeness =
                $shared / count(array_unique([...$of($cut), ...$of($whole)])) -
                ($cut->covering->isBoneless() === $whole->covering->isBoneless() ? 0.0 : 0.4);
            [$best, $bestLikeness] = $likeness > $bestLikeness ? [$cut, $likeness] : [$best, $bestLikeness];
        }

        return $best;
    }

    private function whole(Fields $in, Lot $lot): WholePiece
    {
        $leftG = (int) floor($lot->left?->toGrams() ?? 0.0);
        $g = $in->has('weight_g') ? $in->wholeNumber('weight_g', self::LIGHTEST_G, max(self::LIGHTEST_G, $leftG)) : $leftG;
        $usualMm = round(WholePiece::usualLengthMm($lot->cut, max(1.0, (float) $g)));
        $ribs = $in->has('ribs') ? $in->wholeNumber('ribs', 1, Portioning::MOST_RIBS) : null;
        $isSawn = $ribs !== null || ! $lot->cut->covering->isBoneless();
        $lengthMm = $in->numberOr('length_mm', min(self::LONGEST_MM, $usualMm), 20.0, self::LONGEST_MM);
        $taper = $in->numberOr('taper_pct', 100.0, 20.0, 100.0, 'range', ['min' => 20, 'max' => 100]) / 100.0;
        $endMm = $in->numberOr('end_mm', $ribs === null ? $this->figures->number('end_mm') : 0.0, 0.0, $lengthMm / 3.0);
        $kerfMm = $in->numberOr('kerf_mm', $isSawn ? $this->figures->number('saw_kerf_mm') : 0.0, 0.0, 6.0);

        return new WholePiece($g, $lengthMm, $taper, $endMm, $kerfMm, $ribs);
    }

    private static function limits(Fields $in, Cut $into): PortionLimits
    {
        [$thin, $thick] = self::USUAL_SHARES;
        $usualMm = max($into->build->thinnestMm, $thin * $into->build->typicalMm);
        $leastMm = $in->numberOr('least_mm', round($usualMm), 1.0, self::LONGEST_MM);
        $usualMm = max($leastMm, min($into->build->thickestMm, $thick * $into->build->typicalMm));
        $mostMm = $in->numberOr('most_mm', round($usualMm, 1), $leastMm, self::LONGEST_MM);
        $leastG = $in->numberOr('least_g', 0.0, 0.0, LotReader::MOST_G);
        $mostG = $in->has('most_g') ? $in->number('most_g', max(1.0, $leastG), LotReader::MOST_G) : INF;

        return new PortionLimits($leastMm, $mostMm, $leastG, $mostG);
    }

    /** @return list<CutOrder> */
    private static function orders(Fields $in): array
    {
        $orders = [];
        $states = 1;
        foreach ($in->objects('orders', 1, self::MOST_ORDERS) as $row) {
            $pieces = $row->wholeNumber('pieces', 1, self::MOST_OF_ONE);
            $mm = $row->optionalNumber('thickness_mm', 3.0, self::LONGEST_MM);
            $g = $row->optionalNumber('each_g', 10.0, LotReader::MOST_G);
            $row->noOthers();
            if (($mm === null) === ($g === null)) {
                $row->refuse('thickness_mm', 'conflict', $mm, 'thickness_or_weight');
            }
            $states *= $pieces + 1;
            $orders[] = new CutOrder($pieces, $mm, $g);
        }
        if ($states > Portioning::MOST_STATES) {
            $in->refuse('orders', 'out_of_range', $states, 'fewer_orders');
        }

        return $orders;
    }

    /**
     * @param  list<CutOrder>  $orders
     * @return array<string, mixed>
     */
    private function report(CutPlan $plan, Lot $lot, Cut $into, array $orders, Money $money): array
    {
        $whole = $plan->whole;
        $portionsG = array_sum($plan->portionG);
        $costMinor = BigRational::of($lot->pricePerKgMinor)
            ->multipliedBy($whole->massG - $plan->restG)
            ->dividedBy(1000);
        $bears = $costMinor->multipliedBy(1000)->dividedBy($portionsG)->dividedBy(100);
        $filled = array_map(static fn (Portion $portion): ?int => $portion->order, $plan->portions);

        return [
            'lot' => $lot->number,
            'name' => $lot->cut->name,
            'into' => ['slug' => $into->slug, 'name' => $into->name],
            'weight_g' => $whole->massG,
            'length_mm' => round($whole->lengthMm, 1),
            'taper_pct' => round(100.0 * $whole->taper),
            'end_mm' => round($whole->endMm, 1),
            'kerf_mm' => $whole->kerfMm,
            'ribs' => $whole->ribs,
            'portions' => array_map(
                static fn (Portion $portion, int $g): array => [
                    'from_mm' => round($portion->fromMm, 1),
                    'to_mm' => round($portion->toMm, 1),
                    'thickness_mm' => round($portion->mm(), 1),
                    'g' => $g,
                    'ribs' => $portion->ribs,
                    'order' => $portion->order === null ? null : $portion->order + 1,
                    'cost' => $money->shown($bears->multipliedBy($g)->dividedBy(1000)),
                ],
                $plan->portions,
                $plan->portionG,
            ),
            'portions_g' => $portionsG,
            'rest_g' => $plan->restG,
            'offcut_g' => $plan->offcutG,
            'dust_g' => $plan->dustG,
            'spread_g' => round($plan->spreadG()),
            'per_kg_bears' => $money->shown($bears),
            'unfilled' => array_values(
                array_filter(
                    range(1, max(1, count($orders))),
                    static fn (int $order): bool => $order <= count($orders) && ! in_array($order - 1, $filled, true),
                ),
            ),
            'currency' => $money->currency,
        ];
    }
}
