<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Heat\Shape;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Group;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Quantity\Length;

/** The meat as a seasoning meets it. */
final readonly class Subject
{
    /** Kilogram of fat per kilogram below which it wants help. Common practice, no source. */
    private const LEAN_BELOW = 0.07;

    private const FAT_FISH_FROM = 0.06;

    /** From here on the knife works at it (Method\Traits). */
    private const FIRM = 2.0;

    private const FLAT_UP_TO_MM = 30.0;

    private const THIN_UP_TO_MM = 22.0;

    private const THICK_FROM_MM = 40.0;

    private const LONG = [Method::Braise, Method::PotRoast, Method::Simmer, Method::Confit];

    private const WATER = [Method::WaterBath, Method::BathThenSear, Method::Poach, Method::Steam, Method::Parcel, Method::Simmer];

    private const PAN = [
        Method::Pan,
        Method::SearThenOven,
        Method::OvenThenSear,
        Method::BathThenSear,
        Method::OvenRoast,
        Method::PotRoast,
    ];

    /**
     * @param  float  $rawG  of all pieces
     * @param  int|null  $pieces  whole ones
     * @param  Film  $film  what lies on the meat goes through
     * @param  float|null  $aheadS  from now until it goes on the fire; null where no hour is known
     * @param  float  $juiceG  what the cook leaves in the pan
     * @param  bool  $isAnyoneAtRisk  of those who eat it
     * @param  float|null  $saltedS  so long ago somebody salted it already, s before the heat
     */
    public function __construct(
        public Cut $cut,
        public Length $thickness,
        public ?Length $thinEnd,
        public float $rawG,
        public ?int $pieces,
        public int $heads,
        public Method $method,
        public Film $film,
        public ?float $aheadS,
        public float $juiceG,
        public bool $isAnyoneAtRisk = false,
        public ?float $saltedS = null,
    ) {}

    /** So much of it: what gets a seasoning, where some pieces must not. */
    public function part(float $rawG): self
    {
        $share = $rawG / $this->rawG;

        return new self(
            $this->cut, $this->thickness, $this->thinEnd, $rawG,
            $this->pieces === null ? null : max(1, (int) round($share * $this->pieces)),
            max(1, (int) round($share * $this->heads)), $this->method, $this->film, $this->aheadS, $share * $this->juiceG,
            $this->isAnyoneAtRisk, $this->saltedS,
        );
    }

    /** Without its bones and shells: what is salted, and eaten, g. */
    public function meatG(): float
    {
        return $this->rawG * (1.0 - $this->cut->covering->boneShare);
    }

    public function mm(): float
    {
        return $this->thickness->toMillimetres();
    }

    public function shape(): Shape
    {
        return $this->cut->build->shape;
    }

    public function isMarbled(): bool
    {
        return $this->cut->group === Group::Beef &&
            ! $this->isMinced() &&
            ! $this->isLong() &&
            ! $this->isLongFibred() &&
            $this->cut->isMarbled() &&
            $this->cut->tendernessScore() <= self::FIRM;
    }

    /** Flat and long-fibred: it takes a marinade as nothing else does. */
    public function isLongFibred(): bool
    {
        return $this->cut->group === Group::Beef &&
            $this->cut->muscles[0]->isLongFibred &&
            $this->cut->build->thickestMm <= self::FLAT_UP_TO_MM;
    }

    public function isTender(): bool
    {
        return $this->cut->tendernessScore() < self::FIRM && ! $this->isLongFibred();
    }

    public function isLean(): bool
    {
        return $this->cut->fatFraction() < self::LEAN_BELOW && ! $this->isFish() && ! $this->isMinced();
    }

    public function isMinced(): bool
    {
        return $this->cut->form === Form::Mince;
    }

    public function isFish(): bool
    {
        return $this->cut->isFish();
    }

    public function isBird(): bool
    {
        return $this->cut->isBird();
    }

    public function isShellfish(): bool
    {
        return in_array($this->cut->foodClass, [FoodClass::Bivalve, FoodClass::Crustacean, FoodClass::Mollusc], true);
    }

    public function isInShell(): bool
    {
        return $this->cut->covering->bone === 'shell';
    }

    public function isFatFish(): bool
    {
        return $this->isFish() && $this->cut->fatFraction() >= self::FAT_FISH_FROM;
    }

    public function isThin(): bool
    {
        return $this->mm() <= self::THIN_UP_TO_MM;
    }

    public function isThick(): bool
    {
        return $this->mm() >= self::THICK_FROM_MM;
    }

    public function isLong(): bool
    {
        return in_array($this->method, self::LONG, true);
    }

    public function isInWater(): bool
    {
        return in_array($this->method, self::WATER, true);
    }

    public function leavesAPan(): bool
    {
        return in_array($this->method, self::PAN, true);
    }

    public function isWholeBird(): bool
    {
        return $this->cut->form === Form::WholeBird;
    }

    public function hasSkin(): bool
    {
        return $this->cut->covering->hasSkin && $this->method->driesTheSurface();
    }

    /** Needled: salt water was put into it before it came here. */
    public function isTreated(): bool
    {
        return $this->cut->has(Hazard::Pierced) || $this->cut->has(Hazard::ColdSmoked);
    }

    public function isStuffed(): bool
    {
        return $this->cut->has(Hazard::Stuffed);
    }

    public function saltClass(): string
    {
        return match (true) {
            $this->isMinced() => 'minced',
            $this->isFish(), $this->isShellfish() => 'fish',
            $this->cut->form === Form::Organ => 'offal',
            $this->isBird() => 'poultry',
            default => 'whole_muscle',
        };
    }
}
