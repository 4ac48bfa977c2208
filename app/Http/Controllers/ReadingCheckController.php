<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\ReadingReader;
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
        $read = ReadingReader::read([[
            'kind' => $request->string('kind')->toString(), 'at' => '2000-01-01', 'values' => $request->array('values'),
            'load_percent' => $request->filled('load_percent') ? $request->string('load_percent')->toString() : null,
        ]], RuleBookName::isAmerican($request->string('rule_book')->toString()));
        $errors = array_filter($read->errors, static fn (FieldError $one): bool => $one->kind !== ErrorKind::Missing);

        return new JsonResponse(['errors' => array_values(array_map(static fn (FieldError $one): array => [
            'path' => (string) preg_replace('~^readings\[0\]\.~', '', $one->path), 'text' => $one->text, 'accepted' => $one->accepted,
        ], $errors))]);
    }
}
