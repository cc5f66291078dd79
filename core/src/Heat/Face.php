<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What one face of the body meets during a stage: a surrounding, a held temperature, or nothing. */
final readonly class Face
{
    private function __construct(
        public float $hWM2K,
        public float $ambientC,
        public float $emissivity,
        public float $radiantC,
        public ?float $fixedC,
        public float $vapourPa = 0.0,
        public bool $isOpen = true,
    ) {}

    /** h·(ambient − surface), and with an emissivity also radiation exchanged with surroundings at radiantC. */
    public static function surrounding(float $hWM2K, float $ambientC, float $emissivity = 0.0, ?float $radiantC = null): self
    {
        return new self($hWM2K, $ambientC, $emissivity, $radiantC ?? $ambientC, null);
    }

    /**
     * The same surroundings with moist air or steam in them.
     *
     * @param  float  $vapourPa  pressure of the vapour in the air, Pa: about 1000 in a kitchen, 101 325 in steam
     */
    public function withVapour(float $vapourPa): self
    {
        return new self($this->hWM2K, $this->ambientC, $this->emissivity, $this->radiantC, $this->fixedC, $vapourPa, $this->isOpen);
    }

    /** The same surroundings with no way out for water: in a bag, under liquid, in fat. */
    public function closed(): self
    {
        return new self($this->hWM2K, $this->ambientC, $this->emissivity, $this->radiantC, $this->fixedC, $this->vapourPa, false);
    }

    /** The surface itself is held at a temperature. */
    public static function fixed(float $celsius): self
    {
        return new self(0.0, $celsius, 0.0, $celsius, $celsius);
    }

    public static function insulated(): self
    {
        return new self(0.0, 0.0, 0.0, 0.0, null);
    }

    public function radiates(): bool
    {
        return $this->emissivity > 0.0;
    }

    /** True when water can leave by this face or settle on it. */
    public function breathes(): bool
    {
        return $this->isOpen && $this->fixedC === null && $this->hWM2K > 0.0;
    }

    /** True when heat can pass at all. */
    public function passesHeat(): bool
    {
        return $this->fixedC !== null || $this->hWM2K > 0.0 || $this->emissivity > 0.0;
    }

    /** The warmest temperature this face could ever drive the body to; null when no heat passes. */
    public function hottestC(): ?float
    {
        return match (true) {
            ! $this->passesHeat() => null,
            $this->fixedC !== null => $this->fixedC,
            $this->hWM2K <= 0.0 => $this->radiantC,
            $this->radiates() => max($this->ambientC, $this->radiantC),
            default => $this->ambientC,
        };
    }
}
