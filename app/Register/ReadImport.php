<?php

declare(strict_types=1);

namespace App\Register;

use App\Circuits\CircuitDocument;
use App\Exchange\TableFile;
use App\Models\Circuit;
use App\Models\Import;
use App\Models\ImportRow;
use App\Models\Site;
use App\Problems\PlainJson;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Records\Register\CellProblem;
use BraveAnvil\Records\Register\CellText;
use BraveAnvil\Records\Register\ChoiceWords;
use BraveAnvil\Records\Register\CircuitColumns;
use BraveAnvil\Records\Register\CircuitRow;
use BraveAnvil\Records\Register\Column;
use BraveAnvil\Records\Register\CsvText;
use BraveAnvil\Records\Register\JsonLines;
use BraveAnvil\Records\Register\Matched;
use BraveAnvil\Records\Register\ReadRow;
use BraveAnvil\Records\Register\RowAction;
use BraveAnvil\Tables\Tables;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Reads a file and says of each row what would be done with it. Nothing of the site is touched. */
final class ReadImport implements ShouldQueue
{
    use Queueable;

    /** Rows that are shown as plates, so that one sees what each column fills. */
    private const EXAMPLES = 3;

    /** A worker may be killed: another one begins again. */
    public int $tries = 5;

    public int $timeout = 100;

    public function __construct(private readonly int $import)
    {
    }

