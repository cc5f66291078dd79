<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Heat\Shape;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Ticket\Amounts;

/** How much to take: raw weight by appetite, pieces, and what is left of it cooked. */
final readonly class Portions
{
    private function __construct(private Record $record) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('portions.json'));
    }

    public function of(Ask $ask): Amounts
    {
        return $this->amounts($ask->cut, $ask->thickness, $ask->diners, $ask->raw, $ask->house->portions);
    }

    /**
     * @param  list<Diner>  $diners
     * @param  float  $scale  the house's portions beside the customary
     * @param  Mass|null  $asked  sold by weight, whatever the portions
     */
    public function amounts(Cut $cut, Length $thickness, array $diners, ?Mass $asked = null, float $scale = 1.0): Amounts
    {
        $each = $this->record->record('portions')->record($cut->portion);
        $grams = 0.0;
        foreach ($diners as $diner) {
            $grams += $diner->count * $each->number("{$diner->appetite->value}_g");
        }
        $raw = $asked ?? Mass::ofGrams($grams * $scale);
        $piece = $cut->piece->mass($thickness);
        $length = $cut->lengthFor($raw, $thickness);
        $heads = array_sum(array_map(static fn (Diner $diner): int => $diner->count, $diners));

        return new Amounts(
            $heads,
            round($raw->toGrams()),
            round($raw->toGrams() / $heads),
            round($piece->toGrams()),
            $cut->piece->shape === Shape::Cylinder ? null : max(0.5, round(2.0 * $raw->toGrams() / $piece->toGrams()) / 2.0),
            $length === null ? null : round($length->toMillimetres()),
            round($raw->times($cut->lowestYield)->toGrams()),
            round($raw->times($cut->highestYield)->toGrams()),
        );
    }

    /** @return list<string> */
    public function sources(): array
    {
        return $this->record->texts('sources');
    }
}
