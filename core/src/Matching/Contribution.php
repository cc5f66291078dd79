<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Say\Phrase;

/** What one criterion adds to a score, and why. */
final readonly class Contribution
{
    /**
     * @param  float  $value  0 to 1
     * @param  float  $points  of the hundred a match can have
     * @param  float  $most  points at a value of 1
     * @param  Phrase|null  $says  null where there is nothing worth saying
     */
    public function __construct(
        public string $criterion,
        public float $value,
        public float $points,
        public float $most,
        public ?Phrase $says,
    ) {}

    /** How far it lifts or lowers the match from the middle, in points. */
    public function lift(): float
    {
        return $this->points - 0.5 * $this->most;
    }
}
