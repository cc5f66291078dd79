<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

/** A food that is eaten beside the meat: of the seasoning, or brought to the plate by a sentence. */
final readonly class Eaten
{
    /**
     * @param  string  $food  of the cupboard by its word in the wording, of a seasoning by its name
     * @param  float|null  $g  null: nobody knows how much, which is never the same as free of
     * @param  list<string>  $pieces  marks of those it is for; none where it is for all
     * @param  list<string>  $allergens
     * @param  list<string>  $mayContain  that labels of it warn of
     * @param  list<string>  $saidBy  the keys of the sentences
     */
    public function __construct(
        public string $food,
        public EatenFrom $from,
        public ?float $g,
        public array $pieces,
        public array $allergens,
        public array $mayContain,
        public array $saidBy,
    ) {}
}
