<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use Nessmark\Errors\QuantityOutOfRange;

/** An absolute temperature. Held in °C. Immutable. */
final readonly class Temperature
{
    private const ABSOLUTE_ZERO_CELSIUS = -273.15;

    private function __construct(private float $celsius) {}

    /** @throws QuantityOutOfRange if not finite or below -273.15 °C */
    public static function ofCelsius(float $celsius): self
    {
        return match (true) {
            ! is_finite($celsius) => throw QuantityOutOfRange::notFinite('temperature', $celsius),
            $celsius < self::ABSOLUTE_ZERO_CELSIUS => throw QuantityOutOfRange::belowAbsoluteZero($celsius),
            default => new self($celsius),
        };
    }

    /** @throws QuantityOutOfRange if not finite or below absolute zero */
    public static function ofFahrenheit(float $fahrenheit): self
    {
        return self::ofCelsius(($fahrenheit - 32.0) / 1.8);
    }

    public function toCelsius(): float
    {
        return $this->celsius;
    }

    public function toFahrenheit(): float
    {
        return $this->celsius * 1.8 + 32.0;
    }
}
