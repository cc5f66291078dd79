<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use DomainException;

/** The input as a whole is refused; each violation names one key. Nothing is guessed in its place. */
final class InputRefused extends DomainException implements CoreException
{
    /** Nobody reads on after so many. */
    public const MOST_SAID = 50;

    /** @param  non-empty-list<Violation>  $violations */
    private function __construct(public readonly array $violations)
    {
        parent::__construct(implode(' ', array_map(static fn (Violation $v): string => $v->message(), $violations)));
    }

    /** @param  non-empty-list<Violation>  $violations */
    public static function because(array $violations): self
    {
        return new self(array_slice($violations, 0, self::MOST_SAID));
    }

    public static function one(string $key, string $reason, mixed $value, string $allowed): self
    {
        return new self([new Violation($key, $reason, $value, $allowed)]);
    }

    public function reason(): string
    {
        return 'input.refused';
    }
}
