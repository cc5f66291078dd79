<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** A device does not answer. */
final class DeviceLost extends RuntimeException
{
    public static function at(string $address): self
    {
        return new self($address);
    }
}
