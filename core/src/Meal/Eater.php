<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** So many people who want it alike. */
final readonly class Eater
{
    /**
     * @param  string|null  $doneness  as said, in any family's words; null: as it is usually eaten
     * @param  list<string>  $avoid  what must not be in theirs: kinds of meat, or seasonings
     */
    public function __construct(
        public int $count = 1,
        public Appetite $appetite = Appetite::Usual,
        public bool $atRisk = false,
        public ?string $doneness = null,
        public array $avoid = [],
    ) {}

    /** @param  list<string>  $words */
    public function avoiding(array $words): self
    {
        $avoid = array_values(array_unique([...$this->avoid, ...$words]));

        return new self($this->count, $this->appetite, $this->atRisk, $this->doneness, $avoid);
    }

    public function wanting(?string $doneness): self
    {
        return new self($this->count, $this->appetite, $this->atRisk, $doneness, $this->avoid);
    }
}