    public function handle(): void
    {
        $import = Import::query()->with('site')->find($this->import);
        if ($import === null || $import->state !== ImportState::Reading->value) {
            return;
        }
        $bytes = @file_get_contents(ImportStore::path($import));
        $read = $bytes === false
            ? new Refusal('The file is no longer available. Send it again.')
            : ($import->what === 'readings' ? ReadingRows::read($import, $bytes) : $this->circuits($import, $bytes));
        if ($read instanceof Refusal) {
            Import::query()->whereKey($import->id)->update(['state' => ImportState::Failed->value, 'message' => $read->text]);

            return;
        }
        DB::transaction(static function () use ($import, $read): void {
            ImportRow::query()->where('import_id', $import->id)->delete();
            foreach (array_chunk($read->rows, 500) as $rows) {
                ImportRow::query()->insert($rows);
            }
            Import::query()->whereKey($import->id)->where('state', ImportState::Reading->value)->update([
                'state' => ImportState::Preview->value, 'rows' => count($read->rows),
                'columns' => json_encode($read->columns, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                'message' => $read->table->note ?? '', 'sheet' => $read->table->sheet ?? '',
                'sheets' => json_encode($read->table->sheets ?? [], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
            ]);
        });
    }

    /** A file that no worker could read to its end: the import ends, and says so. */
    public function failed(): void
    {
        Import::query()->whereKey($this->import)->where('state', ImportState::Reading->value)->update([
            'state' => ImportState::Failed->value,
            'message' => 'The file could not be read completely. The reason is in the log. Split the file, or remove unusual rows.',
        ]);
    }

    private function circuits(Import $import, string $bytes): ReadRows|Refusal
    {
        $present = self::present($import);
        if (JsonLines::are($bytes)) {
            return $this->documents($import, $bytes, $present);
        }
        $table = TableFile::read($bytes, static fn (array $rows): Matched => CircuitColumns::match($rows, []),
            $import->sheet);
        if ($table instanceof Refusal) {
            return $table;
        }
        $chosen = self::chosen($import);
        $matched = CircuitColumns::match($table->rows, $chosen);
        $data = array_slice($table->rows, $matched->first, null, true);
        $columns = self::columns($matched->columns, $data);
        if (count($data) > CsvText::MOST_ROWS) {
            return new Refusal('The file has more than 20 000 rows. Split it into smaller files.');
        }
        if (! $matched->fills('tag')) {
            // Shown all the same, so that a person can choose.
            return new ReadRows([], $columns, $table);
        }
        $book = (new RuleBooks(Tables::shipped()))->named($import->site->rule_book);
        $words = $book === null ? null : new ChoiceWords($book);
        $boards = BoardColumn::of($import->site);
        [$own, $board] = BoardColumn::apart($matched->columns);
        $rows = [];
        $seen = [];
        foreach ($data as $i => $cells) {
            if (array_filter($cells, static fn (string $cell): bool => $cell !== '') === []) {
                continue;
            }
            $tag = self::tagOf($matched->columns, $cells);
            $row = CircuitRow::fromCells(
                $own, $cells, $present[$tag]['document'] ?? null, $import->site->rule_book, $import->site->supply, $words,
            );
            $row = $boards->on($row, $board, $cells, $present[$tag]['id'] ?? null);
            $rows[] = self::row($import, $i + 1, self::once($row, $tag, $seen), $present[$tag] ?? null, $cells);
        }

        return new ReadRows($rows, $columns, $table);
    }

    /**
     * One circuit a line.
     *
     * @param  array<string, array{id: int, version: int, document: array<array-key, mixed>}>  $present
     */
    private function documents(Import $import, string $bytes, array $present): ReadRows|Refusal
    {
        $lines = JsonLines::read($bytes);
        if ($lines instanceof Refusal) {
            return $lines;
        }
        $rows = [];
        $seen = [];
        foreach ($lines as $number => $line) {
            $document = json_decode($line, true, 20);
            $row = self::document($document, $present, $import->site);
            $tag = mb_strtolower($row->tag);
            $rows[] = self::row($import, $number, self::once($row, $tag, $seen), $present[$tag] ?? null, [$line]);
        }

        return new ReadRows($rows, []);
    }

    /** @param  array<string, array{id: int, version: int, document: array<array-key, mixed>}>  $present */
    private static function document(mixed $document, array $present, Site $site): ReadRow
    {
        $refused = is_array($document) ? PlainJson::refused($document) : null;
        try {
            $data = $refused === null ? CircuitDocument::from($document)->data : [];
        } catch (Problem $problem) {
            $refused = $problem->errors[0] ?? ['path' => '', 'text' => $problem->getMessage(), 'accepted' => 'One circuit per line.'];
        }
        if ($refused !== null) {
            return new ReadRow(
                '', RowAction::Refuse, [], [], [new CellProblem($refused['path'], '', $refused['text'], $refused['accepted'])],
            );
        }
        $tag = is_scalar($data['tag'] ?? null) ? mb_strtolower(trim((string) $data['tag'])) : '';

        return CircuitRow::fromDocument($data, $present[$tag]['document'] ?? null, $site->rule_book, $site->supply);
    }

    /**
     * A tag may stand in a file once.
     *
     * @param  array<string, true>  $seen
     */
    private static function once(ReadRow $row, string $tag, array &$seen): ReadRow
    {
        if ($tag === '' || ! isset($seen[$tag])) {
            $seen[$tag] = true;

            return $row;
        }

        return new ReadRow($row->tag, RowAction::Refuse, $row->document, $row->changes, [
            ...$row->problems, new CellProblem('', $row->tag, 'Duplicate tag: it is already in an earlier row.', 'Use each tag once.'),
        ]);
    }

    /**
     * @param  array{id: int, version: int, document: array<array-key, mixed>}|null  $present
     * @param  list<string>  $cells
     * @return array<string, mixed> as the table has it
     */
    private static function row(Import $import, int $number, ReadRow $row, ?array $present, array $cells): array
    {
        $json = static fn (mixed $value): string => json_encode(
            $value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR,
        );

        return [
            'import_id' => $import->id, 'number' => $number, 'tag' => mb_substr($row->tag, 0, 200), 'action' => $row->action->value,
            'document' => $json($row->document), 'circuit_id' => $present['id'] ?? null, 'version' => $present['version'] ?? null,
            'differences' => $json($row->changes), 'cells' => $row->action === RowAction::Refuse ? $json($cells) : '[]',
            'problems' => $json(array_map(static fn (CellProblem $problem): array => $problem->toArray(), $row->problems)),
            'applied' => false,
        ];
    }

    /** @return array<string, array{id: int, version: int, document: array<array-key,
        mixed>}> circuits of the site by their tag in small letters */
    private static function present(Import $import): array
    {
        $present = [];
        foreach (Circuit::query()->where('site_id', $import->site_id)->whereNull('archived_at')->get(['id', 'tag', 'version',
            'draft']) as $circuit) {
            $document = Stored::row("circuit $circuit->id", static fn (): array => Stored::map($circuit->draft),
                static fn (): array => []);
            $present[mb_strtolower($circuit->tag)] = [
                'id' => $circuit->id, 'version' => $circuit->version, 'document' => $document,
            ];
        }

        return $present;
    }

    /** @return array<int, string|null> */
    public static function chosen(Import $import): array
    {
        $chosen = [];
        $kept = Stored::map($import->chosen);
        foreach ($kept as $place => $path) {
            $chosen[(int) $place] = is_string($path) && $path !== '' ? $path : null;
        }

        return $chosen;
    }

    /**
     * @param  list<Column>  $columns
     * @param  array<int, list<string>>  $data  rows below the heads
     * @return list<array{letter: string, head: string, path: string|null, decided: bool, unit: string, examples: list<string>}> with the
         cells of its first rows
     */
    public static function columns(array $columns, array $data): array
    {
        $first = [];
        foreach ($data as $cells) {
            if (count($first) < self::EXAMPLES && array_filter($cells, static fn (string $cell): bool => $cell !== '') !== []) {
                $first[] = $cells;
            }
        }

        return array_map(static fn (Column $column): array => [
            'letter' => $column->letter(), 'head' => mb_substr($column->head, 0, 100), 'path' => $column->path,
            'decided' => $column->decided, 'unit' => $column->unit ?? '',
            'examples' => array_map(static fn (array $cells): string => mb_substr(
                CellText::read($cells[$column->place] ?? ''), 0, 60,
            ), $first),
        ], $columns);
    }

    /**
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     */
    public static function tagOf(array $columns, array $cells): string
    {
        foreach ($columns as $column) {
            if ($column->path === 'tag') {
                return mb_strtolower(CellText::read($cells[$column->place] ?? ''));
            }
        }

        return '';
    }
}
