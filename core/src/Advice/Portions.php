<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Heat\Shape;
use Nessmark\Meal\Eaters;
use Nessmark\Meal\Plate;
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

    public function of(Plate $plate): Amounts
    {
        return $this->amounts(
            $plate->piece->cut,
            $plate->piece->thickness,
            $plate->share->eaters,
            $plate->raw,
            $plate->occasion->house->portions,
        );
    }

    /**
     * @param  float  $scale  the house's portions beside the customary
     * @param  Mass|null  $asked  sold by weight, whatever the portions
     */
    public function amounts(Cut $cut, Length $thickness, Eaters $eaters, ?Mass $asked = null, float $scale = 1.0): Amounts
    {
        $each = $this->record->record('portions')->record($cut->portion);
        $grams = 0.0;
        foreach ($eaters->groups as $eater) {
            $grams += $eater->count * $each->number("{$eater->appetite->value}_g");
        }
        $raw = $asked ?? Mass::ofGrams($grams * $scale);
        $piece = $cut->build->mass($thickness);
        $length = $cut->lengthFor($raw, $thickness);
        $heads = $eaters->heads();

        return new Amounts(
            $heads,
            round($raw->toGrams()),
            round($raw->toGrams() / $heads),
            round($piece->toGrams()),
            $cut->build->shape === Shape::Cylinder ? null : max(0.5, round((2.0 * $raw->toGrams()) / $piece->toGrams()) / 2.0),
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
