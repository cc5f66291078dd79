<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Appliance;
use Nessmark\Appliance\ApplianceKind;
use Nessmark\Appliance\Kitchen;
use Nessmark\Appliance\Load;
use Nessmark\Meat\Hazard;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\TimeRange;

/** What a ticket cannot promise, and what may go wrong with it. */
final readonly class Doubts
{
    /** A pan that falls by less is not felt, K. Common practice, no source. */
    private const FALL_FROM_K = 25.0;

    /** Below so many thicknesses a round piece is no longer endless to the heat. Common practice, no source. */
    private const SHORT_PIECE = 1.5;

    public function __construct(private Kitchen $kitchen, private Portions $portions) {}

    /**
     * @param  Phrase|null  $thin  what is to be said of a thin end
     * @return list<Phrase>
     */
    public function of(Ask $ask, Cook $cook, TimeRange $open, ?Phrase $thin): array
    {
        $doubts = [];
        $onHeatAt = Timeline::onHeatAt($ask, $cook, $open);
        if ($onHeatAt !== null && $ask->now !== null && $onHeatAt->getTimestamp() - $cook->plan->preheatS < $ask->now->getTimestamp()) {
            $earliest = $ask->now->getTimestamp() + $cook->plan->preheatS + $cook->totalS() + $open->highS - $open->likelyS;
            $doubts[] = new Phrase('doubt.not_enough_time', ['short_s' => $earliest - ($ask->eatAt?->getTimestamp() ?? 0)]);
        }
        if (! $cook->evidence->canProbe) {
            $doubts[] = new Phrase('doubt.time_only');
        }
        if ($ask->cut->has(Hazard::Lean)) {
            $doubts[] = new Phrase('doubt.lean');
        }
        $lengthMm = $this->portions->of($ask)->lengthMm;
        if ($lengthMm !== null && $lengthMm < self::SHORT_PIECE * $ask->thickness->toMillimetres()) {
            $doubts[] = new Phrase('doubt.short_piece', ['length_mm' => $lengthMm]);
        }
        $doubts = [...$doubts, ...$this->ofMetal($ask, $cook)];
        if ($thin !== null) {
            $doubts[] = $thin;
        }
        if ($ask->cut->slice === 'lengths_then_across_grain') {
            $doubts[] = new Phrase('doubt.unfold');
        }
        foreach (array_unique(array_merge($ask->avoid, ...array_map(static fn (Ask $share): array => $share->avoid, $ask->apart))) as $what) {
            $doubts[] = new Phrase('doubt.season_without', ['what' => $what]);
        }
        foreach ($ask->notConsidered as $key) {
            $doubts[] = new Phrase("doubt.not_considered_{$key}");
        }

        return $doubts;
    }

    /** @return list<Phrase> a pan too full, or too weak */
    private function ofMetal(Ask $ask, Cook $cook): array
    {
        $doubts = [];
        $metal = $this->pan($ask)?->metal;
        $pieces = $this->portions->of($ask)->pieces;
        if ($metal !== null && $pieces !== null && $pieces > $metal->holds($load = Load::of($ask->cut, $ask->thickness))) {
            $doubts[] = new Phrase('doubt.crowded', ['pieces' => $metal->holds($load)]);
        }
        foreach ($cook->ends as $end) {
            $fallenC = $end->end->coldestPlateC;
            if ($fallenC !== null && $end->stage->name !== 'oven' && ($cook->plan->surfaceC[$end->stage->name] ?? $fallenC) - $fallenC >= self::FALL_FROM_K) {
                $doubts[] = new Phrase('doubt.pan_falls', ['falls_to_c' => round($fallenC)]);
                break;
            }
        }

        return $doubts;
    }

    /** The pan of this cook, where a flat piece lies in one. */
    private function pan(Ask $ask): ?Appliance
    {
        $usesPan = in_array(ApplianceKind::Pan, [...$ask->method->appliances(), ...($ask->method === Method::Braise ? [ApplianceKind::Pan] : [])], true);

        return $usesPan && ! $ask->cut->piece->isRound() ? $this->kitchen->appliance(ApplianceKind::Pan, $ask->fires) : null;
    }
}
