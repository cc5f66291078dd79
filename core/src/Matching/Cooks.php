<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\RoughCook;
use Nessmark\Advice\RoughTimes;
use Nessmark\Data\Engine;
use Nessmark\Meat\Cut;
use Nessmark\Safety\SafetyRules;

/** Coarse cooks, each done once. */
final class Cooks
{
    /** More pieces than this load a pan no further: they go on in batches. */
    private const MOST_PIECES = 6;

    /** The long end of a range is about a quarter above what is likely. Common practice, no source. */
    private const SLOW_SHARE = 0.75;

    /** @var array<string, RoughTimes|false> */
    private array $done = [];

    /** @var array<int, string> by object: a case holds the same cuts all through a match */
    private array $cutKeys = [];

    public function __construct(
        private readonly RoughCook $cook,
        private readonly SafetyRules $rules,
        private readonly ?CookMemory $memory = null,
    ) {}

    /**
     * Whether the fire is too slow for what has to start cold, by the house's rules; foreseen with some room, since this cook is
     * coarse.
     */
    public function isTooSlow(Option $option, Wish $wish): bool
    {
        $cut = $option->lot->cut;
        if (! $option->method->driesTheSurface() || ! $this->rules->mustStartCold($cut->foodClass, false)) {
            return false;
        }
        foreach ($this->rules->slowHeat($wish->house->standard) as $rule) {
            $withinS = self::SLOW_SHARE * $rule['within_s'];
            if (
                ($option->times->heatS ?? 0.0) > $withinS &&
                $this->cook->isTooSlow($cut, $option->sale->size, $option->method, $wish->means->fires, $rule['above_c'], $withinS)
            ) {
                return true;
            }
        }

        return false;
    }

    /** A shop's own cut may share its name with another shop's: what counts is what it is like. */
    private function cutKey(Cut $cut): string
    {
        return $this->cutKeys[spl_object_id($cut)] ??= hash('xxh128', serialize($cut->record->toArray()));
    }

    /** @return RoughTimes|null null where the fire never gets there */
    public function times(Option $option, Wish $wish): ?RoughTimes
    {
        $cut = $option->lot->cut;
        $word = $option->longest()->doneness;
        $pieces = min(self::MOST_PIECES, $option->sale->count ?? 1);
        $key = implode(' ', [
            Engine::VERSION,
            $this->cutKey($cut),
            round($option->sale->size->thickness->toMillimetres(), 1),
            round($option->sale->size->mass->toGrams()),
            $option->method->value,
            $word->word,
            round($word->targetC, 1),
            json_encode($wish->means->fires),
            $pieces,
        ]);
        if (! isset($this->done[$key])) {
            $known = $this->memory?->recall($key);
            if ($known === null) {
                $known =
                    $this->cook->times($cut, $option->sale->size, $option->method, $word, $wish->means->fires, pieces: $pieces) ?? false;
                $this->memory?->keep($key, $known);
            }
            $this->done[$key] = $known;
        }

        return $this->done[$key] === false ? null : $this->done[$key];
    }
}
