<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use App\Models\SignIn;
use App\Session\SignIns;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session lives until its person gets another password or role, or is switched off: then every session of that person ends, wherever
 * it is. When that was is kept beside the sessions, so that solving needs no database.
 */
final class LiveSession
{
    /** Key in a session: when it was signed in, in microseconds. */
    public const SINCE = 'signed_in_us';

    private const KEPT_DAYS = 30;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $guard = Auth::guard('web');
        $id = $request->session()->get($guard->getName());
        $ended = is_int($id) ? Cache::get(self::key($id)) : null;
        $since = $request->session()->get(self::SINCE);
        if (is_int($ended) && (! is_int($since) || $since < $ended) || SignIns::isEnded($request)) {
            Auth::logout();
            $request->session()->invalidate();
            throw new AuthenticationException;
        }

        $response = $next($request);
        // Where the database was asked who it is anyway.
        if ($guard->hasUser()) {
            SignIns::see($request);
        }

        return $response;
    }

    /** Ends every session of a person that began before now. */
    public static function end(Person $person): void
    {
        Cache::put(self::key($person->id), self::now(), now()->addDays(self::KEPT_DAYS));
        SignIn::query()->where('person_id', $person->id)->whereNull('ended_at')->update(['ended_at' => now()]);
    }

    /** Begins one. */
    public static function begin(Request $request, Person $person): void
    {
        SignIns::begin($request, $person);
        $request->session()->put(self::SINCE, self::now());
    }

    private static function now(): int
    {
        return (int) (microtime(true) * 1e6);
    }

    private static function key(int $person): string
    {
        return "sessions-ended:$person";
    }
}
