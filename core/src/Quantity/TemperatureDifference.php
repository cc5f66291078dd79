<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use Nessmark\Errors\QuantityOutOfRange;

/** A rise or fall between two temperatures. Held in K; a step of 1 K is 1 °C or 1.8 °F. Immutable. */
final readonly class TemperatureDifference
{
    private function __construct(private float $kelvins) {}

    /** @throws QuantityOutOfRange if not finite */
    public static function ofKelvins(float $kelvins): self
    {
        return is_finite($kelvins) ? new self($kelvins) : throw QuantityOutOfRange::notFinite('temperature_difference', $kelvins);
    }

    public function toKelvins(): float
    {
        return $this->kelvins;
    }

    public function toFahrenheitDegrees(): float
    {
        return $this->kelvins * 1.8;
    }
}
