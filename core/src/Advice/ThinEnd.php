<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Meal\Plate;
use Nessmark\Method\MethodPlan;
use Nessmark\Method\PullFinder;
use Nessmark\Quantity\Length;
use Nessmark\Say\Phrase;

/** A piece that runs out thin: how much earlier its thin end is where its middle is to be. */
final readonly class ThinEnd
{
    private const CELLS = 31;

    private const TOLERANCE_K = 0.02;

    private function __construct() {}

    /** @return Phrase|null null without a thin end */
    public static function of(Plate $plate, Cook $cook, MethodPlan $planForThin): ?Phrase
    {
        if ($plate->piece->thinEnd === null) {
            return null;
        }
        $thick = self::secondsAt($plate, $cook, $plate->piece->size->thickness, $cook->plan);
        $thin = self::secondsAt($plate, $cook, $plate->piece->thinEnd, $planForThin);

        return $thick === null || $thin === null
            ? null
            : new Phrase('doubt.thin_end', ['thin_mm' => $plate->piece->thinEnd->toMillimetres(), 'earlier_s' => round($thick - $thin)]);
    }

    /** Until a part so thick has the core at which the piece is taken off, s; null where it never has. */
    public static function secondsAt(Plate $plate, Cook $cook, Length $thickness, MethodPlan $plan): ?float
    {
        $piece = Specimen::of(
            $plate->piece->cut,
            $plate->piece->size->thick($thickness),
            $cook->simulator->body->scaled($thickness->toMetres() / $plate->piece->size->thickness->toMetres()),
            $plate->piece->start->toCelsius(),
            $plate->piece->surface,
            self::CELLS,
            self::TOLERANCE_K,
        );

        return PullFinder::atCore($piece->simulator, $piece->start, $plan, $cook->pull->coreC)?->end->timeS;
    }
}
