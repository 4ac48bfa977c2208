<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\Middleware\LiveSession;
use App\Http\NewPassword;
use App\Http\Signed;
use App\Models\Person;
use App\Models\SignIn;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Session\SignInDelay;
use App\Session\SignIns;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** Signing in and out. */
final class SessionController
{
    /** Digest of a password that nobody has, as dear to check as a real one. */
    private const NOBODY = '$2y$12$7yFmfaVoIdmnN9fz4rtK7.Y4oipUgiHkYkWSEp7.XHUZVICwrZn1W';

    #[Call('SessionAnswer')]
    public function show(Request $request): JsonResponse
    {
        $person = $request->user();

        return new JsonResponse(['person' => $person instanceof Person ? $person->resource() : null]);
    }

    #[Call('SessionAnswer', takes: 'Credentials')]
    public function store(Request $request): JsonResponse|HttpResponse
    {
        $typed = $request->validate(['login' => ['required', 'string', 'max:60'], 'password' => ['required', 'string', 'max:200']]);
        $left = SignInDelay::left($request);
        if ($left > 0) {
            return SignInDelay::refuse($request, ['Retry-After' => (string) $left]);
        }
        $person = Person::query()->where('login', $typed['login'])->first();
        // A name that nobody has takes as long as one that is known.
        $right = Hash::check($typed['password'], $person->password ?? self::NOBODY);
        if (! $right || $person === null || ! $person->active) {
            SignInDelay::wrong($request);
            HouseRecord::note($request, Happening::SignInRefused, 'as '.$typed['login']);
            throw new Problem(422, 'sign_in_failed', 'Not signed in', 'Wrong name or password.', [
                ['path' => 'password', 'text' => 'Wrong name or password.', 'accepted' => ''],
            ]);
        }
        SignInDelay::right($request);
        Auth::login($person);
        $request->session()->regenerate(true);
        LiveSession::begin($request, $person);
        HouseRecord::note($request, Happening::SignedIn);

        return $this->show($request);
    }

    /** Another password for oneself; every other session of that person ends. */
    #[Call('SessionAnswer', takes: 'PasswordBody')]
    public function password(Request $request): JsonResponse
    {
        $person = Signed::person($request);
        $request->validate(['present' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', new NewPassword]]);
        if (! Hash::check($request->string('present')->toString(), $person->password)) {
            throw new Problem(422, 'wrong_password', 'Password not changed', 'This is not your present password.', [
                ['path' => 'present', 'text' => 'This is not your present password.',
                    'accepted' => 'Enter the password you signed in with.'],
            ]);
        }
        $person->forceFill(['password' => $request->string('password')->toString()])->save();
        HouseRecord::note($request, Happening::PasswordChanged, 'their own');
        LiveSession::end($person);
        $request->session()->regenerate(true);
        LiveSession::begin($request, $person);

        return $this->show($request);
    }

    /** Where oneself is signed in. */
    #[Call('SignInsAnswer')]
    public function signIns(Request $request): JsonResponse
    {
        $present = SignIns::present($request);

        return new JsonResponse([
            'sign_ins' => SignIns::of(Signed::person($request))->map(static fn (SignIn $one): array => $one->resource($present))->values(),
        ]);
    }

    /** Signs oneself out somewhere else. */
    #[Call]
    public function endOne(Request $request, SignIn $signIn): Response
    {
        abort_unless($signIn->person_id === Signed::person($request)->id, 404);
        SignIns::end($signIn);
        HouseRecord::note($request, Happening::SignInEnded, $signIn->machine);

        return new Response(status: 204);
    }

    /** Signs oneself out everywhere else. */
    #[Call]
    public function endOthers(Request $request): Response
    {
        $count = SignIns::endOthers(Signed::person($request), $request);
        HouseRecord::note($request, Happening::SignInEnded, "$count elsewhere");

        return new Response(status: 204);
    }

    #[Call]
    public function destroy(Request $request): Response
    {
        HouseRecord::note($request, Happening::SignedOut);
        SignIns::endPresent($request);
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    /** The person has read what the results are and are not. */
    #[Call('SessionAnswer')]
    public function standing(Request $request): JsonResponse
    {
        $person = Signed::person($request);
        $person->standing_read_at ??= Carbon::now();
        $person->save();

        return new JsonResponse(['person' => $person->resource()]);
    }
}
