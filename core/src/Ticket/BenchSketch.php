<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** The piece seen from the side, to scale, with what the cutter does to it. */
final readonly class BenchSketch
{
    /**
     * @param  string  $outline  slices, piece, roll, bird, fish or heap
     * @param  float  $capMm  of fat or skin on top as it lies there; 0 for none
     * @param  float|null  $capAimMm  to cut it down to; null where it stays
     * @param  list<float>  $cutsMm  from the left end
     * @param  list<string>  $marks  of each piece, where some are told apart
     * @param  float|null  $tieEveryMm  null where it is not tied
     * @param  float|null  $scoreEveryMm  null where it is not scored
     */
    public function __construct(
        public string $outline,
        public float $lengthMm,
        public float $heightMm,
        public float $capMm,
        public ?float $capAimMm,
        public array $cutsMm,
        public array $marks,
        public bool $hasBone,
        public ?float $tieEveryMm,
        public ?float $scoreEveryMm,
        public ?float $fillingShare,
    ) {}
}
