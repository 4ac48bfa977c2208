<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Problems\Problem;
use BraveAnvil\Away\Answers;
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
        $named = Answers::leads(
            $request->string('rule_book')->toString(), Answers::pairs((array) $request->input('pairs')),
            $this->needle($request, 'second_forward'), $this->needle($request, 'third_forward'),
        );
        if ($named === null) {
            throw new Problem(422, 'no_rule_book', 'Unknown rule book', 'Choose one from the list.');
        }

        return new JsonResponse($named);
    }

    private function needle(Request $request, string $name): ?bool
    {
        return $request->filled($name) ? $request->boolean($name) : null;
    }
}
