<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Http\Call;
use App\Problems\Problem;
use BraveAnvil\Away\Answers;
use BraveAnvil\Bench\Extra;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What of a circuit takes longer to work out or to send, asked for by itself: its own picture, without the solution. Nothing is kept. */
final class ExtraController
{
    /** @throws Problem */
    #[Call('ExtraAnswer', takes: 'CircuitToSolve', query: ['with'])]
    public function __invoke(Request $request): Response
    {
        $with = $request->query('with');
        $extra = is_string($with) ? Extra::tryFrom($with) : null;
        if ($extra === null) {
            $names = implode(', ', array_column(Extra::cases(), 'value'));
            throw new Problem(422, 'no_extra', 'Nothing of this name', "Ask for one of: $names.");
        }
        $answer = Answers::extra(CircuitDocument::toSolve(json_decode($request->getContent(), true, 20)), $extra);

        return new Response(
            json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 200,
            ['Content-Type' => 'application/json'],
        );
    }
}
