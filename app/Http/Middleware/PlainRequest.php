<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What asks in an address is text in UTF-8, one value a name: anything else is refused before anybody makes something of it. */
final class PlainRequest
{
    /** Of a name with its port: a name has 253 characters at most, and stands on papers with what comes behind it. */
    private const LONGEST_HOST = 150;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Problem
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (strlen($request->getHttpHost()) > self::LONGEST_HOST) {
            throw new Problem(400, 'not_text', 'Unknown host', 'This is not a valid host name.');
        }
        foreach ($request->query->all() as $name => $value) {
            // The framework makes nothing of an empty one.
            $value ??= '';
            if (! is_string($value) || ! self::isPlain($value) || ! self::isPlain((string) $name)) {
                throw new Problem(400, 'not_text', 'Not text', 'A value in the address is not plain text.', [
                    ['path' => self::isPlain((string) $name) ? (string) $name : '', 'text' => 'This is not plain text.',
                        'accepted' => 'UTF-8 text.'],
                ]);
            }
        }

        return $next($request);
    }

    /** Without NUL, and valid UTF-8. */
    public static function isPlain(string $text): bool
    {
        return ! str_contains($text, "\0") && preg_match('~~u', $text) === 1;
    }
}
