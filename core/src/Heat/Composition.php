<?php

declare(strict_types=1);

namespace Nessmark\Heat;

use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;

/** What meat is made of, as mass fractions that add up to one. */
final readonly class Composition
{
    public const COMPONENTS = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'];

    /** Fractions read from tables rarely add up to one; past this gap something was left out or mistyped. */
    private const SUM_TOLERANCE = 0.1;

    /** @param  array<string, float>  $fractions kg per kg, adding up to 1; keys from COMPONENTS */
    private function __construct(public array $fractions) {}

    /**
     * Takes fractions that add up to about one and scales them to one.
     *
     * @param  array<string, float>  $fractions  kg per kg; keys from COMPONENTS
     *
     * @throws InputRefused if a component is unknown, negative, or the sum is further than 0.1 from one
     */
    public static function ofMassFractions(array $fractions): self
    {
        foreach ($fractions as $component => $fraction) {
            if (! in_array($component, self::COMPONENTS, true)) {
                throw InputRefused::one("composition.{$component}", 'unknown_key', $fraction, 'keys', [
                    'keys' => implode(', ', self::COMPONENTS),
                ]);
            }
            if (! is_finite($fraction) || $fraction < 0.0 || $fraction > 1.0) {
                throw InputRefused::one("composition.{$component}", 'out_of_range', $fraction, 'mass_fraction');
            }
        }
        $sum = array_sum($fractions);
        if (abs($sum - 1.0) > self::SUM_TOLERANCE) {
            throw InputRefused::one('composition', 'out_of_range', $sum, 'mass_fractions');
        }

        return new self(array_map(static fn (float $fraction): float => $fraction / $sum, $fractions));
    }

    /** @throws InputRefused as ofMassFractions() does */
    public static function fromRecord(Record $record): self
    {
        return self::ofMassFractions([
            'water' => $record->number('water'),
            'protein' => $record->number('protein'),
            'fat' => $record->number('fat'),
            'carbohydrate' => $record->numberOr('carbohydrate', 0.0),
            'ash' => $record->number('ash'),
        ]);
    }

    /**
     * The same lean with another share of fat.
     *
     * @param  float  $fat  kg per kg, 0 to under 1
     */
    public function withFat(float $fat): self
    {
        $lean = 1.0 - $this->fractions['fat'];
        $fractions = array_map(static fn (float $fraction): float => ($fraction * (1.0 - $fat)) / $lean, $this->fractions);
        $fractions['fat'] = $fat;

        return new self($fractions);
    }
}
