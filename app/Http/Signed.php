<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Person;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;

/** Who asks, and whether they may. Every route that is not for everyone goes through here. */
final class Signed
{
    /** @throws AuthenticationException */
    public static function person(Request $request): Person
    {
        $person = $request->user();
        if (! $person instanceof Person || ! $person->active) {
            throw new AuthenticationException;
        }

        return $person;
    }

    /** @throws AuthenticationException|AuthorizationException */
    public static function editor(Request $request): Person
    {
        $person = self::person($request);

        return $person->mayEdit() ? $person : throw new AuthorizationException;
    }

    /** @throws AuthenticationException|AuthorizationException */
    public static function reviewer(Request $request): Person
    {
        $person = self::person($request);

        return $person->mayReview() ? $person : throw new AuthorizationException;
    }

    /** @throws AuthenticationException|AuthorizationException */
    public static function administrator(Request $request): Person
    {
        $person = self::person($request);

        return $person->mayAdminister() ? $person : throw new AuthorizationException;
    }
}
