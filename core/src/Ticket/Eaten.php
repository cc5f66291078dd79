<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** A food that a sentence of the ticket brings to the plate, beside the meat and its seasoning. */
final readonly class Eaten
{
    /**
     * @param  string  $food  by its word in the wording
     * @param  float|null  $g  null: nobody knows how much, which is never the same as free of
     * @param  list<string>  $allergens
     * @param  list<string>  $mayContain  that labels of it warn of
     * @param  list<string>  $saidBy  the keys of the sentences
     */
    public function __construct(
        public string $food,
        public ?float $g,
        public array $allergens,
        public array $mayContain,
        public array $saidBy,
    ) {}
}
