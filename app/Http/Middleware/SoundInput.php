<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ProblemDetails;
use Closure;
use Illuminate\Http\Request;
use Nessmark\Errors\InputRefused;
use Symfony\Component\HttpFoundation\Response;

/**
 * Nothing goes further that is no text, too large or too deep: what comes after may rely on UTF-8 without NUL, and on a size that can
 * be read.
 */
final class SoundInput
{
    /** A body of a usual request, and of a file, bytes. */
    private const MOST_BYTES = 262_144;

    private const MOST_FILE_BYTES = 16_777_216;

    /** Values in the body of a usual request; a file has as many as it has cells. */
    private const MOST_VALUES = 4_000;

    private const MOST_DEPTH = 12;

    public function handle(Request $request, Closure $next): Response
    {
        try {
            $this->check($request);
        } catch (InputRefused $refused) {
            return ProblemDetails::of($refused);
        }

        return $next($request);
    }

    /** @throws InputRefused naming what is unsound */
    private function check(Request $request): void
    {
        $isFile = $request->is('api/v1/case/import', 'api/v1/catalogue/import');
        $body = $request->getContent();
        $most = $isFile ? self::MOST_FILE_BYTES : self::MOST_BYTES;
        if (strlen($body) > $most) {
            throw InputRefused::one('(input)', 'out_of_range', strlen($body), 'bytes', ['max' => $most]);
        }
        if (! $this->isText($body) || ! $this->isText(rawurldecode($request->getRequestUri()))) {
            throw InputRefused::one('(input)', 'wrong_type', null, 'utf8_text');
        }
        foreach ($request->query->all() as $name => $value) {
            if ($value !== null && ! is_string($value)) {
                throw InputRefused::one((string) $name, 'wrong_type', $value, 'text');
            }
        }
        if (! $isFile && $body !== '') {
            $left = self::MOST_VALUES;
            $this->checkValues(json_decode($body, true), 1, $left);
        }
    }

    /** @param  int  $left  values there may still be */
    private function checkValues(mixed $value, int $depth, int &$left): void
    {
        if (--$left < 0 || $depth > self::MOST_DEPTH) {
            throw InputRefused::one('(input)', 'out_of_range', null, 'values', ['max' => self::MOST_VALUES, 'depth' => self::MOST_DEPTH]);
        }
        if (is_string($value) && ! $this->isText($value)) {
            throw InputRefused::one('(input)', 'wrong_type', null, 'utf8_text');
        }
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            $this->checkValues((string) $key, $depth, $left);
            $this->checkValues($inner, $depth + 1, $left);
        }
    }

    private function isText(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
