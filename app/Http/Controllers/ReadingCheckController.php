<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use BraveAnvil\Away\Answers;
use BraveAnvil\Stations\Prove\ReadingKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Whether what is typed of a reading can be read, while it is typed; nothing is kept. */
final class ReadingCheckController
{
    #[Call('ReadingCheck', takes: 'ReadingToCheck')]
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate([
            'rule_book' => ['required', 'string', 'max:10'], 'kind' => ['required', Rule::enum(ReadingKind::class)],
            'values' => ['present', 'array', 'max:60'], 'load_percent' => ['nullable', 'string', 'max:20'],
        ]);

        return new JsonResponse(Answers::readingCheck(
            $request->string('rule_book')->toString(), $request->string('kind')->toString(), $request->array('values'),
            $request->filled('load_percent') ? $request->string('load_percent')->toString() : null,
        ));
    }
}
