<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\RoughTimes;
use Nessmark\Meal\Sale;
use Nessmark\Meal\Share;
use Nessmark\Method\Method;
use Nessmark\Method\MethodFit;
use Nessmark\Safety\Level;
use Nessmark\Stock\Lot;

/** One lot and one way to cook it, for one wish. */
final readonly class Option
{
    /**
     * @param  non-empty-list<Share>  $shares  the largest first
     * @param  Level  $level  what safety is going to say, foreseen
     * @param  float  $likeness  to the name that was said, 0 to 1
     * @param  RoughTimes|null  $times  null until it was cooked, coarsely
     */
    public function __construct(
        public Lot $lot,
        public Method $method,
        public MethodFit $fit,
        public array $shares,
        public Sale $sale,
        public int $perHeadMinor,
        public Level $level,
        public float $likeness,
        public ?RoughTimes $times = null,
    ) {}

    public function withTimes(RoughTimes $times): self
    {
        return new self(
            $this->lot,
            $this->method,
            $this->fit,
            $this->shares,
            $this->sale,
            $this->perHeadMinor,
            $this->level,
            $this->likeness,
            $times,
        );
    }

    /** The share that is done furthest, and so decides the time. */
    public function longest(): Share
    {
        $longest = $this->shares[0];
        foreach ($this->shares as $share) {
            $longest = $share->doneness->targetC > $longest->doneness->targetC ? $share : $longest;
        }

        return $longest;
    }

    /**
     * Its place among equals, as a text that sorts: what must go first, what costs least, then a fixed order. No two options have the
     * same.
     */
    public function place(): string
    {
        return sprintf(
            '%s %09d %s %02d %s',
            $this->lot->useBy?->format('Y-m-d') ?? '9999-12-31',
            $this->perHeadMinor,
            $this->lot->cut->slug,
            (int) array_search($this->method, Method::cases(), true),
            $this->lot->number,
        );
    }
}
