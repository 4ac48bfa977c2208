<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\PlainJson;
use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Bodies are JSON objects of at most 1 MB. */
final class LimitBody
{
    public const LARGEST_BYTES = 1_000_000;

    /** Levels of a body: what is kept lies less deep than what is read back. */
    public const DEEPEST = 20;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Problem
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (in_array($request->method(), ['POST', 'PUT', 'PATCH', 'DELETE'], true)) {
            $body = $request->getContent();
            if (strlen($body) > self::LARGEST_BYTES) {
                throw new Problem(413, 'too_large', 'Request too large', 'The limit is 1 MB.');
            }
            if ($body !== '') {
                $decoded = json_decode($body, true, self::DEEPEST);
                if (! is_array($decoded) || ($decoded !== [] && array_is_list($decoded))) {
                    throw new Problem(400, 'not_json', 'Not JSON', 'The request is not a JSON object.');
                }
                $refused = PlainJson::refused($decoded);
                if ($refused !== null) {
                    throw new Problem(422, 'not_text', 'Not text', 'A value contains characters that cannot be stored.', [$refused]);
                }
            }
        }

        return $next($request);
    }
}
