<?php

declare(strict_types=1);

namespace App\Session;

use App\Problems\ProblemRenderer;
use App\Record\Happening;
use App\Record\HouseRecord;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/**
 * Wrong passwords for one name from one address are answered ever later. Only there: whoever guesses at a colleague’s name locks
 * nobody out who sits elsewhere.
 */
final class SignInDelay
{
    /** Wrong tries that anybody may make, by a slip of the finger. */
    private const FREE = 5;

    private const LONGEST_SECONDS = 60;

    /** After so long without a wrong one all is forgotten. */
    private const KEPT_SECONDS = 900;

    /** @return int seconds until the next try is looked at; 0 where it is now */
    public static function left(Request $request): int
    {
        $until = Cache::get(self::key($request).':until');

        return is_int($until) ? max(0, $until - now()->getTimestamp()) : 0;
    }

    /** One more wrong one: 1 s, 2 s, 4 s and so on from the sixth on. */
    public static function wrong(Request $request): void
    {
        $key = self::key($request);
        Cache::add($key, 0, self::KEPT_SECONDS);
        $wrong = Cache::increment($key);
        $over = (is_int($wrong) ? $wrong : self::FREE + 1) - self::FREE;
        if ($over > 0) {
            $seconds = min(self::LONGEST_SECONDS, 2 ** min($over - 1, 10));
            Cache::put("$key:until", now()->getTimestamp() + $seconds, self::KEPT_SECONDS);
        }
    }

    public static function right(Request $request): void
    {
        Cache::forget(self::key($request));
        Cache::forget(self::key($request).':until');
    }

    /** The name as it is looked up, whatever was put around it. */
    public static function login(Request $request): string
    {
        $login = $request->input('login');

        return is_string($login) ? Str::lower((string) preg_replace('~[^a-z0-9.-]+~i', '', mb_substr($login, 0, 60))) : '';
    }

    /**
     * Too many tries: written down once a minute for each address, so that guessing does not fill the record.
     *
     * @param  array<string, mixed>  $headers
     */
    public static function refuse(Request $request, array $headers): Response
    {
        if (Cache::add('too-many-tries:'.$request->ip(), true, 60)) {
            HouseRecord::note($request, Happening::TooManyTries, 'as '.self::login($request));
        }

        return ProblemRenderer::render(new TooManyRequestsHttpException(null, '', null, 0, $headers));
    }

    private static function key(Request $request): string
    {
        return 'sign-in:'.hash('sha256', self::login($request).'|'.$request->ip());
    }
}
