<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** What was measured on the piece before it was sold, and how it is cut so that each part is done alike. */
final readonly class Inspected
{
    /**
     * @param  list<float>  $pointsMm  as measured, along the piece
     * @param  list<Section>  $sections  none where it is even enough, or is not cut up
     */
    public function __construct(
        public array $pointsMm,
        public float $meanMm,
        public float $spreadMm,
        public array $sections,
    ) {}
}
