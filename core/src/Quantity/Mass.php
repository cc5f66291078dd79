<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use Nessmark\Errors\QuantityOutOfRange;

/** A mass of zero or more. Held in grams. Immutable. */
final readonly class Mass
{
    /** Exact: the international avoirdupois ounce, 1959. */
    private const G_PER_OUNCE = 28.349523125;

    private function __construct(private float $grams) {}

    /** @throws QuantityOutOfRange if not finite or negative */
    public static function ofGrams(float $grams): self
    {
        return match (true) {
            ! is_finite($grams) => throw QuantityOutOfRange::notFinite('mass', $grams),
            $grams < 0.0 => throw QuantityOutOfRange::negative('mass', $grams),
            default => new self($grams),
        };
    }

    /** @throws QuantityOutOfRange if not finite or negative */
    public static function ofOunces(float $ounces): self
    {
        return self::ofGrams($ounces * self::G_PER_OUNCE);
    }

    public function toGrams(): float
    {
        return $this->grams;
    }

    public function toOunces(): float
    {
        return $this->grams / self::G_PER_OUNCE;
    }

    /** @throws QuantityOutOfRange if the factor is negative or not finite */
    public function times(float $factor): self
    {
        return self::ofGrams($this->grams * $factor);
    }
}
