<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\BoardStore;
use App\Circuits\CircuitStore;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Revision;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Named revisions of a circuit or a board. There is no way to change or delete one. */
final class RevisionController
{
    public function __construct(private readonly CircuitStore $store)
    {
    }

    #[Call('RevisionsAnswer')]
    public function index(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        return self::listed($circuit);
    }

    #[Call('RevisionsAnswer')]
    public function ofBoard(Request $request, Board $board): JsonResponse
    {
        Signed::person($request);

        return self::listed($board);
    }

    #[Call('RevisionRow', takes: 'NewRevision')]
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['name' => ['required', 'string', 'max:80'], 'version' => ['required', 'integer', 'between:1,2000000000']]);

        return new JsonResponse(
            $this->store->revise($circuit, $request->integer('version'), $request->string('name')->trim()->toString(), $person)->row(),
            201,
        );
    }

    #[Call('RevisionRow', takes: 'NewRevision')]
    public function storeOfBoard(Request $request, Board $board, BoardStore $boards): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['name' => ['required', 'string', 'max:80'], 'version' => ['required', 'integer', 'between:1,2000000000']]);

        return new JsonResponse(
            $boards->revise($board, $request->integer('version'), $request->string('name')->trim()->toString(), $person)->row(), 201,
        );
    }

    private static function listed(Circuit|Board $subject): JsonResponse
    {
        /** @var Collection<int, Revision> $revisions */
        $revisions = Revision::ofSubject($subject)->with('author', 'steps.person')->orderByDesc('number')
            ->get(['id', 'number', 'name', 'core', 'created_by', 'created_at']);

        return new JsonResponse(['revisions' => $revisions->map(static fn (Revision $revision): array => $revision->row())->values()]);
    }

    #[Call('Revision')]
    public function show(Request $request, Revision $revision): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($revision->load('author', 'steps.person')->resource());
    }
}
