<?php

declare(strict_types=1);

namespace Nessmark\Stock;

use DateTimeImmutable;
use Nessmark\Grade\FatBand;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Rearing;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** One line of today's case, or of what can be ordered: meat of one cut from one delivery. */
final readonly class Lot
{
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
    ) {}

    /** In hundredths of the shop's currency, rounded half up. */
    public function priceMinor(Mass $mass): int
    {
        return (int) floor(($mass->toGrams() * $this->pricePerKgMinor) / 1000.0 + 0.5);
    }

    /** Whether it is past its day by the end of the day of eating. */
    public function isPastOn(DateTimeImmutable $day): bool
    {
        return $this->useBy !== null && $day->format('Y-m-d') > $this->useBy->format('Y-m-d');
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
