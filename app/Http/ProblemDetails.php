<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\AskedOtherwise;
use App\Actions\StockRefused;
use App\Actions\TicketRefused;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Nessmark\Errors\CoreException;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every error of the API, said the same way (RFC 9457), once. */
final class ProblemDetails
{
    private const NOTHING = 'There is nothing at this address, or it is not your shop\'s.';

    public static function of(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof InputRefused => self::response(422, $error->reason(), $error->getMessage(), array_map(
                static fn (Violation $violation): array => $violation->toArray(),
                $error->violations,
            )),
            $error instanceof ValidationException => self::response(422, 'input.refused', $error->getMessage(), self::violations($error)),
            $error instanceof TicketRefused, $error instanceof StockRefused, $error instanceof AskedOtherwise => self::response(409, $error->reason(), $error->getMessage()),
            $error instanceof CoreException => self::response(422, $error->reason(), $error->getMessage()),
            $error instanceof UniqueConstraintViolationException => self::response(409, 'taken', 'Somebody else took that name or number just now. Take another.'),
            $error instanceof AuthenticationException => self::response(401, 'session.none', 'Sign in first.'),
            $error instanceof AuthorizationException && $error->status() === 404 => self::response(404, 'not_found', self::NOTHING),
            $error instanceof AuthorizationException => self::response(403, 'role.not_allowed', 'Your role may not do this.'),
            $error instanceof TokenMismatchException => self::response(419, 'session.expired', 'The page is too old. Reload it; what you typed is kept.'),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => self::unexpected($error),
        };
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $previous = $error->getPrevious();
        if (($previous instanceof AuthorizationException && $previous->status() === null) || $previous instanceof TokenMismatchException) {
            return self::of($previous);
        }
        $status = $error->getStatusCode();
        [$reason, $detail] = match ($status) {
            403 => ['role.not_allowed', 'Your role may not do this.'],
            404 => ['not_found', self::NOTHING],
            405 => ['method.not_allowed', 'This address does not take that method.'],
            419 => ['session.expired', 'The page is too old. Reload it; what you typed is kept.'],
            429 => ['too_many', 'Too many tries. Wait a minute and try again.'],
            default => ['http.'.$status, $error->getMessage() ?: 'The request could not be met.'],
        };
        $response = self::response($status, $reason, $detail);
        $response->headers->add($error->getHeaders());
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }

    private static function unexpected(Throwable $error): JsonResponse
    {
        return self::response(500, 'unexpected', config('app.debug') === true
            ? $error::class.': '.$error->getMessage()
            : 'Something went wrong on our side. It has been noted; what you typed is kept.');
    }

    /** @return list<array<string, mixed>> */
    private static function violations(ValidationException $error): array
    {
        $violations = [];
        foreach ($error->errors() as $key => $messages) {
            foreach ((array) $messages as $message) {
                $violations[] = ['key' => $key, 'reason' => 'not_allowed', 'value' => null, 'allowed' => $message, 'message' => $message];
            }
        }

        return array_slice($violations, 0, InputRefused::MOST_SAID);
    }

    /** @param  list<array<string, mixed>>  $violations */
    private static function response(int $status, string $reason, string $detail, array $violations = []): JsonResponse
    {
        return new JsonResponse([
            'type' => 'about:blank',
            'title' => JsonResponse::$statusTexts[$status] ?? 'Page Expired',
            'status' => $status,
            'detail' => $detail,
            'reason' => $reason,
            'violations' => $violations,
        ], $status, ['Content-Type' => 'application/problem+json'], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }
}
