<?php

declare(strict_types=1);

namespace Nessmark\Method;

use DomainException;
use Nessmark\Errors\CoreException;

/** A plan that cannot end at its target. */
final class PullNotFound extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $why, public readonly float $targetC, public readonly ?float $highestC)
    {
        parent::__construct($message);
    }

    public static function neverReached(float $targetC, float $highestC): self
    {
        return new self(sprintf('The core never reaches %.1f °C: this fire holds it at %.1f °C at most.', $targetC, $highestC), 'plan.never_reached', $targetC, $highestC);
    }

    public static function pastTargetBefore(string $stage, float $targetC): self
    {
        return new self(sprintf('The core passes %.1f °C before the stage "%s" has begun to matter: the piece is too thin for it.', $targetC, $stage), 'plan.past_target', $targetC, null);
    }

    public static function tooLong(string $stage, float $targetC, float $longestS): self
    {
        return new self(sprintf('The stage "%s" would take longer than %.0f min to bring the core to %.1f °C.', $stage, $longestS / 60.0, $targetC), 'plan.too_long', $targetC, null);
    }

    public function reason(): string
    {
        return $this->why;
    }
}
