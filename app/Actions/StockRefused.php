<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;

/** More is wanted than there is. */
final class StockRefused extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $why)
    {
        parent::__construct($message);
    }

    public static function tooLittle(string $number, int $leftG, int $wantedG): self
    {
        return new self($leftG === 0
            ? "Lot {$number} is sold out: somebody took the last of it."
            : "Lot {$number} has {$leftG} g left, {$wantedG} g are wanted.", 'lot.too_little');
    }

    public static function gone(string $number): self
    {
        return new self("Lot {$number} is no longer there.", 'lot.gone');
    }

    public static function past(string $number): self
    {
        return new self("Lot {$number} is past its day: it is not sold.", 'lot.past');
    }

    public function reason(): string
    {
        return $this->why;
    }
}
