<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Carried\CarriedCore;
use App\Circuits\CircuitDocument;
use App\Http\Call;
use App\Problems\Problem;
use BraveAnvil\Away\SolutionParts;
use BraveAnvil\Away\Wanted;
use BraveAnvil\Bench\Bench;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A circuit in, and of its solution what the page shows and does not hold; nothing is kept. */
final class PartsController
{
    /** @throws Problem */
    #[Call('SolutionParts', takes: 'PartsToSolve')]
    public function __invoke(Request $request): Response
    {
        $asked = json_decode($request->getContent(), true, 21);
        $asked = is_array($asked) ? $asked : [];
        $document = CircuitDocument::toSolve($asked['circuit'] ?? null);
        $wanted = Wanted::read(is_array($asked['want'] ?? null) ? $asked['want'] : []);

        return new Response(SolutionParts::json(Bench::solve($document), $wanted), 200, [
            'Content-Type' => 'application/json', 'X-Core-Archive' => CarriedCore::archive(),
        ]);
    }
}
