<?php

declare(strict_types=1);

namespace Nessmark\Stock;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use DateTimeInterface;
use Nessmark\Grade\FatBand;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** One line of today's case, or of what can be ordered: meat of one cut from one delivery. */
final readonly class Lot
{
    private const GRAMS_A_KILO = 1000;

    /**
     * @param  string  $number  the shop's own, one of a kind
     * @param  Cut  $cut  with the fat its grade stands for, and as the lot was treated and reared
     * @param  string|null  $grade  scale and value, such as usda_quality:choice
     * @param  FatBand|null  $fat  fat of the lean, where the grade says it
     * @param  Length|null  $thickness  as it is cut; null for a piece from which it is cut to order, or a whole one
     * @param  Mass|null  $left  null where as much can be ordered as is wanted
     * @param  int  $pricePerKgMinor  hundredths of the shop's currency
     * @param  DateTimeImmutable|null  $useBy  the last day
     * @param  Rearing|null  $rearing  how the animal lived; null where nobody said
     * @param  int  $leadDays  0 in the case, otherwise days until it is there
     * @param  float|null  $trimShare  of it, as it lies, that comes off at the bench; null where it is as this cut usually is
     */
    public function __construct(
        public string $number,
        public Cut $cut,
        public ?string $grade,
        public ?FatBand $fat,
        public ?Length $thickness,
        public ?Mass $left,
        public int $pricePerKgMinor,
        public ?int $agedDays,
        public Packed $packed,
        public string $origin,
        public ?DateTimeImmutable $useBy,
        public bool $isParasiteFrozen,
        public bool $isPierced,
        public int $leadDays = 0,
        public bool $isStuffed = false,
        public ?Rearing $rearing = null,
        public ?float $trimShare = null,
    ) {}

    /** In hundredths of the shop's currency, rounded half up. */
    public function priceMinor(Mass $mass): int
    {
        return BigDecimal::of($mass->toGrams())
            ->multipliedBy($this->pricePerKgMinor)
            ->dividedBy(self::GRAMS_A_KILO, 0, RoundingMode::HALF_UP)
            ->toInt();
    }

    /** What is left of it after trimming, kg/kg. */
    public function trimYield(): float
    {
        return $this->trimShare === null ? array_sum($this->cut->trimYield()) / 2.0 : 1.0 - $this->trimShare;
    }

    /** To weigh out of it for so much as this cut usually is: more where more comes off. */
    public function weighed(Mass $usual): Mass
    {
        return $this->trimShare === null ? $usual : $usual->times(array_sum($this->cut->trimYield()) / 2.0 / $this->trimYield());
    }

    /** Whether it is past its day when it is eaten, or by now where no hour was said: the one rule of every door. */
    public function isPastWhenEaten(DateTimeImmutable $now, ?DateTimeImmutable $eatAt): bool
    {
        return $this->isPastOn($now) || ($eatAt !== null && $this->isPastOn($eatAt));
    }

    /** Whether it is past its day by the end of the day of eating. */
    public function isPastOn(DateTimeImmutable $day): bool
    {
        return self::isPast($this->useBy, $day);
    }

    public static function isPast(?DateTimeInterface $useBy, DateTimeInterface $day): bool
    {
        return $useBy !== null && $day->format('Y-m-d') > $useBy->format('Y-m-d');
    }

    /** Whole days from the day of eating to the last day; null where there is none. */
    public function daysLeft(DateTimeImmutable $day): ?int
    {
        return $this->useBy === null
            ? null
            : (int) (new DateTimeImmutable($day->format('Y-m-d')))
                ->diff(new DateTimeImmutable($this->useBy->format('Y-m-d')))
                ->format('%r%a');
    }
}
