<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Safety\Level;
use Nessmark\Say\Phrase;

/** One thing safety says, and of which pieces. */
final readonly class Finding
{
    /**
     * @param  string  $id  what is sent back as read
     * @param  list<string>  $pieces  marks of the pieces it is about; none where all are alike
     * @param  list<string>  $sources
     */
    public function __construct(
        public string $id,
        public array $pieces,
        public Level $level,
        #[Flat] public Phrase $phrase,
        public array $sources,
    ) {}
}
