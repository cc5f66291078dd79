<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Data\Record;

/** Something from a kitchen's cupboard that no recipe of ours weighs. */
final readonly class Food
{
    /**
     * @param  string  $slug  its word in the wording
     * @param  list<string>  $allergens  in the order of the annex
     * @param  list<string>  $mayContain  that labels of it warn of
     * @param  list<string>  $words  what else people who go without it call it, or what it may be made of
     * @param  bool  $isSalted  it brings salt nobody here weighs
     */
    private function __construct(
        public string $slug,
        public array $allergens,
        public array $mayContain,
        public array $words,
        public bool $isSalted,
    ) {}

    public static function fromRecord(string $slug, Record $record): self
    {
        return new self(
            $slug,
            $record->texts('allergens'),
            $record->texts('may_contain'),
            $record->has('words') ? $record->texts('words') : [],
            $record->has('salted') && $record->flag('salted'),
        );
    }

    /** It is in it, or its label may say so: a doubt counts as a yes. */
    public function isForbiddenBy(Demand $demand): bool
    {
        $one = static fn (string $word): string => (string) preg_replace('/(?<=o)es$|s$/', '', $word); // tomatoes, onions

        return array_intersect(array_map($one, $demand->words), array_map($one, [$this->slug, ...$this->words])) !== [] ||
            array_intersect(Allergen::names($demand->allergens), [...$this->allergens, ...$this->mayContain]) !== [];
    }
}
