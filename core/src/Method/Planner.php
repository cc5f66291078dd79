<?php

declare(strict_types=1);

namespace Nessmark\Method;

use LogicException;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;

/** Lays out a method's stages for one piece. */
final readonly class Planner
{
    public function __construct(private Kitchen $kitchen, private MethodTable $methods) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Kitchen::from($folder), MethodTable::from($folder));
    }

    /** The setting to offer: water just above the target, a low oven before a sear, otherwise the appliance's usual. */
    public function usualHeatC(Method $method, float $targetC): float
    {
        return match ($method) {
            Method::WaterBath => round(($targetC + $this->methods->figure($method, 'above_target_k')) * 2.0) / 2.0,
            Method::OvenThenSear => $this->methods->figure($method, 'oven_default_c'),
            Method::Braise, Method::Poach, Method::Parcel => $this->methods->figure($method, 'heat_default_c'),
            default => $this->kitchen->appliance($method->appliances()[0])->defaultC,
        };
    }

    /**
     * @param  float  $heatC  setting of the method's first appliance
     * @param  float  $holdS  how long to stay in after the core is there, where the method can hold
     * @param  float  $strength  1, or a weaker or stronger fire
     */
    public function plan(Cut $cut, float $thicknessMm, Method $method, float $heatC, float $holdS = 0.0, float $strength = 1.0): MethodPlan
    {
        $isMinced = $cut->foodClass === FoodClass::Minced;
        $above = $this->kitchen->aboveFire();
        $first = $this->kitchen->appliance($method->appliances()[0]);
        $main = $method === Method::Parcel ? $this->kitchen->parcelFace($heatC, $strength) : $first->face($heatC, $cut->piece->shape, $isMinced, $above, $strength);
        $resting = $this->kitchen->restingFace();
        $restS = $this->methods->restS($method, $thicknessMm);
        $rest = $restS > 0.0 ? [new Stage('rest', $resting, $resting, $restS)] : [];

        $sear = [];
        if (in_array($method, [Method::SearThenOven, Method::OvenThenSear, Method::Braise], true)) {
            $pan = $this->kitchen->appliance(ApplianceKind::Pan);
            $face = $pan->face($pan->defaultC, $cut->piece->shape, $isMinced, $above, $strength);
            $sideS = $this->methods->figure($method, 'sear_face_s');
            $sear = [$cut->piece->shape === Shape::Slab
                ? new Stage('sear', $face, $above, 2.0 * $sideS, null, [$sideS])
                : new Stage('sear', $face, $face, 2.0 * $sideS)];
        }

        $open = match ($method) {
            Method::Pan, Method::Grill => $cut->piece->shape === Shape::Slab
                ? new Stage($method->value, $main, $above, null, null, [], $this->methods->turnEveryS($method, $thicknessMm))
                : new Stage($method->value, $main, $main, null),
            Method::OvenRoast, Method::SearThenOven, Method::OvenThenSear => new Stage('oven', $main, $main, null),
            Method::WaterBath => new Stage('bath', $main, $main, null),
            Method::Braise, Method::Poach, Method::Steam, Method::Parcel => new Stage($method->value, $main, $main, null),
            default => throw new LogicException("{$method->value} is not computed by this version."),
        };
        $hold = $method->canHold() && $holdS > 0.0 ? [new Stage('hold', $main, $main, $holdS)] : [];
        $panC = $this->kitchen->appliance(ApplianceKind::Pan)->defaultC;
        $surfaceC = [$open->name => $heatC, 'hold' => $heatC, 'sear' => $panC];

        return match ($method) {
            Method::SearThenOven, Method::Braise => new MethodPlan($sear, $open, $rest, $first->preheatS, $surfaceC),
            Method::OvenThenSear => new MethodPlan([], $open, [...$sear, ...$rest], $first->preheatS, $surfaceC),
            default => new MethodPlan([], $open, [...$hold, ...$rest], $first->preheatS, $surfaceC),
        };
    }
}
