<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Heat\Shape;

/** The cut face of the cooked piece. */
final readonly class CrossSection
{
    /**
     * @param  float|null  $greyBandMm  under each face: done beyond the word asked for
     * @param  list<array{float, float}>  $peaksC
     * @param  list<Zone>  $zones
     */
    public function __construct(
        public Shape $shape,
        public SliceForm $form,
        public float $acrossMm,
        public Tissue $tissue,
        public ?float $greyBandMm,
        public array $peaksC,
        public array $zones,
    ) {}
}
