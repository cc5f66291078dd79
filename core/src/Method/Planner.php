<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Fires;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Data\DataFolder;
use Nessmark\Heat\Face;
use Nessmark\Heat\Shape;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Cap;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Form;
use Nessmark\Meat\Size;

/** Lays out a method's stages for one piece. */
final readonly class Planner
{
    public const HOLD = 'hold';

    /** The stages in which nothing heats it. */
    public const RESTS = ['rest', 'rest_before_sear', self::REST_WRAPPED, self::PLATED];

    /** In the foil or paper it was finished in. */
    private const REST_WRAPPED = 'rest_wrapped';

    /** On a warm plate, on its way to the table. */
    public const PLATED = 'plated';

    private const OPENED = 'parcel_opened';

    private const BESIDE = 'grill_beside';

    private const BOILING_C = 100.0;

    /** Seared before it is cooked, it takes so much longer to brown than hot and dry from the oven. Common practice, no source. */
    private const SEARED_FIRST = 1.5;

    /** The long school rests so many times the short. Common practice, no source. */
    private const LONG_REST = 2.0;

    public function __construct(private Kitchen $kitchen, private MethodTable $methods) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Kitchen::from($folder), MethodTable::from($folder));
    }

    /** The setting to offer: water just above the target, the oven gentler the thicker the piece, otherwise the appliance's usual. */
    public function usualHeatC(Method $method, Cut $cut, Size $size, float $targetC, Fires $fires = new Fires()): float
    {
        $appliance = $this->kitchen->appliance($method->appliances()[0], $fires);
        $usualC = match ($method) {
            Method::WaterBath, Method::BathThenSear => round(($targetC + $this->methods->figure($method, 'above_target_k')) * 2.0) / 2.0,
            Method::OvenThenSear => $this->lowOvenC($targetC),
            Method::Grill, Method::Pan => match (true) {
                self::isBesideFire($cut, $method) => $this->methods->figure($method, 'beside_c'),
                $fires->level !== null => $appliance->usualC($fires->level),
                $method === Method::Pan && $cut->isVeryRich() => $this->methods->figure($method, 'very_rich_c'),
                default => $this->gentler($method, $appliance->usualC(null), $size, $targetC),
            },
            Method::SearThenOven, Method::OvenRoast => $this->methods->ovenC($size->thickness, $targetC, Until::isTender($cut, $method))
                + $appliance->usualC(null) - $this->kitchen->appliance(ApplianceKind::Oven)->defaultC,
            Method::Smoke => match (true) {
                $cut->isFish() => $this->methods->figure($method, 'fish_c'),
                Until::isTender($cut, $method) => $appliance->usualC($fires->level),
                default => $this->methods->smokerC($size->thickness),
            },
            Method::Simmer => $this->methods->figure($method, Until::isTender($cut, $method) ? 'heat_default_c' : 'boiling_c'),
            Method::Spit => $fires->level === null
                ? 5.0 * round(($appliance->usualC(null) - $this->methods->gentlerForPinkK($targetC)) / 5.0)
                : $appliance->usualC($fires->level),
            Method::Parcel => $this->methods->figure($method, Until::isTender($cut, $method) ? 'tender_c' : 'heat_default_c'),
            Method::Poach => max(
                $this->methods->figure($method, 'heat_default_c'),
                $targetC + $this->methods->figure($method, 'above_target_k'),
            ),
            Method::Braise, Method::PotRoast, Method::Confit => $this->methods->figure($method, 'heat_default_c'),
            default => $appliance->usualC($fires->level),
        };

        return $usualC < $appliance->coolestC || $usualC > $appliance->hottestC ? $appliance->defaultC : $usualC;
    }

    /** As low as it can be and still get there: the further it is to be done, the hotter. Common practice, no source. */
    private function lowOvenC(float $targetC): float
    {
        $method = Method::OvenThenSear;
        $overK = max(0.0, $targetC - $this->methods->figure($method, 'pink_c'));

        $c = $this->methods->figure($method, 'oven_default_c') + $this->methods->figure($method, 'hotter_by') * $overK;

        return 5.0 * round($c / 5.0);
    }

    /** A thick piece browns slowly, or its outside is done long before its inside. Common practice, no source. */
    private function gentler(Method $method, float $usualC, Size $size, float $targetC): float
    {
        // a round piece browns all round at once, and is as hard to bring through as a thicker flat one
        $mm = $size->thickness->toMillimetres() * match ($size->shape) {
            Shape::Slab => 1.0,
            Shape::Cylinder => $this->methods->figure($method, 'round_as'),
            Shape::Sphere => $this->methods->figure($method, 'ball_as'),
        };
        $overMm = $mm - $this->methods->figure($method, 'gentler_from_mm');
        $overMm = max(0.0, min($this->methods->figure($method, 'gentler_most_k'), $overMm));

        return 5.0 * round(($usualC - $overMm - ($overMm > 0.0 ? $this->methods->gentlerForPinkK($targetC) : 0.0)) / 5.0);
    }

    public function hottestC(Method $method, Fires $fires): float
    {
        return $this->kitchen->appliance($method->appliances()[0], $fires)->hottestC;
    }

    public function plan(Cut $cut, Size $size, Method $method, Setting $setting): MethodPlan
    {
        $above = $this->kitchen->aboveFire();
        $first = $this->kitchen->appliance($method->appliances()[0], $setting->fires);
        $main =
            in_array($method, [Method::Parcel, Method::PotRoast], true)
                ? $this->kitchen->parcelFace($setting->heatC, $setting->strength)
                : $this->face(
                    $cut,
                    $size,
                    self::isBesideFire($cut, $method) ? ApplianceKind::Oven : $method->appliances()[0],
                    $setting->heatC,
                    $setting,
                    $this->upper($cut, $size, $method, $setting),
                );
        $rest = $this->rest($cut, $size, $method, $setting);
        $panC = $this->kitchen->appliance(ApplianceKind::Pan, $setting->fires)->defaultC;
        $before = match (true) {
            in_array($method, [Method::SearThenOven, Method::Braise, Method::PotRoast], true) => [
                $this->sear($cut, $size, $method, $panC, $setting, $above),
            ],
            $this->startsOnSkin($cut, $method) => [
                new Stage('skin_side', $main, $above, null, $this->turnsAtC($cut, $size, $method, $setting->targetC)),
            ],
            $method === Method::Steam => [$this->comingBack($size, $setting)],
            $this->startsHot($cut, $method, $setting) => [$this->hotStart($cut, $size, $method, $setting)],
            $this->isWrapped($cut, $method, $setting) => [
                new Stage(
                    match ($method) {
                        Method::Smoke => 'smoke',
                        Method::Grill => self::BESIDE,
                        default => 'oven',
                    },
                    $main,
                    $main,
                    $size->thickness->toMillimetres() * $this->methods->figure($method, 'wrapped_after_s_per_mm'),
                    $this->methods->figure($method, 'wrapped_at_c'),
                ),
            ],
            $method === Method::Spit => [$this->farFromFire($cut, $size, $method, $setting)],
            default => [],
        };
        $open = match ($method) {
            Method::Pan, Method::Grill, Method::Broil, Method::StirFry => match (true) {
                $this->startsOnSkin($cut, $method) => $this->fleshSide($cut, $method, $setting, $main),
                $this->isWrapped($cut, $method, $setting) => $this->wrapped('grill_wrapped', $setting),
                self::isBesideFire($cut, $method) => new Stage(self::BESIDE, $main, $main, null),
                default => $this->turned($cut, $size, $method, $setting, $main),
            },
            Method::SearThenOven => new Stage('oven', $main, $this->underneath($cut, $size, $setting) ?? $main, null),
            Method::OvenRoast => $this->isWrapped($cut, $method, $setting)
                ? $this->wrapped('oven_covered', $setting)
                : new Stage($this->startsHot($cut, $method, $setting) ? 'oven_turned_down' : 'oven', $main, $main, null),
            Method::OvenThenSear => new Stage('oven', $main, $main, null),
            Method::WaterBath, Method::BathThenSear => new Stage('bath', $main, $main, null),
            Method::Smoke => $this->isWrapped($cut, $method, $setting)
                ? $this->wrapped('smoke_wrapped', $setting)
                : new Stage($method->value, $main, $main, null),
            Method::Braise,
            Method::Poach,
            Method::Steam,
            Method::Parcel,
            Method::DeepFry,
            Method::Spit,
            Method::PotRoast,
            Method::Simmer,
            Method::Confit,
            Method::AirFry => new Stage(
                $method->value,
                $main,
                $main,
                null,
            ),
        };
        $hold = $method->canHold() && $setting->holdS > 0.0 ? [new Stage(self::HOLD, $main, $main, $setting->holdS)] : [];
        $after = match (true) {
            $method === Method::OvenThenSear => [
                ...array_map(
                    static fn (Stage $stage): Stage => $stage->named('rest_before_sear')->endingAfter(0.5 * ($stage->durationS ?? 0.0)),
                    $rest,
                ),
                $this->sear($cut, $size, $method, $panC, $setting, $above),
                ...array_map(fn (Stage $stage): Stage => $stage->endingAfter($this->methods->figure($method, 'stands_s')), $rest),
            ],
            $this->isOpened($cut, $size, $method) => [
                $this->opened($cut, $size, $setting),
                ...$rest,
            ],
            $method === Method::BathThenSear => [...$hold, $this->sear($cut, $size, $method, $panC, $setting, $above), ...$rest],
            default => [...$hold, ...$rest],
        };
        $surfaceC = [
            ...array_fill_keys([$open->name, 'smoke', 'oven', self::BESIDE, self::HOLD, 'skin_side'], $setting->heatC),
            'oven_hot' => $this->methods->figure(Method::OvenRoast, 'hot_first_c'),
            self::OPENED => $this->openedC($setting),
            'sear' => $panC,
        ];
        if ($method === Method::Spit) {
            $surfaceC['spit_far'] = $this->farC($method, $setting);
        }

        return new MethodPlan(
            $before,
            $open,
            $after,
            $first->preheatS,
            $surfaceC,
            $first->endShare,
            $this->methods->leastS($method, $size->thickness),
        );
    }

    /**
     * What would go cold or limp before it had rested is served at once; on its way to the table it still goes on cooking. Common
     * practice, no source.
     *
     * @return list<Stage>
     */
    private function rest(Cut $cut, Size $size, Method $method, Setting $setting): array
    {
        $isWrapped = $this->isWrapped($cut, $method, $setting);
        $resting = $this->kitchen->restingFace($method->restsCovered() || $setting->manner->restsLong || $isWrapped);
        $isServedAtOnce = $cut->isFish() || in_array($cut->form, [Form::Organ, Form::Dice, Form::Thin], true);
        $isInSauce = $cut->form === Form::Mince && $method === Method::Braise;
        $isServedAtOnce = ($isServedAtOnce || $cut->isLooseMince() || $isInSauce) && $method !== Method::Spit;
        if ($isServedAtOnce && ! Until::isTender($cut, $method)) {
            return $method->canHold() ? [] : [new Stage(self::PLATED, $resting, $resting, $this->methods->platedS())];
        }
        $restS = $this->methods->restS($method, $size->thickness->toMillimetres()) * ($setting->manner->restsLong ? self::LONG_REST : 1.0);
        $isUnderPressure = $method === Method::Braise && $setting->heatC > self::BOILING_C;

        $name = $isWrapped ? self::REST_WRAPPED : 'rest';

        return $restS > 0.0 ? [new Stage($name, $resting, $resting, $restS, beginsVented: $isUnderPressure)] : [];
    }

    /** Fish and bird pieces with their skin stay on it nearly all the time; the other side only sees the pan. */
    private function startsOnSkin(Cut $cut, Method $method): bool
    {
        return $method === Method::Pan &&
            $cut->covering->hasSkin &&
            $cut->build->shape === Shape::Slab &&
            ! in_array($cut->form, [Form::Chop, Form::WholeFish], true) && // its skin is its rim, or on both sides
            ($cut->isFish() || $cut->isBird());
    }

    /** Under a hood, with no fire below it, a grill is an oven: ribs have their hours there. */
    private static function isBesideFire(Cut $cut, Method $method): bool
    {
        return $method === Method::Grill && Until::isTender($cut, $method);
    }

    /** As it is wanted; else birds get a lid or a hood, and whole fish a hood: they are cooked through. */
    private function isCovered(Cut $cut, Method $method, Setting $setting): bool
    {
        if ($method !== Method::Pan && $method !== Method::Grill) {
            return false;
        }

        return $setting->manner->isCovered ?? ($cut->isBird() || ($method === Method::Grill && $cut->isFish() && $cut->build->isRound()));
    }

    /** What the upper side meets while the lower one is on the fire. */
    private function upper(Cut $cut, Size $size, Method $method, Setting $setting): Face
    {
        return match (true) {
            $method === Method::Broil => $this->kitchen->underBroiler(),
            ! $this->isCovered($cut, $method, $setting) => $this->kitchen->aboveFire(),
            $method === Method::Grill => $this->kitchen->underHood($setting->heatC),
            default => $this->kitchen->underLid(),
        };
    }

    /** A flat piece is turned; a round one is rolled without pause. */
    private function turned(Cut $cut, Size $size, Method $method, Setting $setting, Face $fire): Stage
    {
        $name = $method->value.($this->isCovered($cut, $method, $setting) ? '_covered' : '');

        return $cut->build->shape === Shape::Slab
            ? new Stage(
                $name,
                $fire,
                $this->upper($cut, $size, $method, $setting),
                null,
                null,
                [],
                $setting->manner->turnEveryS ?? $this->methods->turnEveryS($method, $size->thickness->toMillimetres()),
            )
            : new Stage($name, $fire, $fire, null);
    }

    /** The core at which a piece on its skin is turned, so that the coldest place is in its middle at the end. */
    private function turnsAtC(Cut $cut, Size $size, Method $method, float $targetC): float
    {
        $hasCap = Cap::over($cut, $size->thickness, $size->thickness->toMetres()) !== null;

        return match (true) {
            $cut->isFish() => $targetC * $this->methods->figure($method, 'fish_turns_at'),
            ! $hasCap => $targetC * $this->methods->figure($method, 'bird_turns_at'),
            default => min(
                $this->methods->figure($method, 'cap_turns_most_c'),
                $targetC * $this->methods->figure($method, 'cap_turns_at'),
            ),
        };
    }

    /** With the skin up the piece cools from above: what is cooked through gets a lid. */
    private function fleshSide(Cut $cut, Method $method, Setting $setting, Face $pan): Stage
    {
        return $this->isCovered($cut, $method, $setting)
            ? new Stage('flesh_side_covered', $this->kitchen->underLid(), $pan, null)
            : new Stage('flesh_side', $this->kitchen->aboveSkin(), $pan, null);
    }

    private function sear(Cut $cut, Size $size, Method $method, float $panC, Setting $setting, Face $above): Stage
    {
        $face = $this->face($cut, $size, ApplianceKind::Pan, $panC, $setting, $above);
        $browningS = $this->methods->searS($size->thickness) * ($method === Method::SearThenOven ? self::SEARED_FIRST : 1.0);
        $sideS = min($this->methods->figure($method, 'sear_face_s'), $browningS);

        return $cut->build->shape === Shape::Slab
            ? new Stage('sear', $face, $above, 2.0 * $sideS, null, [$sideS])
            : new Stage('sear', $face, $face, 2.0 * $sideS);
    }

    /** High above the embers first, so that the inside is warm before the outside is brown. */
    private function farFromFire(Cut $cut, Size $size, Method $method, Setting $setting): Stage
    {
        $face = $this->face(
            $cut,
            $size,
            ApplianceKind::Spit,
            $this->farC($method, $setting),
            $setting,
            $this->kitchen->aboveFire(),
        );

        return new Stage(
            'spit_far',
            $face,
            $face,
            $size->thickness->toMillimetres() * $this->methods->figure($method, 'far_s_per_mm'),
            $setting->targetC - $this->methods->figure($method, 'far_until_k'),
        );
    }

    /** What is smoked or roasted until it is tender stops warming while it dries; most wrap or cover it then. */
    private function isWrapped(Cut $cut, Method $method, Setting $setting): bool
    {
        return $setting->manner->isWrapped &&
            in_array($method, [Method::Smoke, Method::OvenRoast, Method::Grill], true) &&
            Until::isTender($cut, $method);
    }

    private function wrapped(string $name, Setting $setting): Stage
    {
        $parcel = $this->kitchen->parcelFace($setting->heatC, $setting->strength);

        return new Stage($name, $parcel, $parcel, null);
    }

    /** Where it is wanted so; what is wrapped later, or goes in hotter than that anyway, is not. */
    private function startsHot(Cut $cut, Method $method, Setting $setting): bool
    {
        return $method === Method::OvenRoast &&
            $setting->manner->startsHot &&
            ! Until::isTender($cut, $method) &&
            $setting->heatC < $this->methods->figure($method, 'hot_first_c');
    }

    /** Until it has begun to brown; what is small is through before. */
    private function hotStart(Cut $cut, Size $size, Method $method, Setting $setting): Stage
    {
        $hotC = $this->methods->figure($method, 'hot_first_c');
        $fire = $this->face($cut, $size, ApplianceKind::Oven, $hotC, $setting, $this->kitchen->aboveFire());
        $lengthS = min(
            $this->methods->figure($method, 'hot_first_most_s'),
            $size->thickness->toMillimetres() * $this->methods->figure($method, 'hot_first_s_per_mm'),
        );

        return new Stage('oven_hot', $fire, $fire, $lengthS, $setting->targetC - $this->methods->figure($method, 'hot_first_until_k'));
    }

    /** What is thinner would only dry. */
    private function isOpened(Cut $cut, Size $size, Method $method): bool
    {
        return $method === Method::Parcel &&
            Until::isTender($cut, $method) &&
            $size->thickness->toMillimetres() >= $this->methods->figure($method, 'opened_from_mm');
    }

    /** The foil is folded back at the end, so that it browns. */
    private function opened(Cut $cut, Size $size, Setting $setting): Stage
    {
        $oven = $this->face($cut, $size, ApplianceKind::Oven, $this->openedC($setting), $setting, $this->kitchen->aboveFire());

        return new Stage(self::OPENED, $oven, $oven, $this->methods->figure(Method::Parcel, 'opened_s'));
    }

    private function openedC(Setting $setting): float
    {
        return max($setting->heatC, $this->methods->figure(Method::Parcel, 'opened_c'));
    }

    /** What is put in cold takes the steam away until the water boils again, the longer the more of it there is. */
    private function comingBack(Size $size, Setting $setting): Stage
    {
        $face = $this->kitchen->comingBack();
        $kg = ($size->mass->toGrams() * max(1, $setting->pieces)) / 1000.0;

        return new Stage('steam_comes_back', $face, $face, max(1.0, $kg * $this->methods->figure(Method::Steam, 'comes_back_s_kg')));
    }

    private function farC(Method $method, Setting $setting): float
    {
        return $setting->heatC - $this->methods->figure($method, 'far_below_k');
    }

    /** A flat piece finished in the oven stands on the pan it was browned in. */
    private function underneath(Cut $cut, Size $size, Setting $setting): ?Face
    {
        return $cut->build->shape === Shape::Slab
            ? $this->kitchen->trayFace($setting->heatC, self::load($size, $setting), $setting->strength)
            : null;
    }

    private function face(Cut $cut, Size $size, ApplianceKind $kind, float $heatC, Setting $setting, Face $upper): Face
    {
        return $this->kitchen
            ->appliance($kind, $setting->fires)
            ->face(
                $heatC,
                $cut->build->shape,
                $cut->foodClass === FoodClass::Minced,
                $upper,
                $setting->strength,
                $this->kitchen->burner($setting->fires),
                self::load($size, $setting),
            );
    }

    private static function load(Size $size, Setting $setting): Load
    {
        return new Load($size->faceM2(), max(1, $setting->pieces));
    }
}
