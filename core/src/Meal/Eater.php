<?php

declare(strict_types=1);

namespace Nessmark\Meal;

/** So many people at a table who want it alike. */
final readonly class Eater
{
    /**
     * @param  bool  $atRisk  must not take chances: pregnant, under five, over 65, weakened
     * @param  string|null  $doneness  as said, in any family's words; null: as it is usually eaten
     * @param  list<string>  $avoid  what must not be in theirs: kinds of meat, or seasonings
     * @param  bool  $child  of whatever age: what is never for children is not for them
     * @param  bool  $underOne  a child in its first year
     * @param  list<string>  $diets  by the words of the diets; what each rules out stands in $avoid as well
     * @param  int  $ofDishes  how many dishes of this meal their appetite is for
     */
    public function __construct(
        public int $count = 1,
        public Appetite $appetite = Appetite::Usual,
        public bool $atRisk = false,
        public ?string $doneness = null,
        public array $avoid = [],
        public bool $child = false,
        public bool $underOne = false,
        public array $diets = [],
        public int $ofDishes = 1,
    ) {}

    /** @param  list<string>  $words */
    public function avoiding(array $words): self
    {
        $avoid = array_values(array_unique([...$this->avoid, ...$words]));

        return new self(
            $this->count, $this->appetite, $this->atRisk, $this->doneness, $avoid, $this->child, $this->underOne, $this->diets,
            $this->ofDishes,
        );
    }

    public function wanting(?string $doneness): self
    {
        return new self(
            $this->count, $this->appetite, $this->atRisk, $doneness, $this->avoid, $this->child, $this->underOne, $this->diets,
            $this->ofDishes,
        );
    }
}
