<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

use Nessmark\Say\Phrase;

/** What one rule of the match says of a seasoning on a piece. */
final readonly class Reason
{
    /**
     * @param  string  $rule  a key of the weights
     * @param  float  $value  1 speaks for it as loudly as can be, -1 against it
     */
    public function __construct(public string $rule, public float $value, public Phrase $says) {}
}
