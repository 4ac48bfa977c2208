<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Files are sent as they are, up to the size that the proxy lets through. */
final class LimitUpload
{
    public const LARGEST_BYTES = 24_000_000;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Problem
     */
    public function handle(Request $request, Closure $next): Response
    {
        if (strlen($request->getContent()) > self::LARGEST_BYTES) {
            throw new Problem(413, 'too_large', 'Request too large', 'The limit is 24 MB.');
        }

        return $next($request);
    }
}
