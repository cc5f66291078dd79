<?php

declare(strict_types=1);

namespace Nessmark\Advice;

use Nessmark\Appliance\Fires;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Doneness\DonenessWord;
use Nessmark\Doneness\Scale;
use Nessmark\Heat\Stage;
use Nessmark\Meat\Cut;
use Nessmark\Meat\Size;
use Nessmark\Meat\Surface;
use Nessmark\Method\Method;
use Nessmark\Method\Planner;
use Nessmark\Method\PullFinder;
use Nessmark\Method\PullNotFound;
use Nessmark\Method\Setting;
use Nessmark\Texture\LongCook;

/**
 * A coarse cook of a cut as it is usually sold, to its usual doneness, for putting cuts side by side. Not for a ticket: no
 * range, no verdict.
 */
final readonly class RoughCook
{
    public const CELLS = 15;

    public const TOLERANCE_K = 0.3;

    private const CLOSE_ENOUGH_K = 0.5;

    private const FROM_THE_FRIDGE_C = 5.0;

    public function __construct(private Planner $planner, private DonenessTable $doneness, private LongCook $texture) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Planner::from($folder), DonenessTable::from($folder), LongCook::from($folder));
    }

    /**
     * @return array{time_s: float, target_c: float}|null on the heat to the usual doneness; null when this version does not compute it
     * or the fire never gets there
     */
    public function of(Cut $cut, Method $method): ?array
    {
        $word = $this->doneness->word($cut->donenessFamily, Scale::Kitchen, $cut->defaultDoneness);
        if ($word === null) {
            return null;
        }
        $times = $this->times($cut, $cut->size(), $method, $word);

        return $times === null ? null : ['time_s' => $times->heatS, 'target_c' => $word->targetC];
    }

    /** A piece of this size to this word; null when the fire never gets there. */
    public function times(
        Cut $cut,
        Size $size,
        Method $method,
        DonenessWord $word,
        Fires $fires = new Fires(),
        Surface $surface = Surface::Patted,
        int $pieces = 1,
    ): ?RoughTimes {
        $word = $this->texture->word($cut, $method, $word, $this->doneness);
        $setting = new Setting($this->planner->usualHeatC($method, $cut, $size, $word->targetC, $fires), $word->targetC, $fires, $pieces);
        $plan = $this->planner->plan($cut, $size, $method, $setting);
        $mark = $this->texture->mark($cut, $method, $word);
        $aimC = $mark === null ? Specimen::DONE_AT_C : LongCook::FORMS_AT_C;
        $body = Specimen::body($cut, $size, $plan, self::FROM_THE_FRIDGE_C, $surface, $aimC);
        $piece = Specimen::of($cut, $size, $body, self::FROM_THE_FRIDGE_C, $surface, self::CELLS, self::TOLERANCE_K);
        $before = $piece->simulator->run($piece->start, $plan->before);
        $from = $before === [] ? $piece->start : $before[count($before) - 1]->end;
        $rest = $plan->withoutBefore()->turnedHalfAsOften();
        try {
            if ($mark === null) {
                PullFinder::refuseOutOfReach($rest, $word->targetC);
            }
            $openS =
                $mark === null
                    ? PullFinder::openSeconds($piece->simulator, $from, $rest, $word->targetC, self::CLOSE_ENOUGH_K)
                    : $this->texture->openSeconds($piece->simulator, $from, $rest, $this->texture->melting($cut), $mark);
        } catch (PullNotFound) {
            return null;
        }
        $openS = max($plan->leastS, $openS);
        $afterS = array_sum(array_map(static fn (Stage $stage): float => $stage->durationS ?? 0.0, $plan->after));

        return new RoughTimes($from->timeS + $openS + $afterS - $plan->restS(), $plan->restS(), $plan->preheatS);
    }

    /** Whether the core is still cooler than this after so long, even on the hottest setting of the fire. */
    public function isTooSlow(Cut $cut, Size $size, Method $method, Fires $fires, float $aboveC, float $withinS): bool
    {
        $setting = new Setting($this->planner->hottestC($method, $fires), $aboveC, $fires, 1);
        $plan = $this->planner->plan($cut, $size, $method, $setting)->turnedHalfAsOften();
        $body = Specimen::body($cut, $size, $plan, self::FROM_THE_FRIDGE_C, Surface::Patted);
        $piece = Specimen::of($cut, $size, $body, self::FROM_THE_FRIDGE_C, Surface::Patted, self::CELLS, self::TOLERANCE_K);
        $there = PullFinder::atCore($piece->simulator, $piece->start, $plan, $aboveC);

        return $there === null || $there->end->timeS > $withinS;
    }
}
