<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Heat\Shape;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Filling;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Size;
use Nessmark\Meat\SoldBy;
use Nessmark\Method\Method;
use Nessmark\Stock\Lot;

/** A piece as it comes to the bench, and what it is to become. */
final readonly class Workpiece
{
    private const FIERCE = [Method::Pan, Method::Grill, Method::Broil, Method::StirFry];

    private const UNTIL_TENDER = [Method::Braise, Method::PotRoast, Method::Simmer, Method::Confit];

    /**
     * @param  Size  $size  of one of them
     * @param  int|null  $pieces  whole ones; null for what is weighed out
     * @param  list<string>  $marks  of each piece, where some are cooked or seasoned apart
     * @param  bool  $isScored  how the house has its caps and skins
     * @param  Lot|null  $lot  it is cut from
     * @param  int  $sections  of like thickness that an uneven piece is cut into
     */
    public function __construct(
        public Cut $cut,
        public Size $size,
        public ?int $pieces,
        public Method $method,
        public array $marks,
        public bool $isScored,
        public ?Lot $lot = null,
        public int $sections = 1,
    ) {}

    public function mm(): float
    {
        return $this->size->thickness->toMillimetres();
    }

    public function is(Form ...$forms): bool
    {
        return in_array($this->cut->form, $forms, true);
    }

    public function isFierce(): bool
    {
        return in_array($this->method, self::FIERCE, true);
    }

    public function isUntilTender(): bool
    {
        return in_array($this->method, self::UNTIL_TENDER, true);
    }

    public function isBird(): bool
    {
        return $this->cut->isBird();
    }

    public function isFish(): bool
    {
        return $this->cut->isFish() && ! $this->isShellfish();
    }

    public function isShellfish(): bool
    {
        return in_array($this->cut->foodClass, [FoodClass::Bivalve, FoodClass::Crustacean, FoodClass::Mollusc], true);
    }

    public function isStuffed(): bool
    {
        return $this->cut->has(Hazard::Stuffed);
    }

    public function isRolled(): bool
    {
        return $this->cut->has(Hazard::Rolled);
    }

    public function hasMarks(): bool
    {
        return count(array_unique($this->marks)) > 1;
    }

    public function isBoneIn(): bool
    {
        return ! $this->cut->covering->isBoneless();
    }

    /** A round joint without a bone: string keeps it round. */
    public function isTied(): bool
    {
        return $this->is(Form::Roast) && ! $this->isBoneIn() && $this->cut->build->shape === Shape::Cylinder && ! $this->isUntilTender();
    }

    public function isJoint(): bool
    {
        return in_array($this->cut->build->soldBy, [SoldBy::Joint, SoldBy::Length, SoldBy::Bones], true);
    }

    /** Cut off a larger piece, one beside the other. */
    public function isSliced(): bool
    {
        return $this->cut->isSlicedToOrder();
    }

    /** What goes into each of them. */
    public function fillingG(): float
    {
        return Filling::massOf($this->cut, $this->size)->toGrams();
    }

    public function lengthMm(): float
    {
        return $this->size->length()->toMillimetres();
    }

    public function eachG(): float
    {
        return $this->size->mass->toGrams();
    }

    /** As it lies there: more of a lot that has more to come off. */
    public function rawG(): float
    {
        $raw = $this->size->mass->times($this->pieces ?? 1);

        return ($this->lot?->weighed($raw) ?? $raw)->toGrams();
    }

    /** @return array{float, float} least and most that is left of it, kg/kg */
    public function trimYield(): array
    {
        return $this->lot?->trimShare === null ? $this->cut->trimYield() : [$this->lot->trimYield(), $this->lot->trimYield()];
    }
}
