<?php

declare(strict_types=1);

namespace Nessmark\Advice;

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
    public static function of(Ask $ask, Cook $cook, MethodPlan $planForThin): ?Phrase
    {
        if ($ask->thinEnd === null) {
            return null;
        }
        $seconds = static function (Length $thickness, MethodPlan $plan) use ($ask, $cook): ?float {
            $piece = Specimen::of($ask->cut, $thickness, $ask->start->toCelsius(), $ask->surface, self::CELLS, self::TOLERANCE_K);

            return PullFinder::atCore($piece->simulator, $piece->start, $plan, $cook->pull->coreC)?->end->timeS;
        };
        $thick = $seconds($ask->thickness, $cook->plan);
        $thin = $seconds($ask->thinEnd, $planForThin);

        return $thick === null || $thin === null ? null : new Phrase('doubt.thin_end', ['thin_mm' => $ask->thinEnd->toMillimetres(), 'earlier_s' => round($thick - $thin)]);
    }
}
