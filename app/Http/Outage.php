<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Response;
use PDOException;
use Throwable;

/** A database that is gone or full: no fault of the request, and gone again by itself. */
final class Outage
{
    /** MariaDB error codes: no connection, gone, lost, shut down; disk full, table full, no room for a temporary table, log full. */
    private const CODES = [2002, 2003, 2006, 2013, 1053, 1021, 1114, 1878, 1026];

    /** What the storage engine says when the file system is full: error 1030 or 1180 with the system's 28. */
    private const NO_SPACE = '/\b(?:1030|1180)\b.*\b28\b/s';

    public static function is(Throwable $error): bool
    {
        if ($error instanceof OutOfRoom) {
            return true;
        }
        if (! ($error instanceof QueryException) && ! ($error instanceof PDOException)) {
            return false;
        }
        $code = $error->errorInfo[1] ?? (preg_match('/\[(\d{4})\]/', $error->getMessage(), $found) === 1 ? (int) $found[1] : 0);

        return in_array($code, self::CODES, true) || preg_match(self::NO_SPACE, $error->getMessage()) === 1;
    }

    /** A page that needs nothing but itself. */
    public static function page(): Response
    {
        return new Response((string) file_get_contents(resource_path('views/out.html')), 503, ['Retry-After' => '5']);
    }
}
