<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Nessmark\Errors\InputRefused;

/**
 * The key a screen makes for something that may happen only once, sent as the header Idempotency-Key, with a fingerprint of what is
 * asked.
 */
final readonly class OnceKey
{
    public const HEADER = 'Idempotency-Key';

    private function __construct(public string $key, public string $asked) {}

    /** @throws InputRefused if there is a key that is none */
    public static function of(Request $request): ?self
    {
        $key = $request->headers->get(self::HEADER);
        if ($key === null) {
            return null;
        }
        if (preg_match('/^[A-Za-z0-9_-]{8,64}$/', $key) !== 1) {
            throw InputRefused::one(self::HEADER, 'not_allowed', mb_substr(mb_scrub($key), 0, 80), 'once_key');
        }

        return new self($key, hash('xxh128', $request->method().' '.$request->getRequestUri().' '.$request->getContent()));
    }
}
