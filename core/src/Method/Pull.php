<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Heat\EndedBy;
use Nessmark\Heat\Simulator;
use Nessmark\Heat\StageEnd;

/** When the piece leaves the heat: seconds into the open stage, and what the core shows then. */
final readonly class Pull
{
    private function __construct(public float $openS, public float $coreC) {}

    /** @throws PullNotFound if the open stage ran out, or was over before it began */
    public static function of(Simulator $simulator, StageEnd $open, float $targetC): self
    {
        $openS = $open->end->timeS - $open->startedAtS;

        return match (true) {
            $open->by === EndedBy::Limit => throw PullNotFound::neverReached($targetC, $simulator->coreC($open->end)),
            $openS < 1.0 => throw PullNotFound::pastTargetBefore($targetC),
            default => new self($openS, $simulator->coreC($open->end)),
        };
    }
}
