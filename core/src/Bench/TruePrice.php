<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;

/**
 * What meat costs where it is eaten. Yields of a chain multiply, losses do not add up; what is left of a kilo bears the price of the whole
 * (edible-portion cost, as catering handbooks have it). Exact fractions throughout.
 */
final readonly class TruePrice
{
    private const SECONDS_AN_HOUR = 3600;

    private const GRAMS_A_KILO = 1000;

    private function __construct(
        public Offer $offer,
        public BigRational $perKgBought,
        public BigRational $perKgTrimmed,
        public BigRational $perKgCooked,
        private BigRational $perGramEaten,
    ) {}

    /** @param  BigDecimal  $perHour  what an hour at the bench costs; nothing where the time is not counted */
    public static function of(Offer $offer, BigDecimal $perHour): self
    {
        $work = BigRational::of($offer->workS)->multipliedBy($perHour)->dividedBy(self::SECONDS_AN_HOUR);
        $bought = BigRational::of($offer->perKg);
        $trimmed = $bought->plus($work)->dividedBy($offer->trimmed);
        $cooked = $trimmed->dividedBy($offer->cooked);

        return new self($offer, $bought, $trimmed, $cooked, $cooked->dividedBy(self::GRAMS_A_KILO));
    }

    /** @param  BigDecimal  $eatenG  on the plate */
    public function aPortion(BigDecimal $eatenG): BigRational
    {
        return $this->perGramEaten->multipliedBy($eatenG);
    }

    /** As bought, to have so much on the plate, g. */
    public function boughtG(BigDecimal $eatenG): BigRational
    {
        return BigRational::of($eatenG)->dividedBy($this->offer->trimmed)->dividedBy($this->offer->cooked);
    }

    /** What a kilo as bought would have to cost for both to be alike on the plate. */
    public function evenPerKg(self $other): BigRational
    {
        return $other->perKgCooked
            ->multipliedBy($this->offer->cooked)
            ->multipliedBy($this->offer->trimmed)
            ->minus($this->perKgTrimmed->multipliedBy($this->offer->trimmed)->minus($this->perKgBought));
    }

    /**
     * Where the one that is cheaper to buy is dearer to eat: the first of its figures that alone, were it like the other's, would put it
     * back in front. "together" where none of them would by itself.
     *
     * @return 'trim'|'cooking'|'work'|'together'|null null where the cheaper to buy is the cheaper to eat
     */
    public static function turnedBy(self $cheaperToBuy, self $other, BigDecimal $perHour): ?string
    {
        if ($cheaperToBuy->perKgCooked->isLessThanOrEqualTo($other->perKgCooked)) {
            return null;
        }
        $like = [
            'trim' => $cheaperToBuy->offer->trimmedLike($other->offer),
            'cooking' => $cheaperToBuy->offer->cookedLike($other->offer),
            'work' => $cheaperToBuy->offer->workedLike($other->offer),
        ];
        foreach ($like as $figure => $offer) {
            if (self::of($offer, $perHour)->perKgCooked->isLessThanOrEqualTo($other->perKgCooked)) {
                return $figure;
            }
        }

        return 'together';
    }
}
