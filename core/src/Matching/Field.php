<?php

declare(strict_types=1);

namespace Nessmark\Matching;

/** What the options of one wish are measured against, all of them, whether ruled out or not. */
final readonly class Field
{
    private function __construct(public int $cheapestPerHeadMinor) {}

    /** @param  list<Option>  $options */
    public static function of(array $options): self
    {
        $cheapest = null;
        foreach ($options as $option) {
            $cheapest = min($cheapest ?? $option->perHeadMinor, $option->perHeadMinor);
        }

        return new self(max(1, $cheapest ?? 1));
    }
}
