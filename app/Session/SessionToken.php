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
        return $request->isMethod('POST') && $request->is('api/session') && $this->isJsonAlone($request) && $this->isOfThisOrigin($request);
    }

    /** By its media type, not by what may stand behind it: other sites may send every kind of text. */
    private function isJsonAlone(Request $request): bool
    {
        return strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0])) === 'application/json';
    }

    /** As the browser says where a request comes from; older ones say it in `Origin` alone, other programs not at all. */
    private function isOfThisOrigin(Request $request): bool
    {
        $origin = $request->headers->get('Origin');

        return in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true)
            && ($origin === null || $origin === $request->getSchemeAndHttpHost());
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
