<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Problems\Problem;
use BraveAnvil\Bench;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A circuit in, its solution out; nothing is kept. */
final class SolveController
{
    /** @throws Problem */
    public function __invoke(Request $request): Response
    {
        // The text is read here again: the framework trims typed values and turns empty ones into null.
        $document = CircuitDocument::from(json_decode($request->getContent(), true, 20));

        // Every starting method beside the chosen one takes longer: it is asked for by itself, so that typing stays quick.
        $comparing = $request->query('compare') === 'methods';

        return new Response(
            Bench::solve($document->data, comparing: $comparing)->toJson(), 200, ['Content-Type' => 'application/json'],
        );
    }
}
