<?php

declare(strict_types=1);

namespace Nessmark\Heat;

/** When a stage ended, why, and in what state. */
final readonly class StageEnd
{
    public function __construct(public Stage $stage, public float $startedAtS, public Snapshot $end, public EndedBy $by) {}
}
