<?php

declare(strict_types=1);

namespace App\Services;

/** A wish as it was sent; the hour is the server's where the sender gave none. */
final class WishData
{
    public static function of(string $json): mixed
    {
        return self::timed(json_decode($json, true));
    }

    public static function timed(mixed $wish): mixed
    {
        return is_array($wish) && ! isset($wish['now']) ? [...$wish, 'now' => now()->format(DATE_ATOM)] : $wish;
    }
}
