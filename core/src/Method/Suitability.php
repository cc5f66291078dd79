<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;

/**
 * Which ways of cooking suit a cut, and why. Follows from what the cut is like; a cut that goes its own way says so in the
 * catalogue with a reason (method_exceptions).
 */
final readonly class Suitability
{
    private const WOK_UP_TO_MM = 12.0;

    /** @param  Length|null  $thickness  as asked for; null: as it is usually cut */
    public function judge(Cut $cut, Method $method, ?Length $thickness = null): MethodFit
    {
        return $this->of(new Traits($cut, $thickness), $method);
    }

    /** @return list<MethodFit> every method, the best first; equals stay in the order of the methods */
    public function all(Cut $cut, ?Length $thickness = null): array
    {
        $is = new Traits($cut, $thickness);
        $fits = array_map(fn (Method $method): MethodFit => $this->of($is, $method), Method::cases());
        usort($fits, static fn (MethodFit $a, MethodFit $b): int => $a->fit->rank() <=> $b->fit->rank());

        return $fits;
    }

    /**
     * Those a ticket can be written for, the best first; empty when all that suit it are not computed yet. What is sold to be
     * cooked until it gives way is computed
     * where hours of gentle heat can be had: no fast fire gets it there, and nobody turns a spit for so long.
     *
     * @return list<Method>
     */
    public function offered(Cut $cut, ?Length $thickness = null): array
    {
        $isCookedLong = (new Traits($cut))->isCookedLong;
        $offered = array_filter(
            $this->all($cut, $thickness),
            fn (MethodFit $fit): bool => $this->isOffered($cut, $fit, $isCookedLong, $thickness),
        );

        return array_values(array_map(static fn (MethodFit $fit): Method => $fit->method, $offered));
    }

    /** The same for one way of cooking that was judged already. */
    public function offers(Cut $cut, MethodFit $fit): bool
    {
        return $this->isOffered($cut, $fit, (new Traits($cut))->isCookedLong);
    }

    private function isOffered(Cut $cut, MethodFit $fit, bool $isCookedLong, ?Length $thickness = null): bool
    {
        return $fit->fit !== Fit::Poor &&
            $this->isComputed($cut, $fit->method, $thickness) &&
            (! $isCookedLong || ($fit->method !== Method::Spit && Until::isTender($cut, $fit->method)));
    }

    /** Whether a ticket can be written for it: a wok takes what is cut for it, not what has to be sliced first. */
    public function isComputed(Cut $cut, Method $method, ?Length $thickness = null): bool
    {
        return $method !== Method::StirFry || ($thickness?->toMillimetres() ?? $cut->build->typicalMm) <= self::WOK_UP_TO_MM;
    }

    private function of(Traits $is, Method $method): MethodFit
    {
        $fit = (match ($method) {
            Method::Pan => DryHeat::pan($is),
            Method::Grill => DryHeat::grill($is),
            Method::Broil => DryHeat::broil($is),
            Method::OvenRoast => DryHeat::ovenRoast($is),
            Method::SearThenOven => DryHeat::searThenOven($is),
            Method::OvenThenSear => DryHeat::ovenThenSear($is),
            Method::WaterBath => WetHeat::waterBath($is),
            Method::BathThenSear => WetHeat::bathThenSear($is),
            Method::Braise => WetHeat::braise($is),
            Method::Parcel => WetHeat::parcel($is),
            Method::Poach => WetHeat::poach($is),
            Method::Steam => WetHeat::steam($is),
            Method::StirFry => DryHeat::stirFry($is),
            Method::DeepFry => DryHeat::deepFry($is),
            Method::Spit => DryHeat::spit($is),
            Method::Smoke => WetHeat::smoke($is),
            Method::PotRoast => WetHeat::potRoast($is),
            Method::Simmer => WetHeat::simmer($is),
            Method::Confit => WetHeat::confit($is),
            Method::AirFry => DryHeat::airFry($is),
        })->conclude($method);
        foreach ($is->cut->record->records('method_exceptions') as $exception) {
            if ($exception->text('method') === $method->value) {
                return $fit->except(Fit::from($exception->text('fit')), $exception->text('reason'));
            }
        }

        return $fit;
    }
}
