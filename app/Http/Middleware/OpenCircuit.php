<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Circuit;
use App\Problems\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An archived circuit takes nothing new: it is looked at, or brought back. */
final class OpenCircuit
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws Problem
     */
    public function handle(Request $request, Closure $next): Response
    {
        $circuit = $request->route('circuit');
        if ($circuit instanceof Circuit && $circuit->archived_at !== null && $request->method() !== 'GET') {
            throw new Problem(
                410, 'archived', 'Circuit archived', 'Someone else archived this circuit. Restore it before you add anything.',
            );
        }

        return $next($request);
    }
}
