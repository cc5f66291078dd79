<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;

/** A key that made something happen once comes back with something else. */
final class AskedOtherwise extends DomainException implements CoreException
{
    public static function under(string $key): self
    {
        return new self("The key {$key} was used for something else. Make a new one for a new request.");
    }

    public function reason(): string
    {
        return 'once.other';
    }
}
