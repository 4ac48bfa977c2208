<?php

declare(strict_types=1);

namespace App\Register;

use App\Boards\BoardStore;
use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Circuits\ReadingStore;
use App\Models\Circuit;
use App\Models\Import;
use App\Models\ImportRow;
use App\Models\Person;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Records\Register\RowAction;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/**
 * Writes some rows of an import in one transaction. A row that is written is marked in the same transaction, so that a piece which is
 * begun again after a worker was killed writes nothing twice.
 */
final class ApplyImport implements ShouldQueue
{
    use Batchable;
    use Queueable;

    public int $tries = 5;

    public int $timeout = 100;

    /** @param  list<int>  $rows */
    public function __construct(private readonly int $import, private readonly array $rows)
    {
    }

    public function handle(CircuitStore $circuits, ReadingStore $readings, BoardStore $boards): void
    {
        if ($this->batch()?->cancelled() === true) {
            return;
        }
        $import = Import::query()->with('site', 'person')->findOrFail($this->import);
        DB::transaction(function () use ($import, $circuits, $readings, $boards): void {
            /** @var Collection<int, ImportRow> $rows */
            $rows = ImportRow::query()->whereKey($this->rows)->where('applied', false)->orderBy('number')->lockForUpdate()->get();
            foreach ($rows as $row) {
                try {
                    $import->what === 'readings'
                        ? $this->reading($row, $readings, $import->person) : $this->circuit($row, $circuits, $boards, $import);
                    ImportRow::query()->whereKey($row->id)->update(['applied' => true]);
                } catch (Problem $problem) {
                    $this->refuse($row, $problem);
                }
            }
        });
    }

    /** What no worker could write: its rows say so, and the others go on. */
    public function failed(): void
    {
        ImportRow::query()->whereKey($this->rows)->where('applied', false)->update([
            'action' => RowAction::Refuse->value, 'problems' => json_encode([[
                'column' => '', 'cell' => '', 'text' => 'This row and the rows beside it could not be written. The reason is in the log.',
                'accepted' => 'Import this row again in a file of its own.',
            ]], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
        ]);
    }

    private function circuit(ImportRow $row, CircuitStore $circuits, BoardStore $boards, Import $import): void
    {
        $typed = Stored::map($row->document);
        $board = is_array($typed['board'] ?? null) && is_string($typed['board']['tag'] ?? null) ? $typed['board']['tag'] : null;
        unset($typed['board']);
        $document = CircuitDocument::from($typed);
        if ($row->action === RowAction::Create->value) {
            $made = $circuits->create($import->site, $document, $import->person);
            if ($board !== null && $board !== '') {
                $boards->place($made, $board, $import->person);
            }

            return;
        }
        $circuit = Circuit::query()->with('site', 'editor')->find($row->circuit_id)
            ?? throw new Problem(409, 'gone', 'Circuit removed', 'The circuit no longer exists.');
        $saved = $circuits->save($circuit, $row->version ?? 0, $document, $import->person);
        if ($board !== null) {
            $boards->place($saved, $board, $import->person);
        }
    }

    private function reading(ImportRow $row, ReadingStore $readings, Person $person): void
    {
        $reading = Stored::map($row->document);
        $circuit = Circuit::query()->with('site')->find($row->circuit_id)
            ?? throw new Problem(409, 'gone', 'Circuit removed', 'The circuit no longer exists.');
        ReadingRows::keep($circuit, $reading, $readings, $person);
    }

    private function refuse(ImportRow $row, Problem $problem): void
    {
        $text = $problem->type === 'edit_conflict'
            ? 'Someone else changed this circuit after the file was read. Read the file again.'
            : ($problem->errors[0]['text'] ?? $problem->getMessage());
        ImportRow::query()->whereKey($row->id)->update([
            'action' => RowAction::Refuse->value,
            'problems' => json_encode(
                [['column' => '', 'cell' => '', 'text' => $text, 'accepted' => '']], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            ),
        ]);
    }
}
