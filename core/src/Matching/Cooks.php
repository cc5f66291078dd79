<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\RoughCook;
use Nessmark\Advice\RoughTimes;
use Nessmark\Contract\Engine;

/** Coarse cooks, each done once. */
final class Cooks
{
    /** More pieces than this load a pan no further: they go on in batches. */
    private const MOST_PIECES = 6;

    /** @var array<string, RoughTimes|false> */
    private array $done = [];

    public function __construct(private readonly RoughCook $cook, private readonly ?CookMemory $memory = null) {}

    /** @return RoughTimes|null null where the fire never gets there */
    public function times(Option $option, Wish $wish): ?RoughTimes
    {
        $cut = $option->lot->cut;
        $word = $option->longest()->word;
        $pieces = min(self::MOST_PIECES, max(1, (int) ceil($option->pieces ?? 1.0)));
        $key = implode(' ', [
            Engine::VERSION, $cut->slug, round($cut->fatFraction(), 3), $cut->foodClass->value, round($option->thickness->toMillimetres(), 1), $option->method->value,
            $word->word, round($word->targetC, 1), json_encode($wish->fires), $pieces,
        ]);
        if (! isset($this->done[$key])) {
            $known = $this->memory?->recall($key);
            if ($known === null) {
                $known = $this->cook->times($cut, $option->thickness, $option->method, $word, $wish->fires, pieces: $pieces) ?? false;
                $this->memory?->keep($key, $known);
            }
            $this->done[$key] = $known;
        }

        return $this->done[$key] === false ? null : $this->done[$key];
    }
}
