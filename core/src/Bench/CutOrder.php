<?php

declare(strict_types=1);

namespace Nessmark\Bench;

/** So many pieces that somebody wants, by thickness or by weight. */
final readonly class CutOrder
{
    /** One of the two is given. */
    public function __construct(public int $pieces, public ?float $thicknessMm, public ?float $eachG) {}

    /** Where one of them ends that begins there; past the thin end where there is not enough. */
    public function endMm(WholePiece $whole, float $fromMm): float
    {
        return $this->thicknessMm === null ? $whole->endOf($fromMm, $this->eachG ?? 0.0) : $fromMm + $this->thicknessMm;
    }
}
