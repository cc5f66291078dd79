<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** Pieces that get it otherwise, for who must not eat of it. */
final readonly class DressingApart
{
    /**
     * @param  string  $mark  of the pieces
     * @param  string|null  $seasoning  null: nothing at all
     * @param  list<string>  $without
     * @param  list<DressingAmount>  $amounts  for these pieces
     */
    public function __construct(
        public string $mark,
        public ?string $seasoning,
        public ?string $name,
        public array $without,
        public array $amounts,
        public Phrase $says,
    ) {}
}
