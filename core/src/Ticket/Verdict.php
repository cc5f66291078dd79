<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Safety\Level;

/** What safety says of all the pieces: as strict as the strictest. */
final readonly class Verdict
{
    /**
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public Level $level,
        public bool $meetsOfficialMinimum,
        public OfficialMinimum $official,
        public array $findings,
        public ?Offer $offer,
        public bool $mayBeHandedOver,
    ) {}
}
