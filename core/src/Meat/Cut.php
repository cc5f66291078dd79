<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use Nessmark\Catalogue\Record;
use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\FibreDirection;
use Nessmark\Heat\Material;
use Nessmark\Heat\Shape;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** A cut as the counter sells it. */
final readonly class Cut
{
    /** Temperature at which meat is weighed, °C: cold from the counter. */
    private const COUNTER_CELSIUS = 5.0;

    /**
     * @param  list<string>  $muscles
     * @param  non-empty-list<Method>  $methods  the first is the one to offer
     * @param  list<string>  $hazards
     * @param  list<string>  $sources
     */
    private function __construct(
        public string $slug,
        public string $group,
        public string $name,
        public array $muscles,
        public FoodClass $foodClass,
        public Shape $shape,
        public float $thinnestMm,
        public float $typicalMm,
        public float $thickestMm,
        public Composition $composition,
        public FibreDirection $fibre,
        public string $portion,
        public array $methods,
        public string $donenessFamily,
        public string $defaultDoneness,
        public float $lowestYield,
        public float $highestYield,
        public string $slice,
        public array $hazards,
        private ?float $faceAreaCm2,
        private ?float $typicalLengthMm,
        public array $sources,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $thickness = $record->record('thickness_mm');
        $composition = $record->record('composition');
        $yield = $record->record('cooking_yield');
        $methods = array_map(Method::from(...), $record->texts('methods'));
        if ($methods === []) {
            throw new \LogicException("{$record->text('slug')} suits no method.");
        }

        return new self(
            $record->text('slug'),
            $record->text('group'),
            $record->text('name'),
            $record->texts('muscles'),
            FoodClass::from($record->text('food_class')),
            Shape::from($record->text('shape')),
            $thickness->number('min'),
            $thickness->number('typical'),
            $thickness->number('max'),
            Composition::ofMassFractions([
                'water' => $composition->number('water'),
                'protein' => $composition->number('protein'),
                'fat' => $composition->number('fat'),
                'ash' => $composition->number('ash'),
            ]),
            FibreDirection::from($record->text('fibre')),
            $record->text('portion'),
            $methods,
            $record->record('doneness')->text('family'),
            $record->record('doneness')->text('default'),
            $yield->number('low'),
            $yield->number('high'),
            $record->text('slice'),
            $record->texts('hazards'),
            $record->has('face_area_cm2') ? $record->number('face_area_cm2') : null,
            $record->has('typical_length_mm') ? $record->number('typical_length_mm') : null,
            array_values(array_unique([...$composition->texts('sources'), ...$yield->texts('sources'), ...$record->texts('sources')])),
        );
    }

    public function material(): Material
    {
        return new ComposedMaterial($this->composition, $this->fibre);
    }

    public function body(Length $thickness): Body
    {
        return Body::of($this->shape, $thickness);
    }

    /** Weight of one piece of this thickness and of the cut's usual face, length or roundness. */
    public function pieceMass(Length $thickness): Mass
    {
        $acrossM = $thickness->toMetres();
        $volumeM3 = match ($this->shape) {
            Shape::Slab => $acrossM * ($this->faceAreaCm2 ?? 0.0) / 10_000.0,
            Shape::Cylinder => M_PI / 4.0 * $acrossM ** 2 * ($this->typicalLengthMm ?? 0.0) / 1000.0,
            Shape::Sphere => M_PI / 6.0 * $acrossM ** 3,
        };

        return Mass::ofGrams($volumeM3 * $this->densityKgM3() * 1000.0);
    }

    /** How long a round piece of this diameter must be cut to weigh so much; null for other shapes. */
    public function lengthFor(Mass $mass, Length $diameter): ?Length
    {
        if ($this->shape !== Shape::Cylinder || $mass->toGrams() <= 0.0) {
            return null;
        }
        $areaM2 = M_PI / 4.0 * $diameter->toMetres() ** 2;

        return Length::ofMillimetres($mass->toGrams() / $this->densityKgM3() / $areaM2);
    }

    private function densityKgM3(): float
    {
        return ChoiOkos::densityKgM3($this->composition, self::COUNTER_CELSIUS);
    }
}
