<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Size;
use Nessmark\Method\Method;

/** What has to be known of a cooked piece to bring it to the table, and to mend what went wrong with it. */
final readonly class Served
{
    /** Cooked through, whoever eats it. */
    private const THROUGH = [FoodClass::Poultry, FoodClass::Minced, FoodClass::NonIntact, FoodClass::Stuffed, FoodClass::WildGame];

    /**
     * @param  array<string, string>  $fires  the sort of each appliance
     * @param  bool  $isByFork  done when it is tender, not at a core
     * @param  float  $officialC  the printed minimum
     * @param  float  $hotC  kept hot at this or more
     * @param  float  $heatC  of the fire
     * @param  float  $onHeatS  from the moment it goes on until it is eaten
     * @param  float  $portionG  cooked, for each who eats
     * @param  bool  $hasSauce  the seasoning makes one already
     */
    public function __construct(
        public Cut $cut,
        public Size $size,
        public Method $method,
        public array $fires,
        public bool $isByFork,
        public bool $canProbe,
        public bool $isAnyoneAtRisk,
        public float $officialC,
        public float $hotC,
        public float $heatC,
        public float $onHeatS,
        public float $restS,
        public float $portionG,
        public bool $hasSauce,
    ) {}

    public function isCookedThrough(): bool
    {
        return $this->isAnyoneAtRisk || in_array($this->cut->foodClass, self::THROUGH, true);
    }

    public function isShellfish(): bool
    {
        return in_array($this->cut->foodClass, [FoodClass::Bivalve, FoodClass::Crustacean, FoodClass::Mollusc], true);
    }

    /** A large piece that is carved, not a portion. */
    public function isJoint(): bool
    {
        return in_array($this->cut->form, [Form::Roast, Form::WholeBird, Form::Leg], true);
    }

    public function isWholeFish(): bool
    {
        return $this->cut->form === Form::WholeFish && $this->cut->isFish() && $this->cut->covering->bone === 'backbone';
    }

    public function isCarvedBird(): bool
    {
        return $this->cut->form === Form::WholeBird && $this->cut->portion !== 'small_bird';
    }

    public function isInLiquid(): bool
    {
        return in_array(
            $this->method,
            [Method::Braise, Method::Poach, Method::Simmer, Method::Confit, Method::PotRoast, Method::WaterBath],
            true,
        );
    }
}
