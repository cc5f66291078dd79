<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;

/** Something seasonings are made of. Composition per gram of it, kg/kg. */
final readonly class Ingredient
{
    /**
     * @param  list<Allergen>  $allergens
     * @param  list<Allergen>  $mayContain  that labels of it warn of: nobody at the counter can vouch for it
     * @param  list<string>  $words  what people who go without it call it
     * @param  list<array{with: string, without: list<string>}>  $swaps  what takes its place for those who go without these words
     * @param  float|null  $scorchAtC  above this it turns bitter; null where it does not on any fire
     * @param  float  $scorchAfterS  at that temperature
     * @param  float  $nitriteShare  of a curing salt, kg/kg
     */
    private function __construct(
        public string $slug,
        public string $name,
        public float $salt,
        public float $sugar,
        public float $acid,
        public float $alcohol,
        public float $fat,
        public float $water,
        public array $allergens,
        public array $mayContain,
        public float $gPerMl,
        public ?float $scorchAtC,
        public float $scorchAfterS,
        public float $eurPerKg,
        public int $keepsDays,
        public array $words,
        public array $swaps,
        public float $nitriteShare,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $of = $record->record('per_100g');
        $scorches = $record->has('scorches') ? $record->record('scorches') : null;

        return new self(
            $record->text('slug'),
            $record->text('name'),
            $of->number('salt_g') / 100.0,
            $of->number('sugar_g') / 100.0,
            $of->number('acid_g') / 100.0,
            $of->number('alcohol_g') / 100.0,
            $of->number('fat_g') / 100.0,
            $of->number('water_g') / 100.0,
            array_map(Allergen::from(...), $record->texts('allergens')),
            array_map(Allergen::from(...), $record->texts('may_contain')),
            $record->number('g_per_ml'),
            $scorches?->number('at_c'),
            $scorches?->number('after_s') ?? 0.0,
            $record->number('eur_per_kg'),
            (int) $record->number('keeps_days'),
            $record->texts('words'),
            array_map(
                static fn (Record $swap): array => ['with' => $swap->text('with'), 'without' => $swap->texts('without')],
                $record->records('swaps'),
            ),
            $record->numberOr('nitrite_share', 0.0),
        );
    }

    /** A raw herb or vegetable: wet, neither sour nor fat, and soon gone. */
    public function isFresh(): bool
    {
        return $this->water > 0.5 && $this->acid < 0.02 && $this->fat < 0.1 && $this->salt < 0.01 && $this->keepsDays <= 7;
    }

    /** Weighed only, never by the spoon: too much of it poisons. */
    public function isCuring(): bool
    {
        return $this->nitriteShare > 0.0;
    }
}
