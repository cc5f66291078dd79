<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Meal\Appetite;
use Nessmark\Meal\Eater;

/** So many people at a table, as far as they were spoken of. */
final readonly class Guests
{
    private const SORTS = [
        'one_child' => 'child', 'children' => 'child', 'one_toddler' => 'young', 'toddlers' => 'young', 'one_baby' => 'infant',
        'babies' => 'infant',
    ];

    private const MEATLESS = ['vegetarian', 'vegan'];

    /**
     * @param  list<string>  $avoid
     * @param  list<string>  $diets
     * @param  bool  $isAmong  counted among those of the table, and not besides them
     * @param  bool  $isOfThem  said to be of them
     * @param  int|null  $from  where in the line they were counted apart
     */
    public function __construct(
        public int $count = 0,
        public ?string $appetite = null,
        public ?string $doneness = null,
        public bool $isAtRisk = false,
        public bool $isChild = false,
        public bool $isUnderOne = false,
        public array $avoid = [],
        public array $diets = [],
        public bool $isAmong = true,
        public bool $isOfThem = false,
        public ?int $from = null,
    ) {}

    public static function of(Eater $eater): self
    {
        return new self(
            $eater->count, $eater->appetite->value, $eater->doneness, $eater->atRisk, $eater->child, $eater->underOne, $eater->avoid,
            $eater->diets,
        );
    }

    /** Whether what is known of the others is known of them too. */
    public function covers(self $others): bool
    {
        return ($this->isAtRisk || ! $others->isAtRisk) &&
            ($this->isChild || ! $others->isChild) &&
            ($this->isUnderOne || ! $others->isUnderOne) &&
            array_diff($others->avoid, $this->avoid) === [] &&
            array_diff($others->diets, $this->diets) === [];
    }

    /** So many, by their sort: child, young, infant; or so many "of them". */
    public static function lead(Chip $chip, bool $isAmong): self
    {
        [$count, $sort] = [...explode(' ', $chip->value), ''];
        $guests = new self(
            (int) $count,
            isAmong: $isAmong || ! Chip::isSortOfChild($sort),
            isOfThem: $isAmong || $sort === ChipKind::OF_THEM,
            from: $chip->from);

        return $guests->ofSort($sort);
    }

    private function ofSort(string $sort): self
    {
        return $this->but([
            'isChild' => $this->isChild || Chip::isSortOfChild($sort),
            'isAtRisk' => $this->isAtRisk || $sort === 'young' || $sort === 'infant',
            'isUnderOne' => $this->isUnderOne || $sort === 'infant',
        ]);
    }

    /** The same with what a word says of them; a child that was not said to be of them comes besides. */
    public function with(Chip $chip): self
    {
        return match ($chip->kind) {
            ChipKind::Appetite => $this->but(['appetite' => $chip->value]),
            ChipKind::Doneness => $this->done($chip->value),
            ChipKind::Risk => $this->but(['isAtRisk' => true]),
            ChipKind::Child => $this->ofSort(self::SORTS[$chip->value] ?? 'child')->but(['isAmong' => $this->isAmong && $this->isOfThem]),
            ChipKind::Diet => $this->but(['diets' => self::both($this->diets, [$chip->value])]),
            ChipKind::Avoid => $this->but(['avoid' => self::both($this->avoid, [$chip->value])]),
            default => $this,
        };
    }

    /** Some of them, who are also such people. */
    public function markedAs(self $mark, int $count): self
    {
        return $this->but([
            'count' => $count,
            'appetite' => $mark->appetite ?? $this->appetite,
            'isAtRisk' => $this->isAtRisk || $mark->isAtRisk,
            'isChild' => $this->isChild || $mark->isChild,
            'isUnderOne' => $this->isUnderOne || $mark->isUnderOne,
            'avoid' => self::both($this->avoid, $mark->avoid),
            'diets' => self::both($this->diets, $mark->diets),
            'doneness' => $mark->doneness ?? ($mark->isAtRisk ? null : $this->doneness),
        ]);
    }

    public function counting(int $count): self
    {
        return $this->but(['count' => $count]);
    }

    public function done(?string $doneness): self
    {
        return $this->but(['doneness' => $doneness]);
    }

    /** As everybody else has it where nothing else was said; who is at risk has it as is safe. */
    public function orDone(?string $doneness): self
    {
        return $this->doneness !== null || $this->isAtRisk ? $this : $this->done($doneness);
    }

    /** As hungry as everyone, and without what everyone goes without. */
    public function like(self $everyone): self
    {
        return $this->but([
            'appetite' => $this->appetite ?? ($this->isChild ? Appetite::Small->value : $everyone->appetite),
            'avoid' => self::both($this->avoid, $everyone->avoid),
        ]);
    }

    public function among(): self
    {
        return $this->but(['isAmong' => true]);
    }

    public function besides(): self
    {
        return $this->but(['isAmong' => false]);
    }

    /** @param  list<string>  $common  that stand beside them all */
    public function withoutDiets(array $common): self
    {
        return $this->but(['diets' => array_values(array_diff($this->diets, $common))]);
    }

    /** @param  list<string>  $diets */
    public function onDiets(array $diets): self
    {
        return $this->but(['diets' => self::both($this->diets, $diets)]);
    }

    /** Nothing is known of them that a dish may not lose. */
    public function isPlain(): bool
    {
        return ! $this->isAtRisk && ! $this->isChild && $this->avoid === [] && $this->diets === [];
    }

    public function eatsNoMeat(): bool
    {
        return array_intersect($this->diets, self::MEATLESS) !== [];
    }

    /** @return array<string, mixed> in the form of Contract\EatersReader */
    public function written(int $ofDishes): array
    {
        return [
            'count' => $this->count,
            'appetite' => $this->appetite ?? Appetite::Usual->value,
            'at_risk' => $this->isAtRisk,
            ...$this->doneness === null ? [] : ['doneness' => $this->doneness],
            'avoid' => $this->avoid,
            ...$this->isChild ? ['child' => true] : [],
            ...$this->isUnderOne ? ['under_one' => true] : [],
            ...$this->diets === [] ? [] : ['diets' => $this->diets],
            ...$ofDishes > 1 ? ['of_dishes' => $ofDishes] : [],
        ];
    }

    /**
     * @param  list<string>  $some
     * @param  list<string>  $more
     * @return list<string>
     */
    private static function both(array $some, array $more): array
    {
        return array_values(array_unique([...$some, ...$more]));
    }

    /** @param  array<string, mixed>  $changes  by property */
    private function but(array $changes): self
    {
        /** @phpstan-ignore argument.type (names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
