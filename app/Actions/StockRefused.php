<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;
use Nessmark\Say\Phrase;

/** More is wanted than there is. */
final class StockRefused extends DomainException implements CoreException
{
    private function __construct(private readonly Phrase $phrase, private readonly string $why)
    {
        parent::__construct($phrase->key);
    }

    public static function tooLittle(string $number, int $leftG, int $wantedG): self
    {
        return new self(
            new Phrase($leftG === 0 ? 'error.lot_sold_out' : 'error.lot_too_little', [
                'lot' => $number,
                'left_g' => $leftG,
                'wanted_g' => $wantedG,
            ]),
            'lot.too_little',
        );
    }

    public static function gone(string $number): self
    {
        return new self(new Phrase('error.lot_gone', ['lot' => $number]), 'lot.gone');
    }

    public static function past(string $number): self
    {
        return new self(new Phrase('error.lot_past', ['lot' => $number]), 'lot.past');
    }

    public function reason(): string
    {
        return $this->why;
    }

    public function says(): Phrase
    {
        return $this->phrase;
    }
}
