<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Say\Phrase;

/** What goes on the meat: which, why, how much of each, what of it is salt, and what could burn. */
final readonly class Dressing
{
    /**
     * @param  string  $seasoning  its slug
     * @param  bool  $isAsked  somebody asked for it; else it is suggested
     * @param  list<Phrase>  $because  what speaks for it, the strongest first
     * @param  list<Phrase>  $doubts  what speaks against it
     * @param  Phrase|null  $instead  why it is not what was asked for
     * @param  list<DressingAmount>  $amounts
     * @param  float  $totalG  of the seasoning, without the salt beside it
     * @param  float  $surplusG  of it that is left over
     * @param  DressingAmount|null  $saltBeside  salt that is wanted beside it
     * @param  float|null  $perPieceG  for each whole piece
     * @param  list<DressingScorch>  $scorches  what would have burnt, each with its mend
     * @param  list<string>  $allergens
     * @param  list<string>  $mayContain  that nobody can vouch for
     * @param  list<Phrase>  $notes  how it is made, kept and thrown away
     * @param  list<OtherDressing>  $alternatives
     * @param  list<DressingApart>  $apart  pieces that get it otherwise, by mark
     * @param  SaltWindow|null  $badWindow  when not to salt
     * @param  float|null  $price  where the shop sells it and it was asked for
     */
    public function __construct(
        public string $seasoning,
        public string $name,
        public string $kind,
        public bool $isAsked,
        public array $because,
        public array $doubts,
        public ?Phrase $instead,
        public array $amounts,
        public float $totalG,
        public float $surplusG,
        public ?DressingAmount $saltBeside,
        public ?float $perPieceG,
        public array $scorches,
        public DressingSalt $salt,
        public array $allergens,
        public array $mayContain,
        public array $notes,
        public array $alternatives,
        public array $apart,
        public ?SaltWindow $badWindow,
        public ?float $price,
    ) {}
}
