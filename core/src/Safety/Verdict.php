<?php

declare(strict_types=1);

namespace Nessmark\Safety;

/** The sum of all findings: as strict as the strictest of them. */
final readonly class Verdict
{
    public const TOO_SLOW = 'safety.too_slow';

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

    /** Whether it is stopped because it warms too slowly, so that a hotter fire would help. */
    public function isTooSlow(): bool
    {
        return array_filter($this->findings, static fn (Finding $finding): bool => $finding->phrase->key === self::TOO_SLOW) !== [];
    }
}
