<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/**
 * Meat of a given composition. Figures are tabulated once per degree and read by straight lines between, because the
 * march asks for them at every cell of every step. Beyond -40 to 150 °C the end values hold. Freezing is not covered.
 */
final class ComposedMaterial implements Material
{
    /**
     * Heat passes 10-20 % more easily along the fibres than the plain mixture says (meat literature, from memory);
     * the middle of that band is used.
     */
    private const ALONG_FIBRES = 1.15;

    private const FIRST = -40;

    /** @var list<float> W/(m·K) at -40, -39 … 150 °C */
    private readonly array $conductivity;

    /** @var list<float> J/(m³·K) at -40, -39 … 150 °C */
    private readonly array $heatCapacity;

    /** @var array<string, array{list<float>, list<float>}> a ticket runs the same meat many times */
    private static array $tables = [];

    public function __construct(Composition $composition, FibreDirection $fibre = FibreDirection::Across)
    {
        $key = $fibre->value.' '.json_encode($composition->fractions);
        [$this->conductivity, $this->heatCapacity] = self::$tables[$key] ??= self::tabulated($composition, $fibre);
    }

    /** @return array{list<float>, list<float>} */
    private static function tabulated(Composition $composition, FibreDirection $fibre): array
    {
        $factor = $fibre === FibreDirection::Along ? self::ALONG_FIBRES : 1.0;
        $conductivity = $heatCapacity = [];
        for ($celsius = self::FIRST; $celsius <= (int) ChoiOkos::MAX_CELSIUS; $celsius++) {
            $conductivity[] = $factor * ChoiOkos::conductivityWMK($composition, $celsius);
            $heatCapacity[] = ChoiOkos::densityKgM3($composition, $celsius) * ChoiOkos::specificHeatJKgK($composition, $celsius);
        }

        return [$conductivity, $heatCapacity];
    }

    public function conductivityWMK(float $celsius): float
    {
        return self::read($this->conductivity, [$celsius])[0];
    }

    public function heatCapacityJM3K(float $celsius): float
    {
        return self::read($this->heatCapacity, [$celsius])[0];
    }

    public function conductivitiesWMK(array $celsius): array
    {
        return self::read($this->conductivity, $celsius);
    }

    public function heatCapacitiesJM3K(array $celsius): array
    {
        return self::read($this->heatCapacity, $celsius);
    }

    public function isConstant(): bool
    {
        return false;
    }

    /**
     * @param  list<float>  $table
     * @param  array<int, float>  $celsius
     * @return list<float>
     */
    private static function read(array $table, array $celsius): array
    {
        $last = count($table) - 1;
        $read = [];
        foreach ($celsius as $value) {
            $place = $value - self::FIRST;
            if ($place <= 0.0) {
                $read[] = $table[0];
            } elseif ($place >= $last) {
                $read[] = $table[$last];
            } else {
                $i = (int) $place;
                $low = $table[$i];
                $read[] = $low + ($table[$i + 1] - $low) * ($place - $i);
            }
        }

        return $read;
    }
}
