<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets in whoever has a session of a signed-in person, without asking the database. */
final class SignedIn
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $guard = Auth::guard('web');
        if (! ($guard instanceof SessionGuard) || ! $request->session()->has($guard->getName()) && ! $guard->hasUser()) {
            throw new AuthenticationException;
        }

        return $next($request);
    }
}
