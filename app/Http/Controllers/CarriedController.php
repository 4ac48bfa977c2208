<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Carried\CarriedCore;
use App\Http\Call;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;

/** The core that a page carries with it, to solve where there is no network. */
final class CarriedController
{
    /** @throws Problem where the page was built without it */
    #[Call('CarriedParts')]
    public function parts(): JsonResponse
    {
        $parts = CarriedCore::parts();
        if ($parts === null) {
            throw new Problem(404, 'not_carried', 'Not here', 'This server has no copy for use without a network.');
        }

        return new JsonResponse($parts, 200, ['Cache-Control' => 'no-store']);
    }

    /** A tablet and the service solved one circuit with one core, and not alike: a defect, whoever is right. */
    #[Call(takes: 'CarriedDifference')]
    public function differs(Request $request): Response
    {
        $request->validate(['path' => ['required', 'string', 'max:200'], 'archive' => ['required', 'string', 'max:64']]);
        if ($request->string('archive')->toString() === CarriedCore::archive()) {
            CarriedCore::count();
            Log::warning('A solution of a tablet differs at '.$request->string('path')->toString());
        }

        return new Response(status: 204);
    }
}
