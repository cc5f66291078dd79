<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** A stretch of a cook as what lies on the meat goes through it. */
final readonly class FilmStep
{
    /** @param  float  $weight  share of the time that a side is at the heat: half for what is turned */
    public function __construct(
        public string $stage,
        public float $fromS,
        public float $toS,
        public float $celsius,
        public float $faceC,
        public float $weight,
    ) {}
}
