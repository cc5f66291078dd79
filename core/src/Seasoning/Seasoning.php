<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/**
 * A seasoning down to its ingredients: whatever is nested in it was resolved, so nothing an ingredient carries can get lost on the way.
 */
final readonly class Seasoning
{
    /** Sodium in salt: M(Na) over M(NaCl), 22.98977/58.4428. */
    public const SODIUM_OF_SALT = 0.39337;

    /** Raw garlic or fresh herbs under oil, days in the fridge: spores of botulism grow there (FDA and extension guidance, from memory). */
    private const IN_OIL_DAYS = 4;

    private const IN_OIL_FROM = 0.3;

    /** Acid that keeps a dressing below pH 4.6, kg/kg. From memory, on the safe side. */
    private const SOUR_FROM = 0.01;

    /**
     * @param  float  $gPerKg  of it for a kilo of meat
     * @param  list<string>  $groups  what meat it is made for; none: any
     * @param  int  $strength  1 mild to 3 strong
     * @param  non-empty-list<Amount>  $amounts  their shares add up to one
     * @param  float|null  $targetSaltPct  of a brine: what it is to come to, % of mass
     * @param  bool  $isOwn  written by the shop
     * @param  float|null  $pricePerKg  where the shop sells it
     * @param  string|null  $cureUse  of a cure: what it is for, one of Cure::USES; null: nobody said
     */
    public function __construct(
        public string $slug,
        public string $name,
        public Kind $kind,
        public float $gPerKg,
        public array $groups,
        public int $strength,
        public array $amounts,
        public ?float $targetSaltPct = null,
        public bool $isOwn = false,
        public ?float $pricePerKg = null,
        public ?string $cureUse = null,
    ) {}

    /** @param  callable(Ingredient): float  $part */
    private function sum(callable $part): float
    {
        return array_sum(array_map(static fn (Amount $amount): float => $amount->share * $part($amount->ingredient), $this->amounts));
    }

    public function salt(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->salt);
    }

    public function sugar(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->sugar);
    }

    public function acid(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->acid);
    }

    public function alcohol(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->alcohol);
    }

    public function fat(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->fat);
    }

    public function water(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->water);
    }

    public function nitrite(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->nitriteShare);
    }

    public function eurPerKg(): float
    {
        return $this->sum(static fn (Ingredient $of): float => $of->eurPerKg);
    }

    /** @return list<Allergen> in the order of the annex */
    public function allergens(): array
    {
        return self::inOrder(array_merge(...array_map(static fn (Amount $of): array => $of->ingredient->allergens, $this->amounts)));
    }

    /** @return list<Allergen> those nobody can vouch for, beside those that are in it */
    public function mayContain(): array
    {
        $may = array_merge(...array_map(static fn (Amount $of): array => $of->ingredient->mayContain, $this->amounts));

        return self::inOrder(array_filter($may, fn (Allergen $each): bool => ! in_array($each, $this->allergens(), true)));
    }

    /** As long as what keeps least, chilled; fresh things under oil no longer than is safe. */
    public function keepsDays(): int
    {
        $days = min(array_map(static fn (Amount $of): int => $of->ingredient->keepsDays, $this->amounts));

        return $this->isFreshInOil() ? min($days, self::IN_OIL_DAYS) : $days;
    }

    /** Raw herbs, garlic, onions under oil, and nothing sour enough to hold back what grows there. */
    public function isFreshInOil(): bool
    {
        $isFresh = array_filter($this->amounts, static fn (Amount $of): bool => $of->ingredient->isFresh());

        return $isFresh !== [] &&
            $this->fat() >= self::IN_OIL_FROM &&
            $this->acid() < self::SOUR_FROM &&
            ! in_array($this->kind, [Kind::Butter, Kind::PanSauce], true);
    }

    /** Egg that no fire reaches. */
    public function hasRawEgg(): bool
    {
        return ! $this->kind->moment()->meetsTheFire() && in_array(Allergen::Eggs, $this->allergens(), true);
    }

    public function isCuring(): bool
    {
        return $this->nitrite() > 0.0;
    }

    public function has(string $word): bool
    {
        foreach ($this->amounts as $amount) {
            if (in_array($word, $amount->ingredient->words, true)) {
                return true;
            }
        }

        return false;
    }

    /** @param  non-empty-list<Amount>  $amounts */
    public function of(array $amounts): self
    {
        return new self(
            $this->slug,
            $this->name,
            $this->kind,
            $this->gPerKg,
            $this->groups,
            $this->strength,
            $amounts,
            $this->targetSaltPct,
            $this->isOwn,
            $this->pricePerKg,
            $this->cureUse,
        );
    }

    /**
     * @param  array<array-key, Allergen>  $allergens
     * @return list<Allergen>
     */
    private static function inOrder(array $allergens): array
    {
        return array_values(array_filter(Allergen::cases(), static fn (Allergen $each): bool => in_array($each, $allergens, true)));
    }
}
