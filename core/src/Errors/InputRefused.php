<?php

declare(strict_types=1);

namespace Nessmark\Errors;

use DomainException;
use Nessmark\Say\Phrase;

/** The input as a whole is refused; each violation names one key. Nothing is guessed in its place. */
final class InputRefused extends DomainException implements CoreException
{
    /** Nobody reads on after so many. */
    public const MOST_SAID = 50;

    /** @param  non-empty-list<Violation>  $violations */
    private function __construct(public readonly array $violations)
    {
        parent::__construct(
            implode('; ', array_map(static fn (Violation $v): string => "{$v->key} {$v->reason} {$v->allowed->key}", $violations)),
        );
    }

    /** @param  non-empty-list<Violation>  $violations */
    public static function because(array $violations): self
    {
        return new self(array_slice($violations, 0, self::MOST_SAID));
    }

    /**
     * @param  string  $allowed  see Violation::of
     * @param  array<string, float|int|string>  $args
     */
    public static function one(string $key, string $reason, mixed $value, string $allowed, array $args = []): self
    {
        return new self([Violation::of($key, $reason, $value, $allowed, $args)]);
    }

    public function says(): Phrase
    {
        return new Phrase('error.input_refused');
    }

    public function reason(): string
    {
        return 'input.refused';
    }
}
