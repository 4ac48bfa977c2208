<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every error of the interface in one shape. */
final class ProblemRenderer
{
    public static function render(Throwable $exception): JsonResponse
    {
        $problem = match (true) {
            $exception instanceof Problem => $exception,
            $exception instanceof AuthenticationException => new Problem(401, 'not_signed_in', 'Not signed in', 'Sign in first.'),
            $exception instanceof AuthorizationException => new Problem(
                403, 'not_allowed', 'Not allowed', 'Your role does not allow this.',
            ),
            $exception instanceof ModelNotFoundException => new Problem(404, 'not_found', 'Not found', 'This does not exist.'),
            $exception instanceof TokenMismatchException => new Problem(
                419, 'session_over', 'Your session has ended', 'Sign in again. Your entries are kept.',
            ),
            $exception instanceof ValidationException => new Problem(
                422, 'invalid', 'Some fields need correcting', 'See the marked fields.', self::fields($exception),
            ),
            $exception instanceof HttpExceptionInterface => self::http($exception),
            $exception instanceof PDOException && self::isAway($exception) => new Problem(
                503, 'away', 'Database not available', 'The database does not answer. Your entries are kept on this device, and saving '.
                'is tried again.',
            ),
            default => new Problem(
                500, 'fault', 'Server error', 'This is our fault. Your entries are still on this device. Try again.',
            ),
        };
        $headers = match (true) {
            $exception instanceof HttpExceptionInterface => $exception->getHeaders(),
            $problem->status === 503 => ['Retry-After' => '5'],
            default => [],
        };

        return new JsonResponse(
            [
                'type' => 'urn:brave-anvil:problem:'.$problem->type,
                'title' => $problem->title, 'status' => $problem->status, 'detail' => $problem->getMessage(),
                'errors' => $problem->errors, ...$problem->more,
            ],
            $problem->status, [...$headers, 'Content-Type' => 'application/problem+json'],
        );
    }

    /** Whether no connection could be made, or the one there was is gone: no matter of the request. */
    private static function isAway(PDOException $fault): bool
    {
        $state = (string) ($fault->errorInfo[0] ?? $fault->getCode());

        return preg_match('~^(08|57P0|53300)~', $state) === 1
            || preg_match(
                '~connection refused|server closed the connection|could not connect|no connection to the server~i', $fault->getMessage(),
            ) === 1;
    }

    private static function http(HttpExceptionInterface $exception): Problem
    {
        $status = $exception->getStatusCode();

        return match ($status) {
            403 => new Problem(403, 'not_allowed', 'Not allowed', 'Your role does not allow this.'),
            404 => new Problem(404, 'not_found', 'Not found', 'This does not exist.'),
            405 => new Problem(405, 'wrong_method', 'Wrong method', 'This action is not possible here.'),
            419 => new Problem(419, 'session_over', 'Your session has ended', 'Sign in again. Your entries are kept.'),
            429 => new Problem(429, 'too_many', 'Too many attempts', 'Wait one minute, then try again.'),
            default => new Problem($status, 'refused', 'Request rejected', 'The request was rejected.'),
        };
    }

    /** @return list<array{path: string, text: string, accepted: string}> */
    private static function fields(ValidationException $exception): array
    {
        $fields = [];
        foreach ($exception->errors() as $path => $messages) {
            $fields[] = [
                'path' => (string) $path,
                'text' => is_array($messages) && is_string($messages[0] ?? null) ? $messages[0] : 'Invalid value.',
                'accepted' => '',
            ];
        }

        return $fields;
    }
}
