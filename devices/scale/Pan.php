<?php

declare(strict_types=1);

namespace Nessmark\Devices\Scale;

/** The pan of the stand-in: what lies on it, how it comes to rest, and what can be wrong with it. */
final class Pan
{
    private const MOST_G = 15_000;

    private const ZERO_RANGE_G = 20.0;

    /** It comes to rest by half in so long, s. */
    private const HALF_S = 0.08;

    private const STILL_G = 0.6;

    private float $loadG = 0.0;

    private float $shownG = 0.0;

    private float $tareG = 0.0;

    private float $zeroG = 0.0;

    private float $creptG = 0.0;

    private float $noiseG = 0.0;

    private float $driftGS = 0.0;

    public float $tornShare = 0.0;

    public float $muteUntilS = 0.0;

    private int $number = 0;

    public function __construct(private float $atS) {}

    public function hand(string $what, float $figure, float $nowS): bool
    {
        $this->until($nowS);
        match ($what) {
            'put' => $this->loadG = $figure,
            'take' => $this->loadG = 0.0,
            'noise' => $this->noiseG = $figure,
            'drift' => $this->driftGS = $figure,
            'tear' => $this->tornShare = $figure,
            'mute' => $this->muteUntilS = $nowS + $figure,
            'well' => [$this->noiseG, $this->driftGS, $this->tornShare, $this->creptG] = [0.0, 0.0, 0.0, 0.0],
            default => null,
        };

        return in_array($what, ['put', 'take', 'noise', 'drift', 'tear', 'mute', 'well'], true);
    }

    public function tare(float $nowS): string
    {
        $this->until($nowS);
        $this->tareG = max(0.0, $this->grossG());

        return $this->read($nowS);
    }

    public function zero(float $nowS): string
    {
        $this->until($nowS);
        if (abs($this->grossG()) > self::ZERO_RANGE_G) {
            return 'no more than 20 g from zero';
        }
        [$this->zeroG, $this->tareG] = [$this->shownG + $this->creptG, 0.0];

        return $this->read($nowS);
    }

    public function read(float $nowS): string
    {
        $this->until($nowS);
        $gross = $this->grossG();
        $shaken = $this->noiseG > 0.0 ? $this->noiseG * (2.0 * mt_rand() / mt_getrandmax() - 1.0) : 0.0;
        $isMoving = abs($this->shownG - $this->loadG) > self::STILL_G || abs($shaken) > 1.0;
        $net = (int) round($gross + $shaken - $this->tareG);
        $pan = match (true) {
            $gross > self::MOST_G => 'over',
            $gross < -self::ZERO_RANGE_G => 'under',
            $isMoving => 'moving',
            default => 'still',
        };

        return sprintf('%d %s %d %d', ++$this->number, $pan, $net, (int) round($this->tareG));
    }

    private function grossG(): float
    {
        return $this->shownG + $this->creptG - $this->zeroG;
    }

    private function until(float $nowS): void
    {
        $passedS = max(0.0, $nowS - $this->atS);
        $this->shownG = $this->loadG + ($this->shownG - $this->loadG) * 0.5 ** ($passedS / self::HALF_S);
        $this->creptG += $this->driftGS * $passedS;
        $this->atS = $nowS;
    }
}
