<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use DomainException;

final class QuantityOutOfRange extends DomainException implements CoreException
{
    private function __construct(string $message, public readonly string $quantity, public readonly float $value)
    {
        parent::__construct($message);
    }

    public static function notFinite(string $quantity, float $value): self
    {
        return new self("A {$quantity} must be a finite number.", $quantity, $value);
    }

    public static function belowAbsoluteZero(float $celsius): self
    {
        return new self("Temperature {$celsius} °C is below absolute zero.", 'temperature', $celsius);
    }

    public static function notPositive(string $quantity, float $value, string $unit): self
    {
        return new self("A {$quantity} must be above zero, not {$value} {$unit}.", $quantity, $value);
    }

    public static function negative(string $quantity, float $value, string $unit): self
    {
        return new self("A {$quantity} cannot be negative: {$value} {$unit}.", $quantity, $value);
    }

    public function reason(): string
    {
        return 'quantity.out_of_range';
    }
}
