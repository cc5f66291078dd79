<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** The printer answers that it does not print. */
final class PrintRefused extends RuntimeException
{
    private function __construct(public readonly bool $isOutOfPaper, string $answer)
    {
        parent::__construct($answer);
    }

    public static function saying(string $answer): self
    {
        return new self($answer === 'no_paper', $answer);
    }
}
