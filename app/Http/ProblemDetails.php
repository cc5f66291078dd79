<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\AskedOtherwise;
use App\Actions\BenchRefused;
use App\Actions\StockRefused;
use App\Actions\TicketRefused;
use App\Http\Middleware\RequestId;
use App\Services\Refusals;
use App\Services\Wording;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Nessmark\Errors\CoreException;
use Nessmark\Errors\InputRefused;
use Nessmark\Say\Phrase;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every error of the API, said the same way (RFC 9457), once. */
final class ProblemDetails
{
    public static function of(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof InputRefused => self::response(
                422,
                $error->reason(),
                app(Refusals::class)->detail($error),
                app(Refusals::class)->all($error->violations),
            ),
            $error instanceof ValidationException => self::response(
                422,
                'input.refused',
                $error->getMessage(),
                self::violations($error),
            ),
            $error instanceof TicketRefused,
            $error instanceof StockRefused,
            $error instanceof BenchRefused,
            $error instanceof AskedOtherwise => self::response(409, $error->reason(), self::says($error->says())),
            $error instanceof CoreException => self::response(422, $error->reason(), self::says($error->says())),
            $error instanceof UniqueConstraintViolationException => self::said(409, 'taken'),
            Outage::is($error) => self::said(503, 'store.out'),
            $error instanceof AuthenticationException => self::said(401, 'session.none'),
            $error instanceof AuthorizationException && $error->status() === 404 => self::said(404, 'not_found'),
            $error instanceof AuthorizationException => self::said(403, 'role.not_allowed'),
            $error instanceof TokenMismatchException => self::said(419, 'session.expired'),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => self::unexpected($error),
        };
    }

    private static function says(Phrase $phrase): string
    {
        return app(Wording::class)->text('say', $phrase->key, $phrase->args);
    }

    public static function said(int $status, string $reason): JsonResponse
    {
        return self::response($status, $reason, app(Wording::class)->text('problem', $reason));
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $previous = $error->getPrevious();
        if (
            ($previous instanceof AuthorizationException && $previous->status() === null) ||
            $previous instanceof TokenMismatchException
        ) {
            return self::of($previous);
        }
        $status = $error->getStatusCode();
        $reason =
            [403 => 'role.not_allowed', 404 => 'not_found', 405 => 'method.not_allowed', 419 => 'session.expired', 429 => 'too_many'][
                $status
            ] ?? null;
        $response =
            $reason === null
                ? self::response($status, "http.{$status}", $error->getMessage() ?: app(Wording::class)->text('problem', 'http'))
                : self::said($status, $reason);
        $response->headers->add($error->getHeaders());
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }

    private static function unexpected(Throwable $error): JsonResponse
    {
        return config('app.debug') === true
            ? self::response(500, 'unexpected', $error::class.': '.$error->getMessage())
            : self::said(500, 'unexpected');
    }

    /** @return list<array<string, mixed>> */
    private static function violations(ValidationException $error): array
    {
        $violations = [];
        foreach ($error->errors() as $key => $messages) {
            foreach ((array) $messages as $message) {
                $violations[] = [
                    'key' => $key,
                    'reason' => 'not_allowed',
                    'value' => null,
                    'allowed' => $message,
                    'message' => $message,
                    'says' => null,
                ];
            }
        }

        return array_slice($violations, 0, InputRefused::MOST_SAID);
    }

    /** @param  list<array<string, mixed>>  $violations */
    private static function response(int $status, string $reason, string $detail, array $violations = []): JsonResponse
    {
        return new JsonResponse(
            [
                'type' => 'about:blank',
                'title' => JsonResponse::$statusTexts[$status] ?? 'Page Expired',
                'status' => $status,
                'detail' => $detail,
                'reason' => $reason,
                'violations' => $violations,
                ...$status >= 500 ? ['request' => RequestId::current()] : [],
            ],
            $status,
            ['Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR,
        );
    }
}
