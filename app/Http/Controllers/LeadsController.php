<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Problems\Problem;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Stations\Start\Wiring\UnmarkedLeads;
use BraveAnvil\Tables\Tables;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Names the unmarked leads of a motor from what was found with a meter; nothing is kept. */
final class LeadsController
{
    #[Call('NamedLeads', takes: 'AskedLeads')]
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate([
            'rule_book' => ['required', 'string'],
            'pairs' => ['present', 'array', 'max:3'], 'pairs.*' => ['array', 'size:2'], 'pairs.*.*' => ['integer', 'between:1,6'],
            'second_forward' => ['nullable', 'boolean'], 'third_forward' => ['nullable', 'boolean'],
        ]);
        $marks = (new RuleBooks(Tables::shipped()))->named($request->string('rule_book')->toString())?->terminals();
        if ($marks === null) {
            throw new Problem(422, 'no_rule_book', 'Unknown rule book', 'Choose one from the list.');
        }
        $pairs = [];
        foreach ((array) $request->input('pairs') as $pair) {
            if (is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null)) {
                $pairs[] = [(int) $pair[0], (int) $pair[1]];
            }
        }
        $named = UnmarkedLeads::named(
            $pairs, $this->needle($request, 'second_forward'), $this->needle($request, 'third_forward'), $marks->starts,
            $marks->endsOfWindings(),
        );

        return new JsonResponse(['labels' => (object) $named->labels, 'refusal' => $named->refusal]);
    }

    private function needle(Request $request, string $name): ?bool
    {
        return $request->filled($name) ? $request->boolean($name) : null;
    }
}
