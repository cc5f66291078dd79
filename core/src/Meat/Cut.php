<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use LogicException;
use Nessmark\Catalogue\Record;
use Nessmark\Heat\Body;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\FibreDirection;
use Nessmark\Heat\Material;
use Nessmark\Heat\PorousMaterial;
use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** A cut as the counter sells it: muscles first, names second. */
final readonly class Cut
{
    /** Temperature at which meat is weighed, °C: cold from the counter. */
    private const COUNTER_CELSIUS = 5.0;

    /** A bird's cavity and its hollow bones: it heats like a solid piece of this share of its width. Chosen once so that chicken and turkey meet the published roasting times (TicketTest). */
    private const SOLID_SHARE = 0.72;

    /**
     * @param  array<string, list<string>>  $names  what it is called, by place
     * @param  non-empty-list<Muscle>  $muscles  the one that gives it its character first
     * @param  list<string>  $hazards
     * @param  list<string>  $sources
     */
    private function __construct(
        public string $slug,
        public Group $group,
        public string $animal,
        public string $region,
        public string $name,
        public array $names,
        public array $muscles,
        public Form $form,
        public FoodClass $foodClass,
        public Piece $piece,
        public Covering $covering,
        public Composition $composition,
        public FibreDirection $fibre,
        public string $portion,
        public string $donenessFamily,
        public string $defaultDoneness,
        public float $lowestYield,
        public float $highestYield,
        public Availability $availability,
        public int $priceClass,
        public int $flavour,
        public string $slice,
        public array $hazards,
        public array $sources,
        public Record $record,
    ) {}

    /** @param  array<string, Muscle>  $muscles  every muscle by slug */
    public static function fromRecord(Record $record, array $muscles): self
    {
        $slug = $record->text('slug');
        $has = array_map(static fn (string $muscle): Muscle => $muscles[$muscle] ?? throw new LogicException("{$slug}: no muscle {$muscle}."), $record->texts('muscles'));
        if ($has === []) {
            throw new LogicException("{$slug} has no muscle.");
        }
        $names = [];
        foreach ($record->record('names')->keys() as $place) {
            $names[$place] = $record->record('names')->texts($place);
        }
        $cooking = $record->record('yields')->record('cooking');
        $composition = $record->record('composition');
        $sources = $composition->texts('sources');
        foreach ($record->record('sources')->keys() as $about) {
            $sources = [...$sources, ...$record->record('sources')->texts($about)];
        }

        return new self(
            $slug,
            Group::from($record->text('group')),
            $record->text('animal'),
            $record->text('region'),
            $record->text('name'),
            $names,
            $has,
            Form::from($record->text('form')),
            in_array('rolled', $record->texts('hazards'), true) ? FoodClass::from($record->text('food_class'))->pierced() : FoodClass::from($record->text('food_class')),
            Piece::fromRecord($record),
            Covering::fromRecord($record),
            Composition::fromRecord($composition),
            FibreDirection::from($record->text('fibre')),
            $record->text('portion'),
            $record->record('doneness')->text('family'),
            $record->record('doneness')->text('default'),
            $cooking->number('low'),
            $cooking->number('high'),
            Availability::from($record->text('availability')),
            (int) $record->number('price_class'),
            (int) $record->number('flavour'),
            $record->text('slice'),
            $record->texts('hazards'),
            array_values(array_unique($sources)),
            $record,
        );
    }

    /** The same cut after needle, blade or brine: its outside is inside. */
    public function pierced(): self
    {
        $record = $this->record->with('food_class', $this->foodClass->pierced()->value)->with('hazards', [...$this->hazards, 'pierced']);

        return self::fromRecord($record, array_column($this->muscles, null, 'slug'));
    }

    /**
     * The same cut with the fat its grade stands for.
     *
     * @param  float  $fat  kg per kg, 0 to under 1
     */
    public function withFat(float $fat): self
    {
        $record = $this->record->with('composition', [...$this->composition->withFat($fat)->fractions, 'sources' => $this->record->record('composition')->texts('sources')]);

        return self::fromRecord($record, array_column($this->muscles, null, 'slug'));
    }

    /** The same cut with one more name at a place. */
    public function alsoCalled(string $place, string $name): self
    {
        $names = $this->record->toArray()['names'];
        $names = is_array($names) ? $names : [];
        $names[$place] = [...$this->names[$place] ?? [], $name];

        return self::fromRecord($this->record->with('names', $names), array_column($this->muscles, null, 'slug'));
    }

    public function material(): Material
    {
        $meat = new ComposedMaterial($this->composition, $this->fibre);

        return $this->foodClass === FoodClass::Minced ? new PorousMaterial($meat) : $meat;
    }

    /** A whole bird with its cavity, and not one opened flat. */
    private function isHollow(): bool
    {
        return $this->form === Form::WholeBird && $this->piece->shape === Shape::Cylinder;
    }

    /** Water in the raw meat, kg/m³. */
    public function waterKgM3(): float
    {
        return ($this->composition->fractions['water'] ?? 0.0) * ChoiOkos::densityKgM3($this->composition, self::COUNTER_CELSIUS);
    }

    public function body(Length $thickness): Body
    {
        return $this->isHollow() ? Body::cylinder($thickness->times(self::SOLID_SHARE)) : Body::of($this->piece->shape, $thickness);
    }

    /** How long a round piece of this diameter must be cut to weigh so much; null for other shapes. */
    public function lengthFor(Mass $mass, Length $diameter): ?Length
    {
        return $this->piece->lengthFor($mass, $diameter, ChoiOkos::densityKgM3($this->composition, self::COUNTER_CELSIUS));
    }

    /** 1 tender … 3 tough: the mean of its muscles in this animal. Mince counts as tender: the machine has done the chewing. */
    public function tendernessScore(): float
    {
        return array_sum(array_map(fn (Muscle $muscle): float => $muscle->tendernessIn($this->animal)->score(), $this->muscles)) / count($this->muscles);
    }

    /** 1 low … 4 very high: the mean of its muscles. */
    public function collagenRank(): float
    {
        return array_sum(array_map(static fn (Muscle $muscle): int => $muscle->collagen->rank(), $this->muscles)) / count($this->muscles);
    }

    /** kg of fat per kg of raw meat as sold. */
    public function fatFraction(): float
    {
        return $this->composition->fractions['fat'];
    }

    public function isFish(): bool
    {
        return $this->group === Group::Fish;
    }

    public function isBird(): bool
    {
        return $this->animal === 'bird' && $this->group !== Group::Offal;
    }
}
