<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurityPolicy;
use App\Problems\Problem;
use App\Problems\ProblemRenderer;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // The page and its interface are one origin; nothing is shared across origins.
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [ContentSecurityPolicy::class]);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A problem is an answer, not a fault: nothing to log.
        $exceptions->dontReport(Problem::class);
        // By the address as it was sent: one that is no text at all is a problem too.
        $isApi = static fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/');
        $exceptions->shouldRenderJsonWhen($isApi);
        $exceptions->render(
            static fn (Throwable $exception, Request $request) => $isApi($request) ? ProblemRenderer::render($exception) : null,
        );
    })
    ->create();
