<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use DomainException;
use Nessmark\Say\Phrase;

final class QuantityOutOfRange extends DomainException implements CoreException
{
    private function __construct(private readonly string $why, public readonly string $quantity, public readonly float $value)
    {
        parent::__construct("{$quantity} {$why} {$value}");
    }

    public static function notFinite(string $quantity, float $value): self
    {
        return new self('not_finite', $quantity, $value);
    }

    public static function belowAbsoluteZero(float $celsius): self
    {
        return new self('below_absolute_zero', 'temperature', $celsius);
    }

    public static function notPositive(string $quantity, float $value): self
    {
        return new self('not_positive', $quantity, $value);
    }

    public static function negative(string $quantity, float $value): self
    {
        return new self('negative', $quantity, $value);
    }

    public function reason(): string
    {
        return 'quantity.out_of_range';
    }

    public function says(): Phrase
    {
        return new Phrase("error.{$this->why}", ['quantity' => $this->quantity, 'value' => $this->value]);
    }
}
