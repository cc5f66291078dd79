<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Catalogue\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\Scale;
use Nessmark\Heat\Simulator;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Quantity\Length;
use Nessmark\Texture\LongCook;

/**
 * A coarse cook of a cut as it is usually sold, to its usual doneness, for putting cuts side by side. Not for a ticket: no
 * range, no verdict, turning averaged out.
 */
final readonly class RoughCook
{
    private const CELLS = 31;

    private const TOLERANCE_K = 0.1;

    private const FROM_THE_FRIDGE_C = 5.0;

    public function __construct(private Planner $planner, private DonenessTable $doneness, private LongCook $texture) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Planner::from($folder), DonenessTable::from($folder), LongCook::from($folder));
    }

    /** @return array{time_s: float, target_c: float}|null on the heat to the usual doneness; null when this version does not compute it or the fire never gets there */
    public function of(Cut $cut, Method $method): ?array
    {
        $word = $this->doneness->word($cut->donenessFamily, Scale::Kitchen, $cut->defaultDoneness);
        if ($word === null || ! $method->isComputed()) {
            return null;
        }
        $plan = $this->planner->plan($cut, $cut->piece->typicalMm, $method, $this->planner->usualHeatC($method, $word->targetC))->withoutTurning();
        $simulator = new Simulator($cut->body(Length::ofMillimetres($cut->piece->typicalMm)), $cut->material(), self::CELLS, self::TOLERANCE_K);
        try {
            $start = $simulator->start(self::FROM_THE_FRIDGE_C);
            $mark = $this->texture->mark($cut, $method, $word->word);
            if ($mark === null) {
                PullFinder::refuseOutOfReach($plan, $word->targetC);
            }
            $openS = $mark === null
                ? PullFinder::openSeconds($simulator, $start, $plan, $word->targetC)
                : $this->texture->openSeconds($simulator, $start, $plan, $this->texture->melting($cut), $mark);
        } catch (PullNotFound) {
            return null;
        }
        $fixedS = -$plan->restS();
        foreach ([...$plan->before, ...$plan->after] as $stage) {
            $fixedS += $stage->durationS ?? 0.0;
        }

        return ['time_s' => $openS + $fixedS, 'target_c' => $word->targetC];
    }
}
