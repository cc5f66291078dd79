<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Stock\Lot;

/** Why a lot is not offered one way, and what would have to give. */
final readonly class Refusal
{
    /**
     * @param  Phrase  $says  with what is missing, in the unit its name says
     * @param  float  $short  how far off, for putting the nearest first; of one limit only comparable with itself
     */
    public function __construct(public Limit $limit, public Phrase $says, public Lot $lot, public Method $method, public float $short) {}
}
