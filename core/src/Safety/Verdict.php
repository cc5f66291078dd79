<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** The sum of all findings: as strict as the strictest of them. */
final readonly class Verdict
{
    public Level $level;

    /** @param  list<Finding>  $findings */
    public function __construct(public array $findings, public bool $meetsOfficialMinimum)
    {
        $level = Level::Clear;
        foreach ($findings as $finding) {
            $level = $level->orStricter($finding->level);
        }
        $this->level = $level;
    }
}
