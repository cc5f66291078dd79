<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Contracts\Cache\Repository;
use Nessmark\Advice\RoughTimes;
use Nessmark\Matching\CookMemory;

/** Keeps coarse cooks in the cache: the case asks for the same ones all day. */
final readonly class CookCache implements CookMemory
{
    private const NEVER = 'never';

    public function __construct(private Repository $cache) {}

    public function recall(string $key): RoughTimes|false|null
    {
        $kept = $this->cache->get(self::name($key));
        if ($kept === self::NEVER) {
            return false;
        }
        [$heatS, $restS, $preheatS] = is_array($kept) ? [...array_values($kept), null, null, null] : [null, null, null];

        return is_float($heatS) && is_float($restS) && is_float($preheatS) ? new RoughTimes($heatS, $restS, $preheatS) : null;
    }

    public function keep(string $key, RoughTimes|false $times): void
    {
        $this->cache->forever(self::name($key), $times === false ? self::NEVER : [$times->heatS, $times->restS, $times->preheatS]);
    }

    private static function name(string $key): string
    {
        return 'cook:'.hash('xxh128', $key);
    }
}
