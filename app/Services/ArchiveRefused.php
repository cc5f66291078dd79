<?php

declare(strict_types=1);

namespace App\Services;

use RuntimeException;

/** An archive that cannot be written or taken, and every row that is why. */
final class ArchiveRefused extends RuntimeException
{
    /** @param  list<string>  $rows  each by its file and row */
    public function __construct(string $message, public readonly array $rows = [])
    {
        parent::__construct($message);
    }
}
