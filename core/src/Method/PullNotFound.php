<?php

declare(strict_types=1);

namespace Nessmark\Method;

use DomainException;
use Nessmark\Errors\CoreException;
use Nessmark\Say\Phrase;

/** A plan that cannot end at its target. */
final class PullNotFound extends DomainException implements CoreException
{
    private function __construct(private readonly string $why, public readonly float $targetC, public readonly ?float $highestC)
    {
        parent::__construct("{$why} {$targetC} °C");
    }

    public static function neverReached(float $targetC, float $highestC): self
    {
        return new self('plan.never_reached', $targetC, $highestC);
    }

    public static function pastTargetBefore(float $targetC): self
    {
        return new self('plan.past_target', $targetC, null);
    }

    public static function tooLong(float $targetC): self
    {
        return new self('plan.too_long', $targetC, null);
    }

    public function reason(): string
    {
        return $this->why;
    }

    public function says(): Phrase
    {
        return new Phrase('error.'.substr($this->why, strlen('plan.')), ['target_c' => $this->targetC]);
    }
}
