<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Appliance;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Heat\SurfaceTrace;
use Nessmark\Meal\Dish;
use Nessmark\Meal\Plate;
use Nessmark\Meal\Share;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Hazard;
use Nessmark\Meat\Surface;
use Nessmark\Method\Method;
use Nessmark\Method\Until;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\TimeRange;

/** What a ticket cannot promise, and what may go wrong with it. */
final readonly class Doubts
{
    /** A pan that falls by less is not felt, K. Common practice, no source. */
    private const FALL_FROM_K = 25.0;

    /** Under this no crust forms, °C. Common practice, no source. */
    private const BROWNS_FROM_C = 120.0;

    public function __construct(private Kitchen $kitchen) {}

    /**
     * @param  Phrase|null  $thin  what is to be said of a thin end
     * @return list<Phrase>
     */
    public function of(Dish $dish, Plate $plate, Cook $cook, TimeRange $open, ?Phrase $thin): array
    {
        $doubts = [];
        $onHeatAt = Timeline::onHeatAt($plate, $cook, $open);
        if (
            $onHeatAt !== null &&
            $plate->occasion->now !== null &&
            $onHeatAt->getTimestamp() - $cook->plan->preheatS < $plate->occasion->now->getTimestamp()
        ) {
            $earliest = $plate->occasion->now->getTimestamp() + $cook->plan->preheatS + $cook->totalS() + $open->highS - $open->likelyS;
            $doubts[] = new Phrase('doubt.not_enough_time', ['short_s' => $earliest - ($plate->occasion->eatAt?->getTimestamp() ?? 0)]);
        }
        if (! $cook->evidence->canProbe) {
            $doubts[] = new Phrase('doubt.time_only');
        }
        if (Until::isTender($plate->piece->cut, $plate->way->method) && $plate->piece->cut->donenessFamily !== Until::LONG_COOKED) {
            $doubts[] = new Phrase('doubt.until_tender');
        }
        $hottestC = self::hottestFaceC($plate, $cook);
        if ($hottestC !== null && $hottestC < self::BROWNS_FROM_C) {
            $doubts[] = new Phrase('doubt.pale', ['hottest_c' => round($hottestC)]);
        }
        if ($plate->piece->cut->foodClass === FoodClass::Bivalve && $plate->piece->cut->covering->bone === 'shell') {
            $doubts[] = new Phrase('doubt.official_shells');
        }
        if ($plate->piece->cut->has(Hazard::Lean)) {
            $doubts[] = new Phrase('doubt.lean');
        }
        $doubts = [...$doubts, ...$this->ofMetal($plate, $cook)];
        if ($thin !== null) {
            $doubts[] = $thin;
        }
        if ($plate->piece->cut->slice === 'lengths_then_across_grain' && $plate->piece->gauged === null) {
            $doubts[] = new Phrase('doubt.unfold');
        }
        foreach (array_unique(array_merge(...array_map(static fn (Share $share): array => $share->avoid, $dish->shares))) as $what) {
            $doubts[] = new Phrase('doubt.season_without', ['food' => $what]);
        }
        foreach ($dish->eaters()->diets() as $diet) {
            $doubts[] = new Phrase("doubt.diet_{$diet}");
        }
        $saltedS = $dish->dressing->saltedS;
        if ($saltedS !== null) {
            $doubts[] = new Phrase($plate->piece->surface === Surface::Wet ? 'doubt.salted_wet' : 'doubt.salted', ['salted_s' => $saltedS]);
        }
        if ($dish->meatless > 0) {
            $doubts[] = new Phrase('doubt.meatless', ['heads' => $dish->meatless, 'others' => $dish->eaters()->heads()]);
        }
        foreach ($dish->notConsidered as $key) {
            $doubts[] = new Phrase("doubt.not_considered_{$key}");
        }

        return $doubts;
    }

    /** Of what lies flat on hot metal; null where no face of it does all the time. */
    private static function hottestFaceC(Plate $plate, Cook $cook): ?float
    {
        $cut = $plate->piece->cut;
        if ($plate->way->method !== Method::Pan || $cut->build->isRound() || $cut->isLooseMince()) {
            return null;
        }

        $points = $cook->saw(SurfaceTrace::class)->points;

        return max(0.0, ...array_column($points, 1), ...array_column($points, 3));
    }

    /** @return list<Phrase> a pan too full, or too weak */
    private function ofMetal(Plate $plate, Cook $cook): array
    {
        $doubts = [];
        $metal = $this->pan($plate)?->metal;
        $pieces = $plate->piece->count;
        if (
            $metal !== null &&
            $pieces !== null &&
            $pieces > $metal->holds($load = new Load($plate->piece->size->faceM2(), 1))
        ) {
            $doubts[] = new Phrase('doubt.crowded', ['pieces' => $metal->holds($load)]);
        }
        foreach ($cook->ends as $end) {
            $fallenC = $end->end->coldestPlateC;
            if (
                $fallenC !== null &&
                $end->stage->name !== 'oven' &&
                ($cook->plan->surfaceC[$end->stage->name] ?? $fallenC) - $fallenC >= self::FALL_FROM_K
            ) {
                $doubts[] = new Phrase('doubt.pan_falls', ['falls_to_c' => round($fallenC)]);
                break;
            }
        }

        return $doubts;
    }

    /** The pan of this cook, where a flat piece lies in one. */
    private function pan(Plate $plate): ?Appliance
    {
        $usesPan = in_array(
            ApplianceKind::Pan,
            [...$plate->way->method->appliances(), ...$plate->way->method === Method::Braise ? [ApplianceKind::Pan] : []],
            true,
        );

        return $usesPan && ! $plate->piece->cut->build->isRound()
            ? $this->kitchen->appliance(ApplianceKind::Pan, $plate->way->fires)
            : null;
    }
}
