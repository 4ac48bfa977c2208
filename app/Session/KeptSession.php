<?php

declare(strict_types=1);

namespace App\Session;

use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions are kept for people who are signed in; a stranger's request leaves nothing behind, neither a file nor a cookie. Over TLS the
 * cookie is bound to this very host.
 */
final class KeptSession extends StartSession
{
    private const BOUND = '__Host-';

    public function handle($request, Closure $next)
    {
        $name = config('session.cookie');
        if ($request->isSecure() && is_string($name) && ! str_starts_with($name, self::BOUND)) {
            config(['session.cookie' => self::BOUND.$name, 'session.secure' => true, 'session.path' => '/', 'session.domain' => null]);
        }

        return parent::handle($request, $next);
    }

    /** Whether somebody is signed in by a session. */
    public static function isKept(Session $session): bool
    {
        $guard = Auth::guard('web');

        return $guard instanceof SessionGuard && $session->has($guard->getName());
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (self::isKept($session)) {
            parent::addCookieToResponse($response, $session);
        }
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        if (self::isKept($request->session())) {
            parent::saveSession($request);
        }
    }
}
