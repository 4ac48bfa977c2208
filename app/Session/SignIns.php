<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Person;
use App\Models\SignIn;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/**
 * Where people are signed in. Each session holds a word of its own; the table holds its digest, and what has ended is kept beside the
 * sessions too, so that solving needs no database.
 */
final class SignIns
{
    /** Key in a session: its word. */
    private const WORD = 'sign_in';

    /** Key in a session: when its person was last written down as seen, in seconds. */
    private const SEEN = 'sign_in_seen';

    private const SEEN_EVERY_SECONDS = 300;

    private const KEPT_DAYS = 30;

    /** Of a list. */
    private const MOST = 50;

    /** Begins one for whoever has just signed in. */
    public static function begin(Request $request, Person $person): void
    {
        $word = Str::random(40);
        $request->session()->put([self::WORD => $word, self::SEEN => time()]);
        SignIn::query()->create([
            'person_id' => $person->id, 'digest' => self::digest($word), 'whence' => Str::limit((string) $request->ip(), 45, ''),
            'machine' => Device::words((string) $request->userAgent()), 'began_at' => now(), 'seen_at' => now(),
        ]);
    }

    /** Whether the session of a request was ended from elsewhere. */
    public static function isEnded(Request $request): bool
    {
        $digest = self::present($request);

        return $digest !== '' && Cache::has(self::key($digest));
    }

    /** Writes down, now and then, that somebody is still there. */
    public static function see(Request $request): void
    {
        $seen = $request->session()->get(self::SEEN);
        $digest = self::present($request);
        if ($digest !== '' && (! is_int($seen) || time() - $seen >= self::SEEN_EVERY_SECONDS)) {
            $request->session()->put(self::SEEN, time());
            SignIn::query()->where('digest', $digest)->update(['seen_at' => now()]);
        }
    }

    /** @return Collection<int, SignIn> where a person is signed in now, the latest first */
    public static function of(Person $person): Collection
    {
        $lifetime = config('session.lifetime');

        return self::open($person)
            ->where('seen_at', '>', now()->subMinutes(is_numeric($lifetime) ? (int) $lifetime : 120))
            ->get()
            ->sortByDesc('seen_at')
            ->take(self::MOST)
            ->values();
    }

    /** Ends one; a person's own ones only. */
    public static function end(SignIn $signIn): void
    {
        $signIn->forceFill(['ended_at' => $signIn->ended_at ?? now()])->save();
        Cache::put(self::key($signIn->digest), true, now()->addDays(self::KEPT_DAYS));
    }

    /** Ends every one of a person but that of a request. */
    public static function endOthers(Person $person, Request $request): int
    {
        $others = self::open($person)->where('digest', '!=', self::present($request))->get();
        $others->each(static fn (SignIn $signIn) => self::end($signIn));

        return $others->count();
    }

    /** Ends that of a request. */
    public static function endPresent(Request $request): void
    {
        SignIn::query()->where('digest', self::present($request))->whereNull('ended_at')->update(['ended_at' => now()]);
    }

    /** Digest of the word of a request's session; empty where it has none. */
    public static function present(Request $request): string
    {
        $word = $request->session()->get(self::WORD);

        return is_string($word) ? self::digest($word) : '';
    }

    /** @return Builder<SignIn> */
    private static function open(Person $person): Builder
    {
        return SignIn::query()->where(['person_id' => $person->id, 'ended_at' => null]);
    }

    private static function digest(string $word): string
    {
        return hash('sha256', $word);
    }

    private static function key(string $digest): string
    {
        return "sign-in-ended:$digest";
    }
}
