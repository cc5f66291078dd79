<?php

declare(strict_types=1);

namespace Nessmark\Method;

use Nessmark\Meat\Cut;

/** What is worth asking about how a cut is cooked one way, by the key of an ask and what may be said of it. */
final readonly class MannerChoices
{
    private function __construct() {}

    /** @return array<string, list<string>> */
    public static function of(Cut $cut, Method $method): array
    {
        $isTender = Until::isTender($cut, $method);

        return match ($method) {
            Method::Pan, Method::Grill => $isTender ? ['wrap' => Manner::WRAPS] : ['covered' => ['yes', 'no']],
            Method::OvenRoast => $isTender ? ['wrap' => Manner::WRAPS] : ['oven_start' => Manner::STARTS],
            Method::Smoke => $isTender ? ['wrap' => Manner::WRAPS] : [],
            default => [],
        };
    }
}
