<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Catalogue\DataFolder;
use Nessmark\Heat\Face;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Quantity\Length;

/** Lays out a method's stages for one piece. */
final readonly class Planner
{
    public function __construct(private Kitchen $kitchen, private MethodTable $methods) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Kitchen::from($folder), MethodTable::from($folder));
    }

    /** The setting to offer: water just above the target, a low oven before a sear, otherwise the appliance's usual. */
    public function usualHeatC(Method $method, float $targetC, Fires $fires = new Fires): float
    {
        $appliance = $this->kitchen->appliance($method->appliances()[0], $fires);
        $usualC = match ($method) {
            Method::WaterBath, Method::BathThenSear => round(($targetC + $this->methods->figure($method, 'above_target_k')) * 2.0) / 2.0,
            Method::OvenThenSear => $this->methods->figure($method, 'oven_default_c'),
            Method::Braise, Method::Poach, Method::Parcel => $this->methods->figure($method, 'heat_default_c'),
            default => $appliance->defaultC,
        };

        return $usualC < $appliance->coolestC || $usualC > $appliance->hottestC ? $appliance->defaultC : $usualC;
    }

    public function plan(Cut $cut, float $thicknessMm, Method $method, Setting $setting): MethodPlan
    {
        $above = $this->kitchen->aboveFire();
        $first = $this->kitchen->appliance($method->appliances()[0], $setting->fires);
        $main = $method === Method::Parcel
            ? $this->kitchen->parcelFace($setting->heatC, $setting->strength)
            : $this->face($cut, $thicknessMm, $method->appliances()[0], $setting->heatC, $setting);
        $resting = $this->kitchen->restingFace($method->restsCovered());
        $restS = $this->methods->restS($method, $thicknessMm);
        $rest = $restS > 0.0 ? [new Stage('rest', $resting, $resting, $restS)] : [];
        $panC = $this->kitchen->appliance(ApplianceKind::Pan, $setting->fires)->defaultC;
        $before = match (true) {
            in_array($method, [Method::SearThenOven, Method::Braise], true) => [$this->sear($cut, $thicknessMm, $method, $panC, $setting, $above)],
            $method === Method::Pan && $this->startsOnSkin($cut) => [new Stage('skin_side', $main, $above, null, $setting->targetC * $this->methods->figure($method, $cut->isFish() ? 'fish_turns_at' : 'bird_turns_at'))],
            $method === Method::Spit => [$this->farFromFire($cut, $thicknessMm, $method, $setting)],
            default => [],
        };
        $open = match ($method) {
            Method::Pan => $this->startsOnSkin($cut)
                ? new Stage('flesh_side', $this->kitchen->aboveSkin(), $main, null)
                : $this->turned($cut, $thicknessMm, $method, $main, $above),
            Method::Grill, Method::StirFry => $this->turned($cut, $thicknessMm, $method, $main, $above),
            Method::Broil => $this->turned($cut, $thicknessMm, $method, $main, $this->kitchen->underBroiler()),
            Method::SearThenOven => new Stage('oven', $main, $this->underneath($cut, $thicknessMm, $setting) ?? $main, null),
            Method::OvenRoast, Method::OvenThenSear => new Stage('oven', $main, $main, null),
            Method::WaterBath, Method::BathThenSear => new Stage('bath', $main, $main, null),
            Method::Braise, Method::Poach, Method::Steam, Method::Parcel, Method::DeepFry, Method::Smoke, Method::Spit => new Stage($method->value, $main, $main, null),
        };
        $hold = $method->canHold() && $setting->holdS > 0.0 ? [new Stage('hold', $main, $main, $setting->holdS)] : [];
        $after = match (true) {
            in_array($method, [Method::OvenThenSear, Method::BathThenSear], true) => [...$hold, $this->sear($cut, $thicknessMm, $method, $panC, $setting, $above), ...$rest],
            default => [...$hold, ...$rest],
        };
        $surfaceC = [$open->name => $setting->heatC, 'hold' => $setting->heatC, 'skin_side' => $setting->heatC, 'sear' => $panC];
        if ($method === Method::Spit) {
            $surfaceC['spit_far'] = $this->farC($method, $setting);
        }

        return new MethodPlan($before, $open, $after, $first->preheatS, $surfaceC);
    }

    /** Fish and bird pieces with their skin stay on it nearly all the time; the other side only sees the pan. */
    private function startsOnSkin(Cut $cut): bool
    {
        return $cut->covering->hasSkin && $cut->piece->shape === Shape::Slab && ($cut->isFish() || $cut->isBird());
    }

    /** A flat piece is turned; a round one is rolled without pause. */
    private function turned(Cut $cut, float $thicknessMm, Method $method, Face $fire, Face $other): Stage
    {
        return $cut->piece->shape === Shape::Slab
            ? new Stage($method->value, $fire, $other, null, null, [], $this->methods->turnEveryS($method, $thicknessMm))
            : new Stage($method->value, $fire, $fire, null);
    }

    private function sear(Cut $cut, float $thicknessMm, Method $method, float $panC, Setting $setting, Face $above): Stage
    {
        $face = $this->face($cut, $thicknessMm, ApplianceKind::Pan, $panC, $setting);
        $sideS = $this->methods->figure($method, 'sear_face_s');

        return $cut->piece->shape === Shape::Slab
            ? new Stage('sear', $face, $above, 2.0 * $sideS, null, [$sideS])
            : new Stage('sear', $face, $face, 2.0 * $sideS);
    }

    /** High above the embers first, so that the inside is warm before the outside is brown. */
    private function farFromFire(Cut $cut, float $thicknessMm, Method $method, Setting $setting): Stage
    {
        $face = $this->face($cut, $thicknessMm, ApplianceKind::Spit, $this->farC($method, $setting), $setting);

        return new Stage('spit_far', $face, $face, $thicknessMm * $this->methods->figure($method, 'far_s_per_mm'), $setting->targetC - $this->methods->figure($method, 'far_until_k'));
    }

    private function farC(Method $method, Setting $setting): float
    {
        return $setting->heatC - $this->methods->figure($method, 'far_below_k');
    }

    /** A flat piece finished in the oven stands on the pan it was browned in. */
    private function underneath(Cut $cut, float $thicknessMm, Setting $setting): ?Face
    {
        return $cut->piece->shape === Shape::Slab ? $this->kitchen->trayFace($setting->heatC, $this->load($cut, $thicknessMm, $setting), $setting->strength) : null;
    }

    private function face(Cut $cut, float $thicknessMm, ApplianceKind $kind, float $heatC, Setting $setting): Face
    {
        return $this->kitchen->appliance($kind, $setting->fires)->face(
            $heatC,
            $cut->piece->shape,
            $cut->foodClass === FoodClass::Minced,
            $this->kitchen->aboveFire(),
            $setting->strength,
            $this->kitchen->burner($setting->fires),
            $this->load($cut, $thicknessMm, $setting),
        );
    }

    private function load(Cut $cut, float $thicknessMm, Setting $setting): Load
    {
        return Load::of($cut, Length::ofMillimetres($thicknessMm), $setting->pieces);
    }
}
