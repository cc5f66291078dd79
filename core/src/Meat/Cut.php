<?php

declare(strict_types=1);

namespace Nessmark\Meat;

use LogicException;
use Nessmark\Data\Record;
use Nessmark\Heat\ChoiOkos;
use Nessmark\Heat\ComposedMaterial;
use Nessmark\Heat\Composition;
use Nessmark\Heat\FibreDirection;
use Nessmark\Heat\Material;
use Nessmark\Heat\PorousMaterial;
use Nessmark\Heat\Shape;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;

/** A cut as the counter sells it: muscles first, names second. */
final readonly class Cut
{
    /** Inside the muscle of whole beef that nobody graded, kg/kg. Common practice, no source. */
    public const UNGRADED_MARBLING = 0.05;

    /** From this marbling on a steak is eaten in small pieces, kg/kg. Common practice, no source. */
    public const VERY_RICH_FROM = 0.2;

    /** Left and right: an animal has no more of a muscle that is sold whole. */
    private const A_PAIR = 2.0;

    private const MARBLED_GRADE_FROM = 0.045;

    private const MARBLED_BY_NATURE_FROM = 0.09;

    /** Temperature at which meat is weighed, °C: cold from the counter. */
    private const COUNTER_CELSIUS = 5.0;

    /**
     * A bird's cavity and its hollow bones, the water that runs into a shell: it heats like a solid piece of this share of its width.
     * Chosen once so that chicken and turkey meet the published roasting times (TicketTest).
     */
    private const SOLID_SHARE = 0.72;

    /**
     * @param  array<string, list<string>>  $names  what it is called, by place
     * @param  non-empty-list<Muscle>  $muscles  the one that gives it its character first
     * @param  FoodClass  $bornClass  what it is, whatever was done to it
     * @param  FoodClass  $foodClass  what it counts as after everything that was done to it
     * @param  list<Hazard>  $hazards
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
        public FoodClass $bornClass,
        public FoodClass $foodClass,
        public Build $build,
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
        $has = array_map(
            static fn (string $muscle): Muscle => $muscles[$muscle] ?? throw new LogicException("{$slug}: no muscle {$muscle}."),
            $record->texts('muscles'),
        );
        if ($has === []) {
            throw new LogicException("{$slug} has no muscle.");
        }
        $names = [];
        foreach ($record->record('names')->keys() as $place) {
            $names[$place] = $record->record('names')->texts($place);
        }
        $cooking = $record->record('yields')->record('cooking');
        $composition = $record->record('composition');
        $born = self::bornAs($record);
        $hazards = self::hazardsOf($record, $born);
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
            $born,
            self::classOf($born, $hazards),
            Build::fromRecord($record),
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
            $hazards,
            array_values(array_unique($sources)),
            $record,
        );
    }

    /**
     * As its data says, and never milder than its animal, its form and its place at the counter make it: a shop's own cut is no way
     * round.
     */
    private static function bornAs(Record $record): FoodClass
    {
        $class = FoodClass::from($record->text('food_class'));
        $isBird = $record->text('animal') === 'bird';
        if ($class === FoodClass::DuckBreast && $record->record('doneness')->text('family') !== 'duck') {
            $class = FoodClass::Poultry;
        }
        $class = match (true) {
            $class === FoodClass::WildGame, $class === FoodClass::DuckBreast => $class,
            $isBird => $class->orStricter(FoodClass::Poultry),
            default => $class->orStricter(Group::from($record->text('group'))->leastClass()),
        };

        return Form::from($record->text('form')) === Form::Mince ? $class->after(Treatment::Minced) : $class;
    }

    /**
     * Those its data names, and those that come with what it is.
     *
     * @return list<Hazard>
     */
    private static function hazardsOf(Record $record, FoodClass $born): array
    {
        $hazards = $record->texts('hazards');
        $isBoar = $record->text('group') === Group::Game->value && $record->text('animal') === 'pig';
        $comes = match ($born) {
            FoodClass::Fish => in_array(Hazard::RawTuna->value, $hazards, true) ? [] : [Hazard::RawFish],
            FoodClass::WildGame => [Hazard::Wild, Hazard::Shot],
            FoodClass::Bivalve => [Hazard::Bivalve],
            FoodClass::Crustacean => [Hazard::Crustacean],
            FoodClass::Mollusc => [Hazard::Mollusc],
            default => [],
        };
        $all = [...$hazards, ...array_column([...$comes, ...$isBoar ? [Hazard::Trichinella] : []], 'value')];

        return array_map(Hazard::from(...), array_values(array_unique($all)));
    }

    /**
     * From the strictest down: what it is, what each hazard makes of it, what was done to it.
     *
     * @param  list<Hazard>  $hazards
     */
    private static function classOf(FoodClass $class, array $hazards): FoodClass
    {
        foreach ($hazards as $hazard) {
            // Duck breast is a bird that has a rule of its own.
            $class =
                $hazard === Hazard::Poultry && $class === FoodClass::DuckBreast
                    ? $class
                    : $class->orStricter($hazard->atLeast() ?? $class);
        }
        foreach (Treatment::cases() as $treatment) {
            $class = in_array($treatment->hazard(), $hazards, true) ? $class->after($treatment) : $class;
        }

        return $class;
    }

    /** The same cut after this was done to it. */
    public function after(Treatment $treatment): self
    {
        return $this->has($treatment->hazard())
            ? $this
            : $this->with('hazards', [...$this->record->texts('hazards'), $treatment->value]);
    }

    /** The same cut of an animal that lived so. */
    public function reared(Rearing $rearing): self
    {
        $base = $this->bornClass;
        $class = $base->reared($rearing, $this->isBird());
        if ($class === $base) {
            return $this;
        }
        $wild = [Hazard::Wild->value, Hazard::Shot->value];
        $hazards = array_values(array_diff($this->record->texts('hazards'), $wild));

        return $this->with(
            'hazards',
            $rearing === Rearing::Wild ? [...$hazards, ...$wild, ...$this->ofWildPig()] : $hazards,
            $this->record->with('food_class', $class->value),
        );
    }

    /** @return list<string> what a wild pig may carry, whatever shelf it lies on */
    private function ofWildPig(): array
    {
        return $this->animal === 'pig' ? [Hazard::Trichinella->value] : [];
    }

    /** Whether this animal may have lived so. */
    public function mayBeReared(Rearing $rearing): bool
    {
        return $rearing === Rearing::Farmed || $this->mayCarryParasites() || $this->allergen() !== null ||
            $this->bornClass->reared($rearing, $this->isBird()) === FoodClass::WildGame;
    }

    /** How it lived where nobody says, for game; null where it makes no difference or cannot be told. */
    public function usualRearing(): ?Rearing
    {
        return match ($this->bornClass) {
            FoodClass::FarmedGame => Rearing::Farmed,
            FoodClass::WildGame => Rearing::Wild,
            default => null,
        };
    }

    public function has(Hazard $hazard): bool
    {
        return in_array($hazard, $this->hazards, true);
    }

    public function mayCarryParasites(): bool
    {
        return array_filter($this->hazards, static fn (Hazard $hazard): bool => $hazard->mayCarryParasites()) !== [];
    }

    /**
     * What must be said to who must not have it.
     *
     * @return 'fish'|'crustacean'|'mollusc'|null
     */
    public function allergen(): ?string
    {
        return match ($this->bornClass) {
            FoodClass::Fish => 'fish',
            FoodClass::Crustacean => 'crustacean',
            FoodClass::Mollusc, FoodClass::Bivalve => 'mollusc',
            default => null,
        };
    }

    private function with(string $key, mixed $value, ?Record $record = null): self
    {
        return self::fromRecord(($record ?? $this->record)->with($key, $value), array_column($this->muscles, null, 'slug'));
    }

    /** The same cut with so thick a cap of fat as was found on it. */
    public function capped(float $fatCapMm): self
    {
        return $this->with('fat_cap_mm', $fatCapMm);
    }

    /** The same cut with its membrane found on it, or off already. */
    public function membraned(bool $isOn): self
    {
        $usual = $this->covering->membrane;

        return $this->with('membrane', $isOn ? ($usual === 'none' ? 'silverskin' : $usual) : 'none');
    }

    /**
     * The same cut with the fat its grade stands for.
     *
     * @param  float  $fat  kg per kg, 0 to under 1
     */
    public function withFat(float $fat): self
    {
        return $this->with('composition', [
            ...$this->composition->withFat($fat)->fractions,
            'graded' => true,
            'seam' => $this->seamFat(),
            'sources' => $this->record->record('composition')->texts('sources'),
        ]);
    }

    /** So marbled that it is eaten in small pieces off hot metal; known only where a grade was named. */
    public function isVeryRich(): bool
    {
        return $this->record->record('composition')->has('graded') && $this->fatFraction() >= self::VERY_RICH_FROM;
    }

    /**
     * Brings its own richness: by its grade, from about the middle of USDA Choice (from memory), or by nature, seams and all. Common
     * practice, no source.
     */
    public function isMarbled(): bool
    {
        $isGraded = $this->record->record('composition')->has('graded');

        return $this->fatFraction() >= ($isGraded ? self::MARBLED_GRADE_FROM : self::MARBLED_BY_NATURE_FROM);
    }

    /** Fat between the muscles and around them: all that whole beef has above what lies inside a muscle without a grade, kg/kg. */
    private function seamFat(): float
    {
        $isWhole = $this->group === Group::Beef && $this->form !== Form::Mince;

        return $isWhole ? max(0.0, $this->fatFraction() - self::UNGRADED_MARBLING) : 0.0;
    }

    /** What can let go of juice, kg per kg: a grade says how fat the muscle is, and its seams are as fat as before. */
    public function leanShare(): float
    {
        return $this->muscleShare() * (1.0 - $this->fatFraction());
    }

    private function muscleShare(): float
    {
        return 1.0 - $this->record->record('composition')->numberOr('seam', 0.0);
    }

    /** The same cut with one more name at a place. */
    public function alsoCalled(string $place, string $name): self
    {
        $names = $this->record->toArray()['names'];
        $names = is_array($names) ? $names : [];
        $names[$place] = [...$this->names[$place] ?? [], $name];

        return $this->with('names', $names);
    }

    public function material(): Material
    {
        $meat = new ComposedMaterial($this->composition, $this->fibre);

        return $this->foodClass === FoodClass::Minced ? new PorousMaterial($meat) : $meat;
    }

    /** A whole bird with its cavity, and not one opened flat or filled; a crab or lobster in its shell. */
    public function isHollow(): bool
    {
        if ($this->bornClass === FoodClass::Crustacean && $this->covering->bone === 'shell') {
            return true;
        }

        return $this->form === Form::WholeBird && $this->build->shape === Shape::Cylinder && ! $this->has(Hazard::Stuffed);
    }

    /** Water in the raw meat, kg/m³. */
    public function waterKgM3(): float
    {
        $water = $this->composition->fractions['water'] ?? 0.0;

        return $this->muscleShare() * $water * ChoiOkos::densityKgM3($this->composition, self::COUNTER_CELSIUS);
    }

    /**
     * One piece: its thickness from its weight, its weight from its thickness, or as both are given.
     *
     * @param  Mass|null  $mass  of the piece, or of all that is sold by weight
     */
    public function size(?Length $thickness = null, ?Mass $mass = null): Size
    {
        $thickness ??= $mass === null ? Length::ofMillimetres($this->build->typicalMm) : $this->build->thickness($mass);
        $mass ??= Mass::ofGrams(max($this->build->lightestG, min($this->build->heaviestG, $this->build->mass($thickness)->toGrams())));

        return new Size(
            $this->build->shape,
            $thickness,
            $mass,
            $mass->toGrams() / 1000.0 / ChoiOkos::densityKgM3($this->composition, self::COUNTER_CELSIUS),
            $this->build->lengthOverWidth,
            $this->build->soldBy === SoldBy::Weight,
            $this->isHollow() ? self::SOLID_SHARE : 1.0,
        );
    }

    /** 1 tender … 3 tough: the mean of its muscles in this animal. Mince counts as tender: the machine has done the chewing. */
    public function tendernessScore(): float
    {
        return array_sum(array_map(fn (Muscle $muscle): float => $muscle->tendernessIn($this->animal)->score(), $this->muscles)) /
            count($this->muscles);
    }

    /** 1 low … 4 very high: the mean of its muscles. */
    public function collagenRank(): float
    {
        return array_sum(array_map(static fn (Muscle $muscle): int => $muscle->collagen->rank(), $this->muscles)) /
            count($this->muscles);
    }

    /** kg of fat per kg of raw meat as sold. */
    /** Whether the knife sets its thickness: several are sliced off one muscle, where a skirt or a rump is one as it grew. */
    public function isSlicedToOrder(): bool
    {
        $isOneOfAPair = $this->record->has('per_animal') && $this->record->number('per_animal') <= self::A_PAIR;

        return $this->build->soldBy === SoldBy::Slice && $this->form !== Form::Mince && ! $isOneOfAPair;
    }

    /** @return array{float, float} least and most that is left of it after trimming, kg/kg */
    public function trimYield(): array
    {
        $trim = $this->record->record('yields')->record('trim');

        return [$trim->number('low'), $trim->number('high')];
    }

    public function fatFraction(): float
    {
        return $this->composition->fractions['fat'];
    }

    /** Broken up in the pan: there is no middle to probe and nothing to rest. */
    public function isLooseMince(): bool
    {
        return $this->form === Form::Mince && $this->build->soldBy->isWeighedOut() && ! $this->build->isRound();
    }

    public function isFish(): bool
    {
        return $this->group === Group::Fish;
    }

    public function isBird(): bool
    {
        return $this->animal === 'bird' && $this->group !== Group::Offal;
    }

    /**
     * Whether a probe finds a middle to measure: not in a shell, a bone or what lies between bones, and not in what is thinner than
     * this.
     */
    public function canBeProbed(Length $thickness, float $fromMm): bool
    {
        if ($this->isLooseMince()) {
            return false;
        }
        $isBone = $this->form === Form::Ribs || ($this->form === Form::Organ && $this->covering->bone === 'marrow');

        return ! $isBone && $this->covering->bone !== 'shell' && $thickness->toMillimetres() >= $fromMm;
    }
}
