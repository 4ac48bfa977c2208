<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the house answers, for a program that watches it. Without a session, and without a word about what is in it. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        try {
            DB::select('select 1');
            $database = true;
        } catch (Throwable) {
            $database = false;
        }

        return new JsonResponse(
            ['status' => $database ? 'ok' : 'down', 'database' => $database], $database ? 200 : 503, ['Cache-Control' => 'no-store'],
        );
    }
}
