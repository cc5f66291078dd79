<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Nessmark\Bench\Offer;
use Nessmark\Bench\TruePrice;
use Nessmark\Data\DataFolder;
use Nessmark\Errors\InputRefused;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Money;

/** Offers of meat side by side, from the price on the ticket to the price on the plate, and what turns their order. */
final readonly class OfferReport
{
    private const MOST_OFFERS = 6;

    private const LONGEST_NAME = 60;

    private const SHARE_DECIMALS = 6;

    /** A main course on the plate, g. Common practice, no source. */
    private const USUAL_EATEN_G = 150.0;

    private function __construct(private DataFolder $folder) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder);
    }

    /**
     * @param  mixed  $data  offers (name or lot, price_per_kg, trim_pct, cooking_loss_pct, work_min_per_kg), eaten_g, work_per_hour,
     *                       margin_pct, step
     * @param  list<Lot>  $stock
     * @param  string  $currency  ISO 4217
     * @return array<string, mixed>
     *
     * @throws InputRefused naming every key that is wrong
     */
    public function of(mixed $data, array $stock, string $currency): array
    {
        $in = Fields::of($data);
        $eaten = BigDecimal::of($in->numberOr('eaten_g', self::USUAL_EATEN_G, 20.0, 2000.0, 'range', ['min' => 20, 'max' => 2000]));
        $perHour = BigDecimal::of($in->numberOr('work_per_hour', 0.0, 0.0, 1000.0, 'money'));
        $marginPct = $in->optionalNumber('margin_pct', 0.0, 95.0, 'range', ['min' => 0, 'max' => 95]);
        $step = $in->optionalNumber('step', 0.001, 10.0, 'money');
        $offers = [];
        foreach ($in->objects('offers', 1, self::MOST_OFFERS) as $i => $row) {
            $offers[] = $this->offer($row, $stock, $i + 1);
        }
        $in->noOthers();
        $in->refuseIfWrong();
        if ($offers === []) {
            throw InputRefused::one('offers', 'missing', null, 'count', ['min' => 1, 'max' => self::MOST_OFFERS]);
        }
        $prices = array_map(static fn (Offer $offer): TruePrice => TruePrice::of($offer, $perHour), $offers);
        usort($prices, static fn (TruePrice $a, TruePrice $b): int => $a->perKgCooked->compareTo($b->perKgCooked));
        $money = Money::in($currency, $this->folder);
        $step = $step === null ? BigDecimal::ofUnscaledValue(1, $money->decimals) : BigDecimal::of($step);

        return [
            'currency' => $currency,
            'eaten_g' => $eaten->toFloat(),
            'offers' => array_map(
                static fn (TruePrice $price): array => self::row($price, $prices[0], $eaten, $money, $marginPct, $step),
                $prices,
            ),
            'turned' => array_map(static fn (Phrase $said): array => $said->toArray(), self::turned($prices, $perHour, $money)),
        ];
    }

    /** @param  list<Lot>  $stock */
    private function offer(Fields $row, array $stock, int $place): Offer
    {
        $lot = null;
        if ($row->has('lot')) {
            $number = $row->text('lot', 'lot', LotReader::LONGEST_TEXT);
            $lot = array_values(array_filter($stock, static fn (Lot $each): bool => $each->number === $number))[0] ?? null;
            if ($lot === null) {
                $row->refuse('lot', 'not_allowed', $number, 'lot');
            }
        }
        $signs = ['signs' => self::LONGEST_NAME];
        $name = $row->has('name')
            ? $row->text('name', 'text_up_to', self::LONGEST_NAME, $signs)
            : ($lot === null
                ? (string) $place
                : "{$lot->cut->name}, {$lot->number}");
        $price =
            $lot === null
                ? $row->number('price_per_kg', 0.01, LotReader::DEAREST_PER_KG, 'money')
                : $row->numberOr('price_per_kg', $lot->pricePerKgMinor / 100.0, 0.01, LotReader::DEAREST_PER_KG, 'money');
        $range = ['min' => 0, 'max' => 90];
        $trimPct = $row->numberOr('trim_pct', $lot === null ? 0.0 : 100.0 * (1.0 - $lot->trimYield()), 0.0, 90.0, 'range', $range);
        $cookedYield = $lot === null ? 1.0 : ($lot->cut->lowestYield + $lot->cut->highestYield) / 2.0;
        $lossPct = $row->numberOr('cooking_loss_pct', 100.0 * (1.0 - $cookedYield), 0.0, 90.0, 'range', $range);
        $workMin = $row->numberOr('work_min_per_kg', 0.0, 0.0, 240.0, 'range', ['min' => 0, 'max' => 240]);
        $row->noOthers();

        return new Offer($name, BigDecimal::of($price), self::left($trimPct), self::left($lossPct), BigDecimal::of(60.0 * $workMin));
    }

    private static function left(float $lostPct): BigDecimal
    {
        return BigDecimal::of(round(1.0 - $lostPct / 100.0, self::SHARE_DECIMALS));
    }

    /** @return array<string, mixed> */
    private static function row(
        TruePrice $price,
        TruePrice $best,
        BigDecimal $eaten,
        Money $money,
        ?float $marginPct,
        BigDecimal $step,
    ): array {
        $sale = static fn (BigNumber $cost): ?float => $marginPct === null
            ? null
            : $money->upTo($cost->toBigRational()->multipliedBy(100)->dividedBy(BigDecimal::of(100.0 - $marginPct)), $step);

        return [
            'name' => $price->offer->name,
            'trim_pct' => self::lostPct($price->offer->trimmed),
            'cooking_loss_pct' => self::lostPct($price->offer->cooked),
            'per_kg_bought' => $money->shown($price->perKgBought),
            'per_kg_trimmed' => $money->shown($price->perKgTrimmed),
            'per_kg_cooked' => $money->shown($price->perKgCooked),
            'a_portion' => $money->shown($price->aPortion($eaten)),
            'bought_g' => round($price->boughtG($eaten)->toFloat()),
            'even_per_kg' => $price === $best ? null : $money->shown($price->evenPerKg($best)),
            'sale_per_kg' => $sale($price->perKgTrimmed),
            'sale_portion' => $sale($price->aPortion($eaten)),
        ];
    }

    private static function lostPct(BigDecimal $left): float
    {
        return round(100.0 * (1.0 - $left->toFloat()), 1);
    }

    /**
     * Of each offer that looks cheaper than the best on the plate: what makes it dearer.
     *
     * @param  non-empty-list<TruePrice>  $prices  the cheapest on the plate first
     * @return list<Phrase>
     */
    private static function turned(array $prices, BigDecimal $perHour, Money $money): array
    {
        $said = [];
        foreach (array_slice($prices, 1) as $price) {
            $by = $price->perKgBought->isLessThan($prices[0]->perKgBought) ? TruePrice::turnedBy($price, $prices[0], $perHour) : null;
            if ($by !== null) {
                $said[] = new Phrase("offer.turned_by_{$by}", [
                    'name' => $price->offer->name,
                    'other' => $prices[0]->offer->name,
                    'even_money' => $money->shown($price->evenPerKg($prices[0])),
                ]);
            }
        }

        return $said;
    }
}
