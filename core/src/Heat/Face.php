<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** What one face of the body meets during a stage: a surrounding, a held temperature, or nothing. */
final readonly class Face
{
    public const STEFAN_BOLTZMANN_W_M2K4 = 5.670374419e-8; // CODATA 2018

    public const KELVIN = 273.15;

    private function __construct(
        public float $hWM2K,
        public float $ambientC,
        public float $emissivity,
        public float $radiantC,
        public ?float $fixedC,
        public float $vapourPa = 0.0,
        public bool $isOpen = true,
        public ?float $escapeWM2K = null,
        public ?Plate $plate = null,
        public ?float $wetness = null,
        public bool $isSealed = false,
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
        return $this->but(vapourPa: $vapourPa);
    }

    /** The same surroundings with no way out for water: in a bag, under liquid, in fat. */
    public function closed(): self
    {
        return $this->but(isOpen: false);
    }

    /**
     * Wrapped: the air of the oven heats the wrapping, what is in it stays moist and gets no hotter than it boils.
     */
    public function sealed(): self
    {
        return $this->but(wetness: 1.0, isSealed: true);
    }

    /**
     * Touched by something hot: heat comes by contact, vapour leaves by the gaps, as if through an air film of its own.
     *
     * @param  float  $escapeWM2K  the heat transfer coefficient such an air film would have
     */
    public function withEscape(float $escapeWM2K): self
    {
        return $this->but(escapeWM2K: $escapeWM2K);
    }

    /**
     * The same surroundings over a surface that the piece's own juice keeps wet, as on top of a steak in a pan or at rest. Wet
     * all over, no crust stands in the way of the vapour.
     *
     * @param  float  $wetness  share of the surface that evaporates as if it were water, 0 to 1, whatever the meat's own
     */
    public function awash(float $wetness): self
    {
        return $this->but(wetness: $wetness);
    }

    private function but(
        ?float $vapourPa = null,
        ?bool $isOpen = null,
        ?float $escapeWM2K = null,
        ?float $wetness = null,
        ?bool $isSealed = null,
    ): self {
        return new self(
            $this->hWM2K,
            $this->ambientC,
            $this->emissivity,
            $this->radiantC,
            $this->fixedC,
            $vapourPa ?? $this->vapourPa,
            $isOpen ?? $this->isOpen,
            $escapeWM2K ?? $this->escapeWM2K,
            $this->plate,
            $wetness ?? $this->wetness,
            $isSealed ?? $this->isSealed,
        );
    }

    /** Resting on metal that gives way when loaded; its setting is the temperature around. */
    public static function onPlate(float $hWM2K, Plate $plate): self
    {
        return new self($hWM2K, $plate->setC, 0.0, $plate->setC, null, plate: $plate);
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

    /** The temperature at which a dry body gives to one face what it takes from the other, °C. */
    public static function balanceC(self $a, self $b): float
    {
        $low = min($a->hottestC() ?? INF, $b->hottestC() ?? INF, $a->ambientC, $b->ambientC);
        $high = max($a->hottestC() ?? -INF, $b->hottestC() ?? -INF);
        while ($high - $low > 0.01) {
            $middle = 0.5 * ($low + $high);
            if ($a->intoWM2($middle) + $b->intoWM2($middle) > 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return 0.5 * ($low + $high);
    }

    /** Heat into a dry surface at this temperature, W/m². */
    public function intoWM2(float $surfaceC): float
    {
        return $this->hWM2K * ($this->ambientC - $surfaceC) +
            $this->emissivity * self::STEFAN_BOLTZMANN_W_M2K4 * (($this->radiantC + self::KELVIN) ** 4 - ($surfaceC + self::KELVIN) ** 4);
    }
}
