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

    private const MOST_FILE_BYTES = 4_194_304;

    /** Values in the body of a usual request, and cells in a file: as many as are read within three seconds (our choice). */
    private const MOST_VALUES = 4_000;

    private const MOST_CELLS = 300_000;

    private const FILES = ['api/v1/case/import', 'api/v1/catalogue/import', 'api/v1/seasonings/import'];

    private const MOST_DEPTH = 12;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->is('api/*') && ! $this->isOfKnownType($request)) {
            return ProblemDetails::said(415, 'content.type');
        }
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
        $isFile = $request->is(...self::FILES);
        $body = $request->getContent();
        $most = $isFile ? self::MOST_FILE_BYTES : self::MOST_BYTES;
        if (strlen($body) > $most) {
            throw InputRefused::one('(input)', 'out_of_range', strlen($body), 'bytes', ['max' => $most]);
        }
        if (! $this->isText($body) || ! $this->isText(rawurldecode($request->getRequestUri()))) {
            throw InputRefused::one('(input)', 'wrong_type', null, 'utf8_text');
        }
        if ($isFile && substr_count($body, ',') + substr_count($body, ';') + substr_count($body, "\n") > self::MOST_CELLS) {
            throw InputRefused::one('(input)', 'out_of_range', null, 'cells', ['max' => self::MOST_CELLS]);
        }
        foreach ($request->isJson() ? [] : $request->request->all() as $name => $value) {
            $left = self::MOST_VALUES;
            $this->checkValues([$name => $value], 1, $left); // of a form: JSON is looked at below
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

    /** What is read is JSON, or a table where one is taken: what comes in another form would not be looked at. */
    private function isOfKnownType(Request $request): bool
    {
        $type = strtolower(trim(explode(';', $request->headers->get('Content-Type') ?? '')[0]));
        $isEmpty = $request->getContent() === '' && $request->request->count() + $request->files->count() === 0;

        return match (true) {
            $type === 'application/json', str_ends_with($type, '+json') => true,
            $type === 'text/csv' && $request->is(...self::FILES) => true,
            default => $isEmpty && ! str_starts_with($type, 'multipart/'),
        };
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
