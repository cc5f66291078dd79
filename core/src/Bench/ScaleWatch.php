<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/**
 * Watches a scale and says when a weight may be believed: the pan stood empty at zero just before, the weight was put on, the scale says
 * it is still, and reading after reading says the same. A scale that creeps, was overloaded, or was lost in between has to go back to
 * zero first. Common practice, no source.
 */
final readonly class ScaleWatch
{
    /** An empty pan reads no more than this, g. */
    private const ZERO_G = 2;

    /** Readings of one weight differ by no more, g. */
    private const ALIKE_G = 1;

    /** So many of them, over so long, ms. */
    private const READINGS = 3;

    private const AT_LEAST_MS = 400;

    /** Longer after zero, the scale may have crept, ms. */
    private const PLACED_WITHIN_MS = 8_000;

    /** Longer without a reading, what lies on it may have been changed, ms. */
    private const GAP_MS = 5_000;

    /**
     * @param  int|null  $number  of the last reading
     * @param  int|null  $zeroAtMs  when the pan last stood empty; null after anything that may have moved its zero
     * @param  int|null  $heldG  what it first read when it came to rest
     */
    private function __construct(
        public ScaleState $state,
        public ?int $netG,
        public int $tareG,
        private ?int $number,
        private ?int $lastMs,
        private ?int $zeroAtMs,
        private ?int $heldG,
        private int $heldAtMs,
        private int $alike,
    ) {}

    public static function fresh(): self
    {
        return new self(ScaleState::Lost, null, 0, null, null, null, null, 0, 0);
    }

    /**
     * As it was kept from one request to the next.
     *
     * @param  array<mixed>  $kept  by toKeep
     */
    public static function kept(array $kept): self
    {
        $whole = static fn (string $key): ?int => is_int($kept[$key] ?? null) ? $kept[$key] : null;

        return new self(
            ScaleState::tryFrom(is_string($kept['state'] ?? null) ? $kept['state'] : '') ?? ScaleState::Lost,
            $whole('net_g'),
            $whole('tare_g') ?? 0,
            $whole('number'),
            $whole('last_ms'),
            $whole('zero_at_ms'),
            $whole('held_g'),
            $whole('held_at_ms') ?? 0,
            $whole('alike') ?? 0,
        );
    }

    /** @return array<string, int|string|null> */
    public function toKeep(): array
    {
        return [
            'state' => $this->state->value,
            'net_g' => $this->netG,
            'tare_g' => $this->tareG,
            'number' => $this->number,
            'last_ms' => $this->lastMs,
            'zero_at_ms' => $this->zeroAtMs,
            'held_g' => $this->heldG,
            'held_at_ms' => $this->heldAtMs,
            'alike' => $this->alike,
        ];
    }

    /** @param  int  $ms  on a clock that only runs on */
    public function read(string $line, int $ms): self
    {
        $reading = ScaleReading::of($line);
        if ($reading === null) {
            return $this->with(ScaleState::Unreadable, null, $ms, zeroAtMs: $this->zeroAtMs);
        }
        $isNext = $this->number !== null && $reading->number > $this->number && $ms - ($this->lastMs ?? $ms) <= self::GAP_MS;
        $zeroAtMs = $isNext ? $this->zeroAtMs : null;
        if ($reading->pan === ScaleReading::OVER || $reading->pan === ScaleReading::UNDER) {
            return $this->with(ScaleState::from($reading->pan), $reading, $ms);
        }
        if ($reading->pan === ScaleReading::MOVING) {
            return $this->with(ScaleState::Settling, $reading, $ms, zeroAtMs: $zeroAtMs);
        }
        if (abs($reading->netG) <= self::ZERO_G) {
            return $this->with(ScaleState::Empty, $reading, $ms, zeroAtMs: $ms);
        }

        return $this->weight($reading, $ms, $isNext, $zeroAtMs);
    }

    /** It does not answer: what it says next is another weighing. */
    public function lost(): self
    {
        return self::fresh();
    }

    private function weight(ScaleReading $reading, int $ms, bool $isNext, ?int $zeroAtMs): self
    {
        $held = $isNext ? $this->heldG : null;
        if ($zeroAtMs === null || ($held === null && $ms - $zeroAtMs > self::PLACED_WITHIN_MS)) {
            return $this->with(ScaleState::NotFromZero, $reading, $ms);
        }
        if ($held === null) {
            return $this->with(ScaleState::Settling, $reading, $ms, $zeroAtMs, $reading->netG, $ms, 1);
        }
        if (abs($reading->netG - $held) > self::ALIKE_G) {
            return $this->with(ScaleState::Drifting, $reading, $ms);
        }
        $alike = $this->alike + 1;
        $isSteady = $alike >= self::READINGS && $ms - $this->heldAtMs >= self::AT_LEAST_MS;

        return $this->with(
            $isSteady ? ScaleState::Steady : ScaleState::Settling,
            $reading,
            $ms,
            $zeroAtMs,
            $held,
            $this->heldAtMs,
            $alike,
        );
    }

    private function with(
        ScaleState $state,
        ?ScaleReading $reading,
        int $ms,
        ?int $zeroAtMs = null,
        ?int $heldG = null,
        int $heldAtMs = 0,
        int $alike = 0,
    ): self {
        return new self(
            $state,
            $reading?->netG,
            $reading->tareG ?? $this->tareG,
            $reading->number ?? $this->number,
            $ms,
            $zeroAtMs,
            $heldG,
            $heldAtMs,
            $alike,
        );
    }
}
