<?php

declare(strict_types=1);

namespace Nessmark\Safety;

use Nessmark\Meat\Hazard;

/** What has to be said, or stopped, because of what the food is, however well it is cooked. */
final readonly class HazardRule
{
    /**
     * @param  bool  $isForAll  whether it concerns everyone, or only whoever is at risk
     * @param  list<HoldPoint>  $unless  it falls away where one of these is met; none: it never does
     */
    public function __construct(
        public Hazard $hazard,
        public Level $level,
        public bool $isForAll,
        public array $unless,
        public string $source,
    ) {}

    public function concerns(bool $isAnyoneAtRisk): bool
    {
        return $this->isForAll || $isAnyoneAtRisk;
    }
}
