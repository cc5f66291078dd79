<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Say\Phrase;

/** Collects what speaks for and against one method while its rules are gone through. */
final class Argument
{
    /** @var list<Phrase> */
    private array $reasons = [];

    /** @var list<Phrase> */
    private array $doubts = [];

    /** @var list<Phrase> */
    private array $vetoes = [];

    /** @param  array<string, float|int|string>  $args */
    public function speaksFor(bool $if, string $key, array $args = []): self
    {
        if ($if) {
            $this->reasons[] = new Phrase("fit.{$key}", $args);
        }

        return $this;
    }

    /** @param  array<string, float|int|string>  $args */
    public function doubts(bool $if, string $key, array $args = []): self
    {
        if ($if) {
            $this->doubts[] = new Phrase("fit.{$key}", $args);
        }

        return $this;
    }

    /** @param  array<string, float|int|string>  $args */
    public function forbids(bool $if, string $key, array $args = []): self
    {
        if ($if) {
            $this->vetoes[] = new Phrase("fit.{$key}", $args);
        }

        return $this;
    }

    public function conclude(Method $method): MethodFit
    {
        return MethodFit::of($method, $this->reasons, $this->doubts, $this->vetoes);
    }
}
