<?php

declare(strict_types=1);

namespace Nessmark\Advice;

/** So many people of one appetite. */
final readonly class Diner
{
    public function __construct(public int $count, public Appetite $appetite, public bool $isAtRisk) {}
}
