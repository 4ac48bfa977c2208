<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whatever changes something carries the token of its session. A stranger has no session yet, so that signing in is held to what no
 * other site can make a browser send: JSON, from a page of this one.
 */
final class SessionToken extends ValidateCsrfToken
{
    protected function inExceptArray($request): bool
    {
        /** @var Request $request */
        return $request->isMethod('POST') && $request->is('api/session') && $request->isJson() &&
            in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true);
    }

    /**
     * @param  Request  $request
     * @param  Response  $response
     */
    protected function addCookieToResponse($request, $response): Response
    {
        return KeptSession::isKept($request->session()) ? parent::addCookieToResponse($request, $response) : $response;
    }
}
