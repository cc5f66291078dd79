<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

use Nessmark\Data\Record;
use Nessmark\Meat\Cut;

/** A word for many cuts: an animal, a group of the counter, a shape. Fits when the cut's group, form or slug does. */
final readonly class Kind
{
    /**
     * @param  list<string>  $groups
     * @param  list<string>  $forms
     * @param  list<string>  $slugs  beginnings of them
     * @param  list<string>  $foodClasses
     * @param  bool  $isOneEach  one piece of it is what one person eats
     * @param  string|null  $whole  the kind that is meant where they are counted: two ducks are whole ones
     * @param  string|null  $alone  the kind it means where no other is said: a steak is beef
     */
    private function __construct(
        public string $word,
        private array $groups,
        private array $forms,
        private array $slugs,
        private array $foodClasses,
        public ?string $alone,
        public bool $isOneEach,
        public ?string $whole,
    ) {}

    public static function fromRecord(string $word, Record $record): self
    {
        $texts = static fn (string $key): array => $record->has($key) ? $record->texts($key) : [];

        return new self(
            $word,
            $texts('groups'),
            $texts('forms'),
            $texts('slugs'),
            $texts('food_classes'),
            $record->textOrNull('alone'),
            $record->has('one_each'),
            $record->textOrNull('whole'),
        );
    }

    /** A shape, such as steak, and no animal. */
    public function isShape(): bool
    {
        return $this->forms !== [];
    }

    /** Told by the beginning of a slug: salmon, turkey, wild boar. */
    public function isAnimal(): bool
    {
        return $this->slugs !== [] && ! $this->isShape();
    }

    public function holds(Cut $cut): bool
    {
        if (
            in_array($cut->group->value, $this->groups, true) ||
            in_array($cut->form->value, $this->forms, true) ||
            in_array($cut->bornClass->value, $this->foodClasses, true)
        ) {
            return true;
        }
        foreach ($this->slugs as $beginning) {
            if (str_starts_with($cut->slug, $beginning)) {
                return true;
            }
        }

        return false;
    }
}
