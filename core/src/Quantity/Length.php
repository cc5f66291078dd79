<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use Nessmark\Errors\QuantityOutOfRange;

/** A length above zero: thickness, diameter, depth. Held in metres. Immutable. */
final readonly class Length
{
    /** Exact, by the international yard and pound agreement of 1959. */
    private const MM_PER_INCH = 25.4;

    private function __construct(private float $metres) {}

    /** @throws QuantityOutOfRange if not finite or not above zero */
    public static function ofMillimetres(float $millimetres): self
    {
        return match (true) {
            ! is_finite($millimetres) => throw QuantityOutOfRange::notFinite('length', $millimetres),
            $millimetres <= 0.0 => throw QuantityOutOfRange::notPositive('length', $millimetres),
            default => new self($millimetres / 1000.0),
        };
    }

    /** @throws QuantityOutOfRange if not finite or not above zero */
    public static function ofMetres(float $metres): self
    {
        return self::ofMillimetres($metres * 1000.0);
    }

    /** @throws QuantityOutOfRange if not finite or not above zero */
    public static function ofInches(float $inches): self
    {
        return self::ofMillimetres($inches * self::MM_PER_INCH);
    }

    public function toMillimetres(): float
    {
        return $this->metres * 1000.0;
    }

    public function toMetres(): float
    {
        return $this->metres;
    }

    public function toInches(): float
    {
        return $this->toMillimetres() / self::MM_PER_INCH;
    }

    /** @throws QuantityOutOfRange if the result is not finite or not above zero */
    public function times(float $factor): self
    {
        return self::ofMillimetres($this->toMillimetres() * $factor);
    }
}
