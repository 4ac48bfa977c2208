<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Carried\CarriedCore;
use App\Circuits\CircuitDocument;
use App\Http\Call;
use App\Problems\Problem;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A circuit in, its solution out; nothing is kept. */
final class SolveController
{
    /** @throws Problem */
    #[Call('Solution', takes: 'CircuitToSolve')]
    public function __invoke(Request $request): Response
    {
        // The text is read here again: the framework trims typed values and turns empty ones into null.
        $document = CircuitDocument::toSolve(json_decode($request->getContent(), true, 20));

        // The page asks for what takes longer by itself; whoever has no page gets it with the rest.
        $with = $request->query('with');
        $extra = is_string($with) ? Extra::tryFrom($with) : null;
        $solution = Bench::solve($document, null, ...$extra === null ? [] : [$extra]);

        return new Response($solution->toJson(), 200, [
            'Content-Type' => 'application/json', 'X-Core-Archive' => CarriedCore::archive(),
        ]);
    }
}
