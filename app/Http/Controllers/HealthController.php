<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Carried\CarriedCore;
use App\Record\Turns;
use Illuminate\Http\JsonResponse;

/** Whether the house answers, for a program that watches it. Without a session, and without a word about what is in it. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        $database = Turns::isThere();

        return new JsonResponse(
            [
                'status' => $database ? 'ok' : 'down', 'database' => $database,
                'carried_differences' => $database ? CarriedCore::differences() : 0,
            ], $database ? 200 : 503, ['Cache-Control' => 'no-store'],
        );
    }
}
