<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitList;
use App\Circuits\CircuitStore;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Circuit;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Circuits: the yard's list, one circuit, its draft. */
final class CircuitController
{
    /** At a free tag for a new circuit. */
    private const TRIES = 40;

    public function __construct(private readonly CircuitStore $store)
    {
    }

    #[Call('Register',
        query: ['site', 'search', 'worst', 'area', 'starting', 'device', 'cable', 'board', 'down', 'archived', 'page', 'sort', 'group'])]
    public function index(Request $request): JsonResponse
    {
        Signed::person($request);
        $query = $request->validate([
            'site' => ['nullable', 'integer', 'between:1,2000000000'], 'search' => ['nullable', 'string', 'max:100'],
            'worst' => ['nullable', 'string', 'max:10'], 'area' => ['nullable', 'string', 'max:60'],
            'starting' => ['nullable', 'string', 'max:30'], 'device' => ['nullable', 'string', 'max:80'],
            'cable' => ['nullable', 'string', 'max:60'], 'board' => ['nullable', 'integer', 'between:1,2000000000'],
            'down' => ['nullable', 'boolean'],
            'archived' => ['nullable', 'boolean'], 'page' => ['nullable', 'integer', 'min:1', 'max:10000'],
        ]);
        $list = CircuitList::of($query, $request->string('search')->toString(), $request->boolean('archived'));
        $page = $request->integer('page', 1);
        $rows = $list->page($page, $request->string('sort', 'tag')->toString(), $request->boolean('down'));

        return new JsonResponse([
            'circuits' => $rows->map(static fn (Circuit $circuit): array => $circuit->row())->values(),
            'total' => $list->count(), 'page' => $page, 'page_size' => CircuitList::PAGE,
            'groups' => $list->groups($request->string('group')->toString()),
        ]);
    }

    #[Call('CircuitResource', takes: 'NewCircuit')]
    public function store(Request $request): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['site_id' => ['required', 'integer', 'between:1,2000000000'], 'key' => ['nullable', 'string', 'max:60']]);
        $site = Site::query()->findOrFail($request->integer('site_id'));
        $typed = self::circuit($request);
        if ($typed !== null) {
            $made = $this->store->create($site, CircuitDocument::from($typed), $person, $request->string('key')->toString());

            return new JsonResponse($made->resource(), 201);
        }
        // Others may take the same free tag at the same time: the next one is free then.
        for ($try = 1; ; $try++) {
            try {
                return new JsonResponse($this->store->create($site, CircuitDocument::from($this->blank($site)), $person)->resource(),
                    201);
            } catch (Problem $problem) {
                if ($problem->type !== 'tag_taken' || $try === self::TRIES) {
                    throw $problem;
                }
            }
        }
    }

    #[Call('CircuitResource')]
    public function show(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($circuit->load('site', 'editor')->resource());
    }

    #[Call('Saved', takes: 'CircuitBody')]
    public function update(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['version' => ['required', 'integer', 'between:1,2000000000'], 'key' => ['nullable', 'string', 'max:40']]);
        $saved = $this->store->save(
            $circuit->load('site'), $request->integer('version'),
            CircuitDocument::from(self::circuit($request)),
            $person, $request->string('key')->toString(),
        );

        return new JsonResponse([
            'id' => $saved->id, 'version' => $saved->version, 'updated_at' => $saved->updated_at->toIso8601ZuluString(),
            'updated_by' => $saved->editor?->name,
        ]);
    }

    /** Takes a circuit out of the yard, as the person has seen it; it and its revisions are kept. */
    #[Call(takes: 'SeenVersion')]
    public function destroy(Request $request, Circuit $circuit): Response
    {
        $person = Signed::editor($request);
        $request->validate(['version' => ['required', 'integer', 'between:1,2000000000']]);
        if ($this->store->archive($circuit->load('site', 'editor'), $request->integer('version'), $person)) {
            HouseRecord::note($request, Happening::CircuitArchived, $circuit->tag);
        }

        return new Response(status: 204);
    }

    /** Brings an archived circuit back into the yard. */
    #[Call('CircuitResource')]
    public function restore(Request $request, Circuit $circuit): JsonResponse
    {
        $restored = $this->store->restore($circuit->load('site', 'editor'), Signed::editor($request));
        HouseRecord::note($request, Happening::CircuitRestored, $restored->tag);

        return new JsonResponse($restored->resource());
    }

    /** The circuit exactly as it was sent: the framework would trim what was typed. */
    private static function circuit(Request $request): mixed
    {
        $body = json_decode($request->getContent(), true, 20);

        return is_array($body) ? ($body['circuit'] ?? null) : null;
    }

    /**
     * A new circuit of a site: its supply, and a tag that is free.
     *
     * @return array<string, mixed>
     */
    private function blank(Site $site): array
    {
        $taken = Circuit::query()->where('site_id', $site->id)->where('tag', 'like', 'NEW-%')->pluck('tag')->all();
        $number = 1;
        while (in_array('NEW-'.$number, $taken, true)) {
            $number++;
        }

        return [
            'format' => 'brave-anvil.circuit/1',
            'tag' => 'NEW-'.$number,
            'rule_book' => $site->rule_book, 'supply' => $site->supply, 'plate' => [], 'load' => [], 'starter' => [], 'cable' => [],
            'guard' => [], 'correction' => [], 'settings' => [],
        ];
    }
}
