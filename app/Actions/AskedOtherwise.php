<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use Nessmark\Errors\CoreException;
use Nessmark\Say\Phrase;

/** A key that made something happen once comes back with something else. */
final class AskedOtherwise extends DomainException implements CoreException
{
    private function __construct(private readonly string $once)
    {
        parent::__construct($once);
    }

    public static function under(string $key): self
    {
        return new self($key);
    }

    public function reason(): string
    {
        return 'once.other';
    }

    public function says(): Phrase
    {
        return new Phrase('error.once_other', ['key' => $this->once]);
    }
}
