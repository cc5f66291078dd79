<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Meat\Hazard;

/** What has to be said, or stopped, because of what the food is, however well it is cooked. */
final readonly class HazardRule
{
    /**
     * @param  bool  $isForAll  whether it concerns everyone, or only whoever is at risk
     * @param  Level|null  $forChildren  where a child eats of it; null: a child is as anybody else
     * @param  list<HoldPoint>  $unless  it falls away where one of these is met; none: it never does
     */
    public function __construct(
        public Hazard $hazard,
        public Level $level,
        public bool $isForAll,
        public array $unless,
        public string $source,
        public ?Level $forChildren = null,
    ) {}

    /** As it holds for those who eat of it; null where it concerns none of them. */
    public function holdingFor(bool $isAnyoneAtRisk, bool $isAnyChild): ?self
    {
        $level = $this->isForAll || $isAnyoneAtRisk ? $this->level : null;
        if ($isAnyChild && $this->forChildren !== null) {
            $level = $level?->orStricter($this->forChildren) ?? $this->forChildren;
        }

        return $level === null ? null : new self($this->hazard, $level, $this->isForAll, $this->unless, $this->source, $this->forChildren);
    }
}
