<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\BoardImport;
use App\Boards\BoardStore;
use App\Boards\BoardTree;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Board;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use BraveAnvil\Records\Register\CsvText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Boards of a site, each with its feeder and the circuits on it. */
final class BoardController
{
    public function __construct(private readonly BoardStore $store)
    {
    }

    #[Call('BoardsAnswer')]
    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);
        $boards = Board::query()->where('site_id', $site->id)->withCount('circuits')->orderBy('tag')->get()->all();

        return new JsonResponse([
            'site' => $site->resource(), 'boards' => array_values(array_map(static fn (Board $board): array => $board->row(), $boards)),
        ]);
    }

    #[Call('BoardAnswer', takes: 'NewBoard')]
    public function store(Request $request, Site $site): JsonResponse
    {
        $person = Signed::editor($request);
        $read = $request->validate(['tag' => ['required', 'string', 'max:30']]);
        $board = $this->store->make($site, trim($read['tag']), $person);
        HouseRecord::note($request, Happening::BoardMade, $board->tag);

        return new JsonResponse($board->resource(), 201);
    }

    /** From a file of the open format, with the boards below it and the circuits that the site has not. */
    #[Call('BoardAnswer', takes: 'BoardDocument')]
    public function take(Request $request, Site $site, BoardImport $import): JsonResponse
    {
        $person = Signed::editor($request);
        /** @var array{document: array<array-key, mixed>} $read */
        $read = $request->validate(['document' => ['required', 'array']]);
        $board = $import->take($site, $read['document'], $person);
        HouseRecord::note($request, Happening::BoardMade, $board->tag);

        return new JsonResponse($board->resource(), 201);
    }

    /** Each board that no other feeds, with all below it, one a line. */
    #[Call(Call::FILE)]
    public function lines(Request $request, Site $site): Response
    {
        Signed::person($request);
        $lines = '';
        foreach (Board::query()->where('site_id', $site->id)->whereNull('fed_by')->orderBy('tag')->get()->all() as $board) {
            $lines .= json_encode(BoardTree::around($board)->document($board), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES |
                JSON_THROW_ON_ERROR)."\n";
        }

        return new Response($lines, 200, [
            'Content-Type' => 'application/x-ndjson; charset=utf-8', 'Content-Disposition' => 'attachment; filename="boards.jsonl"',
        ]);
    }

    /** The list as a table. */
    #[Call(Call::FILE)]
    public function table(Request $request, Site $site): Response
    {
        Signed::person($request);
        $boards = Board::query()->where('site_id', $site->id)->withCount('circuits')->orderBy('tag')->get()->all();
        $tags = array_column(array_map(static fn (Board $board): array => [$board->id, $board->tag], $boards), 1, 0);
        $rows = [['Board', 'Fed by', 'Circuits', 'Demand', 'Feeder device', 'Feeder size', 'Fault current', 'Deepest dip',
            'Transformer load',
            'Findings']];
        foreach ($boards as $board) {
            $row = $board->row();
            $cells = [
                $row['tag'], $tags[$board->fed_by ?? 0] ?? '', $row['circuits'], $row['demand'], $row['device'], $row['conductors'],
                $row['fault'], $row['dip'], $row['loading'], $row['worst'] === 'none' ? '' : $row['worst'],
            ];
            $rows[] = array_map(static fn (mixed $cell): string => is_scalar($cell) ? (string) $cell : '', $cells);
        }

        return new Response(CsvText::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="boards.csv"',
        ]);
    }

    #[Call('BoardAnswer')]
    public function show(Request $request, Board $board): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($board->resource());
    }

    /** @throws Problem where somebody else has changed it meanwhile */
    #[Call('BoardAnswer', takes: 'BoardBody')]
    public function update(Request $request, Board $board): JsonResponse
    {
        $person = Signed::editor($request);
        /** @var array{version: int, tag: string, fed_by?: int|null, typed?: array<array-key, mixed>, circuits?: list<array{id: int,
            place?: array<array-key, mixed>}>} $read */
        $read = $request->validate([
            'version' => ['required', 'integer', 'between:1,2000000000'], 'tag' => ['required', 'string', 'max:30'],
            'fed_by' => ['nullable', 'integer', 'between:1,2000000000'], 'typed' => ['present', 'array'],
            'circuits' => ['present', 'array', 'list', 'max:300'], 'circuits.*' => ['array'],
            'circuits.*.id' => ['required', 'integer', 'between:1,2000000000', 'distinct'], 'circuits.*.place' => ['nullable', 'array'],
            'circuits.*.place.*' => ['nullable', static function (string $path, mixed $value, callable $fail): void {
                if (! is_scalar($value) || mb_strlen((string) $value) > 60) {
                    $fail('Text, a number, true or false.');
                }
            }],
        ]);
        $tag = trim($read['tag']);
        $kept = $this->store->save($board, $read['version'], $tag, $read['fed_by'] ?? null, $read['typed'] ?? [], array_map(
            static fn (array $one): array => ['id' => $one['id'], 'place' => $one['place'] ?? []], $read['circuits'] ?? [],
        ), $person);

        return new JsonResponse($kept->resource());
    }

    #[Call(takes: 'SeenVersion')]
    public function destroy(Request $request, Board $board): Response
    {
        Signed::editor($request);
        $version = $request->validate(['version' => ['required', 'integer', 'between:1,2000000000']])['version'];
        $this->store->remove($board, $version);
        HouseRecord::note($request, Happening::BoardRemoved, $board->tag);

        return new Response('', 204);
    }

    /** The board with all that it feeds, in the open format. */
    #[Call(Call::FILE)]
    public function document(Request $request, Board $board): Response
    {
        Signed::person($request);
        $tree = BoardTree::around($board);

        return new Response(json_encode(
            $tree->document($board), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
        )."\n", 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.preg_replace('~[^A-Za-z0-9-]+~', '-', $board->tag).'.json"',
        ]);
    }
}
