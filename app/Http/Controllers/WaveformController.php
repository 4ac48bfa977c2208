<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\ReadingStore;
use App\Http\Call;
use App\Http\PastTime;
use App\Http\Signed;
use App\Models\Circuit;
use App\Problems\Problem;
use BraveAnvil\Away\Answers;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Physics\Waveform\Analysis;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A file of samples in, its analysis out; kept as a reading of a circuit on demand. The file itself is never kept. */
final class WaveformController
{
    public function __construct(private readonly ReadingStore $store)
    {
    }

    /** @throws Problem */
    #[Call('WaveformAnswer', takes: Call::BYTES, query: ['options'])]
    public function analyse(Request $request): JsonResponse
    {
        return new JsonResponse(Answers::waveform(self::analysis($request)));
    }

    /** @throws Problem */
    #[Call('Reading', takes: Call::BYTES, query: ['options', 'instrument', 'note', 'taken_at'])]
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'instrument' => ['required', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:500'],
            'taken_at' => ['nullable', new PastTime],
        ]);
        $analysis = self::analysis($request);
        if ($analysis->figures === []) {
            throw new Problem(
                422, 'nothing_measured', 'Nothing measured', 'This file has no result to save.',
                array_map(
                    static fn (FieldError $error): array => [
                        'path' => $error->path, 'text' => $error->text, 'accepted' => $error->accepted,
                    ],
                    $analysis->errors,
                ),
            );
        }

        $reading = $this->store->keep(
            $circuit, 'power', 'waveform', self::options($request), $analysis->figures,
            $request->string('instrument')->toString(),
            $request->string('note')->toString(),
            ReadingController::taken($request), $person,
        );

        return new JsonResponse($reading->resource(), 201);
    }

    private static function analysis(Request $request): Analysis
    {
        return Analysis::of($request->getContent(), self::options($request));
    }

    /** @return array<string, mixed> */
    private static function options(Request $request): array
    {
        $options = $request->query('options', '{}');
        $read = json_decode(is_string($options) ? $options : '', true, 6);
        if (! is_array($read)) {
            throw new Problem(400, 'not_json', 'Not JSON', 'The options are not a JSON object.');
        }

        return array_intersect_key($read, ['columns' => 0, 'rate' => 0, 'system' => 0, 'time_unit' => 0]);
    }
}
