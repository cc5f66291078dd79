<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Contracts\Cache\Repository;

/** A device that did not answer twice is left alone for a while: nobody waits for what is known to be sick. */
final readonly class Breaker
{
    private const AFTER_LOSSES = 2;

    private const WITHIN_S = 30;

    private const REST_S = 5;

    public function __construct(private Repository $memory) {}

    /** @throws DeviceLost at once while it is left alone */
    public function ask(Wire $wire, string $line, string $body = ''): string
    {
        $key = 'device.'.hash('xxh64', $wire->address);
        if ($this->memory->get("{$key}.rests") !== null) {
            throw DeviceLost::at($wire->address);
        }
        try {
            $answer = $wire->ask($line, $body);
            $this->memory->forget("{$key}.losses");

            return $answer;
        } catch (DeviceLost $lost) {
            $losses = $this->memory->get("{$key}.losses");
            $losses = 1 + (is_int($losses) ? $losses : 0);
            $this->memory->put("{$key}.losses", $losses, self::WITHIN_S);
            if ($losses >= self::AFTER_LOSSES) {
                $this->memory->put("{$key}.rests", 1, self::REST_S);
            }

            throw $lost;
        }
    }
}
