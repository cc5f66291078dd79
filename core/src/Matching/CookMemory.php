<?php

declare(strict_types=1);

namespace Nessmark\Matching;

use Nessmark\Advice\RoughTimes;

/**
 * Where coarse cooks are kept from one question to the next. They follow from what was asked alone, so they never go stale within one
 * engine.
 */
interface CookMemory
{
    /** @return RoughTimes|false|null null where it is not known; false where the fire never gets there */
    public function recall(string $key): RoughTimes|false|null;

    public function keep(string $key, RoughTimes|false $times): void;
}
