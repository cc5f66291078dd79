<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Data\Record;
use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** The size of one piece as it is usually sold: the body it is followed as, its thickness or diameter, its weight. */
final readonly class Build
{
    private function __construct(
        public Shape $shape,
        public float $thinnestMm,
        public float $typicalMm,
        public float $thickestMm,
        public float $lightestG,
        public float $typicalG,
        public float $heaviestG,
    ) {}

    public static function fromRecord(Record $cut): self
    {
        $thickness = $cut->record('thickness_mm');
        $weight = $cut->record('weight_g');

        return new self(
            Shape::from($cut->text('shape')),
            $thickness->number('min'), $thickness->number('typical'), $thickness->number('max'),
            $weight->number('low'), $weight->number('typical'), $weight->number('high'),
        );
    }

    public function isRound(): bool
    {
        return $this->shape !== Shape::Slab;
    }

    /** Weight at another thickness: a slab keeps its face, a cylinder its length, a ball nothing. */
    public function mass(Length $thickness): Mass
    {
        return Mass::ofGrams($this->typicalG * ($thickness->toMillimetres() / $this->typicalMm) ** ($this->shape->exponent() + 1));
    }

    /** How long a round piece of this diameter must be cut to weigh so much; null for other shapes. */
    public function lengthFor(Mass $mass, Length $diameter, float $densityKgM3): ?Length
    {
        if ($this->shape !== Shape::Cylinder || $mass->toGrams() <= 0.0) {
            return null;
        }

        return Length::ofMillimetres($mass->toGrams() / $densityKgM3 / (M_PI / 4.0 * $diameter->toMetres() ** 2));
    }
}
