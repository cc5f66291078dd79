<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** Which rules a plan is judged by: those of the house, and what makes them stricter. Nothing makes them milder. */
final readonly class Standard
{
    /** @param  Profile|null  $also  of an ask: its rules hold beside the house's own, the stricter of the two each time */
    public function __construct(
        public Profile $profile = Profile::Us,
        public Tightening $tightening = new Tightening(),
        public ?Profile $also = null,
    ) {}

    public function alsoBy(Profile $profile): self
    {
        return $profile === $this->profile ? $this : new self($this->profile, $this->tightening, $profile);
    }

    /** @return non-empty-list<Profile> the house's own first */
    public function profiles(): array
    {
        return $this->also === null ? [$this->profile] : [$this->profile, $this->also];
    }
}
