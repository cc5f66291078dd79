<?php

declare(strict_types=1);

namespace Nessmark\Quantity;

use Nessmark\Errors\QuantityOutOfRange;

/** A span of time of zero or more. Held in seconds. Immutable. */
final readonly class Duration
{
    private function __construct(private float $seconds) {}

    /** @throws QuantityOutOfRange if not finite or negative */
    public static function ofSeconds(float $seconds): self
    {
        return match (true) {
            ! is_finite($seconds) => throw QuantityOutOfRange::notFinite('duration', $seconds),
            $seconds < 0.0 => throw QuantityOutOfRange::negative('duration', $seconds, 's'),
            default => new self($seconds),
        };
    }

    /** @throws QuantityOutOfRange if not finite or negative */
    public static function ofMinutes(float $minutes): self
    {
        return self::ofSeconds($minutes * 60.0);
    }

    public function toSeconds(): float
    {
        return $this->seconds;
    }

    public function toMinutes(): float
    {
        return $this->seconds / 60.0;
    }
}
