<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** A strict policy: own scripts and styles only, the inline ones by nonce; and the PHP that a page carries, which runs in a worker. */
final class ContentSecurityPolicy
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        // The hot server of development needs its own origin and socket.
        $hot = Vite::isRunningHot() ? trim((string) file_get_contents(Vite::hotFile())) : '';
        $socket = str_replace('http', 'ws', $hot);
        $response->headers->set(
            'Content-Security-Policy',
            trim(
                preg_replace(
                    '/ +/', ' ',
                    implode('; ', [
                        "default-src 'none'",
                        "script-src 'self' 'wasm-unsafe-eval' 'nonce-$nonce' $hot",
                        "style-src 'self' 'nonce-$nonce' $hot",
                        "img-src 'self' data: blob: $hot",
                        "font-src 'self' $hot",
                        "connect-src 'self' $hot $socket",
                        "manifest-src 'self'",
                        "worker-src 'self'",
                        "base-uri 'none'",
                        "form-action 'self'",
                        "frame-ancestors 'none'",
                    ]),
                ) ?? '',
            ),
        );

        return $response;
    }
}
