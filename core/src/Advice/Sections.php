<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meal\Plate;
use Nessmark\Meat\Form;
use Nessmark\Meat\Gauged;
use Nessmark\Method\MethodPlan;
use Nessmark\Quantity\Length;
use Nessmark\Ticket\Doubtful;
use Nessmark\Ticket\Effect;
use Nessmark\Ticket\Inspected;
use Nessmark\Ticket\Section;
use Nessmark\Ticket\TimeRange;

/** A piece that was gauged and is thicker here than there: in sections of like thickness, each with its own time to the same core. */
final readonly class Sections
{
    /** What is cut across without losing what it is. Common practice, no source. */
    private const CUT_UP = [Form::Steak, Form::Thin, Form::Fillet, Form::Roast];

    private function __construct() {}

    /**
     * @param  TimeRange  $open  of the whole piece
     * @param  list<Effect>  $effects  what that time hangs on
     * @param  (callable(Length): MethodPlan)|null  $planFor  null where no core is waited for
     */
    public static function of(Plate $plate, Cook $cook, TimeRange $open, array $effects, ?callable $planFor): ?Inspected
    {
        $gauged = $plate->piece->gauged;
        if ($gauged === null) {
            return null;
        }
        $cut = $plate->piece->cut;
        $isCutUp = in_array($cut->form, self::CUT_UP, true) && ! $cut->build->isRound() && $cut->covering->isBoneless();
        $meanMm = $gauged->mean()->toMillimetres();
        $seen = new Inspected($gauged->pointsMm, round($meanMm, 1), round($gauged->spreadMm(), 1), []);
        $parts = $gauged->sections();
        if (! $isCutUp || $planFor === null || count($parts) === 1) {
            return $seen;
        }
        $sections = [];
        foreach ($parts as [$from, $to]) {
            $thickness = Length::ofMillimetres($gauged->meanMm($from, $to));
            $sections[] = new Section(
                $from,
                $to,
                round($thickness->toMillimetres(), 1),
                round(($plate->piece->raw()->toGrams() * ($to - $from) * $thickness->toMillimetres()) / $meanMm),
                self::timeOf($plate, $cook, $thickness, $planFor($thickness), self::offS($gauged, $open, $effects, $thickness)),
            );
        }

        return new Inspected($seen->pointsMm, $seen->meanMm, $seen->spreadMm, $sections);
    }

    private static function timeOf(Plate $plate, Cook $cook, Length $thickness, MethodPlan $plan, float $offS): ?TimeRange
    {
        $seconds = ThinEnd::secondsAt($plate, $cook, $thickness, $plan);

        return $seconds === null
            ? null
            : (new TimeRange(max(0.0, $seconds - $offS), $seconds, $seconds + $offS))->plus($cook->fixedHeatS())->shown();
    }

    /**
     * A section is as doubtful as the whole but for its thickness, which is alike all over.
     *
     * @param  list<Effect>  $effects
     */
    private static function offS(Gauged $gauged, TimeRange $open, array $effects, Length $thickness): float
    {
        $perMmS = 0.0;
        foreach ($effects as $effect) {
            $perMmS = $effect->input === Doubtful::Thickness ? $effect->changeS : $perMmS;
        }
        $meanMm = $gauged->mean()->toMillimetres();
        $wholeMm = max(Spread::judgedMm($meanMm), $gauged->thickest()->toMillimetres() - $meanMm);
        $otherS = sqrt(max(0.0, ($open->highS - $open->likelyS) ** 2 - ($perMmS * $wholeMm) ** 2));

        return hypot($otherS, $perMmS * Spread::judgedMm($thickness->toMillimetres()));
    }
}
