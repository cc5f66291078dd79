<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Say\Phrase;

/** The judgement on one method for one cut, with every reason it rests on. */
final readonly class MethodFit
{
    /**
     * @param  list<Phrase>  $reasons  what speaks for it
     * @param  list<Phrase>  $doubts  what speaks against it; one of them alone may rule it out
     * @param  string|null  $exception  why this cut goes its own way, in the catalogue's words
     */
    private function __construct(
        public Method $method,
        public Fit $fit,
        public array $reasons,
        public array $doubts,
        public ?string $exception = null,
    ) {}

    /**
     * @param  list<Phrase>  $reasons
     * @param  list<Phrase>  $doubts
     * @param  list<Phrase>  $vetoes  any of them rules it out
     */
    public static function of(Method $method, array $reasons, array $doubts, array $vetoes): self
    {
        $fit = match (true) {
            $vetoes !== [] || $reasons === [] => Fit::Poor,
            count($reasons) > count($doubts) => Fit::Good,
            default => Fit::Possible,
        };

        return new self($method, $fit, $reasons, [...$vetoes, ...$doubts]);
    }

    public function except(Fit $fit, string $reason): self
    {
        return new self($this->method, $fit, $fit === Fit::Poor ? [] : $this->reasons, $fit === Fit::Good ? [] : $this->doubts, $reason);
    }

    /**
     * @param  bool  $isComputed  whether a ticket can be written for it
     * @return array<string, mixed>
     */
    public function toArray(bool $isComputed): array
    {
        $said = static fn (Phrase $phrase): array => $phrase->toArray();

        return [
            'method' => $this->method->value,
            'fit' => $this->fit->value,
            'is_computed' => $isComputed,
            'reasons' => array_map($said, $this->reasons),
            'doubts' => array_map($said, $this->doubts),
            'exception' => $this->exception,
        ];
    }
}
