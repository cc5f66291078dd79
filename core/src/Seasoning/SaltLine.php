<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** Salt from one source, g, over all the meat. */
final readonly class SaltLine
{
    /** @param  string  $from  own, treated, base, seasoning, finish */
    public function __construct(public string $from, public float $saltG) {}

    public function sodiumMg(): float
    {
        return 1000.0 * $this->saltG * Seasoning::SODIUM_OF_SALT;
    }
}
