<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurityPolicy;
use App\Problems\Problem;
use App\Problems\ProblemRenderer;
use App\Session\KeptSession;
use App\Session\SessionToken;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // The page and its interface are one origin; nothing is shared across origins.
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [ContentSecurityPolicy::class], replace: [
            StartSession::class => KeptSession::class, ValidateCsrfToken::class => SessionToken::class,
        ]);
        // Only this machine's own proxy speaks to the application: where a request came from, and whether by TLS, is its word.
        $middleware->trustProxies(at: ['127.0.0.1']);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A problem is an answer, not a fault: nothing to log.
        $exceptions->dontReport(Problem::class);
        // By the address as it was sent: one that is no text at all is a problem too.
        $isApi = static fn (Request $request): bool => preg_match('~^/api(/|$)~', $request->getPathInfo()) === 1;
        $exceptions->shouldRenderJsonWhen($isApi);
        $exceptions->render(
            // Who brings an answer along, such as the limit of tries, keeps it.
            static fn (Throwable $exception, Request $request) => $isApi($request) && ! $exception instanceof HttpResponseException
                ? ProblemRenderer::render($exception)
                : null,
        );
    })
    ->create();
