<?php

declare(strict_types=1);

namespace Nessmark\Texture;

use Nessmark\Heat\Grid;
use Nessmark\Heat\StepObserver;

/** How far the collagen at the core has turned to gelatin, and when it reached a mark. */
final class MeltTrace implements StepObserver
{
    /** Cut so finely that the rate bends little within a slice. */
    private const SLICES = 4;

    /** −ln of the share not yet turned. */
    private float $turned = 0.0;

    public ?float $reachedAtS = null;

    /** @param  float  $mark  share turned to wait for, 0 to under 1 */
    public function __construct(
        private readonly Grid $grid,
        private readonly float $coreAtM,
        private readonly Melting $melting,
        private readonly float $mark,
    ) {}

    public function step(float $fromS, array $fromC, array $fromRate, float $toS, array $toC, array $toRate): void
    {
        $from = $this->grid->at($fromC, $this->coreAtM);
        $to = $this->grid->at($toC, $this->coreAtM);
        $wanted = -log(1.0 - $this->mark);
        $sliceS = ($toS - $fromS) / self::SLICES;
        for ($i = 0; $i < self::SLICES; $i++) {
            $rate = $this->melting->perSecond($from + (($to - $from) * ($i + 0.5)) / self::SLICES);
            if ($this->reachedAtS === null && $rate > 0.0 && $this->turned + $rate * $sliceS >= $wanted) {
                $this->reachedAtS = $fromS + $i * $sliceS + ($wanted - $this->turned) / $rate;
            }
            $this->turned += $rate * $sliceS;
        }
    }

    /** Share of the collagen at the core that has turned, 0 to 1. */
    public function share(): float
    {
        return 1.0 - exp(-$this->turned);
    }
}
