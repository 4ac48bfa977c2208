<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Import;
use App\Models\ImportRow;
use App\Models\Person;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Stored;
use Illuminate\Bus\Batch;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;

/** Imports from the sending of a file to the last row: read and looked at first, then written by the workers in pieces. */
final class ImportStore
{
    /** Rows of one piece, which is one transaction. */
    public const PIECE = 200;

    private const FOLDER = 'app/papers';

    /** Of their own, so that no paper of anybody holds them up: one worker takes these first, the other papers. */
    private const QUEUE = 'imports';

    /** After so long what was read of a file is thrown away; what was kept of it stays. */
    private const KEPT_DAYS = 30;

    /** Begins with a file: a worker reads it. */
    public function begin(Site $site, string $what, string $name, string $bytes, Person $person): Import
    {
        $this->forgetOld();
        $file = Str::lower(Str::random(40)).'.import';
        $path = storage_path(self::FOLDER.'/'.$file);
        file_put_contents($path, $bytes);
        chmod($path, 0600);
        $import = Import::query()->create([
            'site_id' => $site->id, 'what' => $what, 'name' => Str::limit($name, 190, ''), 'file' => $file,
            'state' => ImportState::Reading->value,
            'message' => '', 'columns' => '[]', 'chosen' => '{}', 'sheets' => '[]', 'sheet' => '', 'rows' => 0, 'asked_by' => $person->id,
        ]);
        ReadImport::dispatch($import->id)->onQueue(self::QUEUE);

        return $import;
    }

    /**
     * Reads the file again with columns as a person chose them.
     *
     * @param  array<int, string|null>  $chosen
     *
     * @throws Problem when something of it is written already
     */
    public function choose(Import $import, array $chosen): Import
    {
        $this->move($import, [ImportState::Preview, ImportState::Failed], ImportState::Reading,
            ['chosen' => json_encode((object) $chosen, JSON_THROW_ON_ERROR)]);
        ReadImport::dispatch($import->id)->onQueue(self::QUEUE);

        return $import->refresh();
    }

    /**
     * Reads another sheet of the workbook; what was chosen for the columns of the first counts no more.
     *
     * @throws Problem when the workbook has no such sheet, or something of it is written already
     */
    public function turnTo(Import $import, string $sheet): Import
    {
        if (! in_array($sheet, $import->sheetNames(), true)) {
            throw new Problem(422, 'no_sheet', 'No such sheet', 'Choose a sheet of the file.', [
                ['path' => 'sheet', 'text' => 'The file has no sheet of this name.', 'accepted' => implode(', ', $import->sheetNames())],
            ]);
        }
        $this->move($import, [ImportState::Preview, ImportState::Failed], ImportState::Reading, ['chosen' => '{}', 'sheet' => $sheet]);
        ReadImport::dispatch($import->id)->onQueue(self::QUEUE);

        return $import->refresh();
    }

    /** @throws Problem when it is not looked at yet, or under way already */
    public function apply(Import $import): Import
    {
        $open = $this->undecided($import);
        if ($open !== [] && $import->state === ImportState::Preview->value) {
            throw new Problem(
                409, 'columns_undecided', 'Some columns need a decision',
                'Choose a field for '.implode(', ', $open).', or mark it as not used. Nothing was written.',
            );
        }
        $this->move($import, [ImportState::Preview, ImportState::Cancelled], ImportState::Applying);
        $numbers = ImportRow::query()->where('import_id', $import->id)->where('applied', false)->whereIn('action', ['new', 'changed'])
            ->orderBy('number')->pluck('id');
        $pieces = [];
        $numbers->chunk(self::PIECE)->each(static function ($ids) use (&$pieces, $import): void {
            $pieces[] = new ApplyImport($import->id, array_values(array_map(intval(...), $ids->all())));
        });
        if ($pieces === []) {
            Import::query()->whereKey($import->id)->update(['state' => ImportState::Done->value]);

            return $import->refresh();
        }
        $id = $import->id;
        $batch = Bus::batch($pieces)->onQueue(self::QUEUE)->name("import $id")->allowFailures()
            ->finally(static function () use ($id): void {
                Import::query()->whereKey($id)->where('state', ImportState::Applying->value)->update(['state' => ImportState::Done->value]);
            })->dispatch();
        Import::query()->whereKey($import->id)->update(['batch_id' => $batch->id]);

        return $import->refresh();
    }

    /** @return list<string> columns with cells of which nobody said what they fill */
    private function undecided(Import $import): array
    {
        $open = [];
        $columns = Stored::map($import->columns);
        foreach ($columns as $column) {
            if (is_array($column) && ($column['decided'] ?? true) === false) {
                $open[] = trim((is_string($column['letter'] ?? null) ? $column['letter'] : '').' '.
                    (is_string($column['head'] ?? null) ? $column['head'] : ''));
            }
        }

        return $open;
    }

    /** What is written by then stays, and is told. */
    public function cancel(Import $import): Import
    {
        $this->move($import, [ImportState::Reading, ImportState::Preview, ImportState::Applying], ImportState::Cancelled);
        $batch = $import->batch_id === null ? null : Bus::findBatch($import->batch_id);
        if ($batch instanceof Batch && ! $batch->finished()) {
            $batch->cancel();
        }

        return $import->refresh();
    }

    public static function path(Import $import): string
    {
        return storage_path(self::FOLDER.'/'.$import->file);
    }

    /**
     * @param  list<ImportState>  $from
     * @param  array<model-property<Import>, mixed>  $more
     *
     * @throws Problem when it is in another state by now
     */
    private function move(Import $import, array $from, ImportState $to, array $more = []): void
    {
        $moved = Import::query()->whereKey($import->id)->whereIn('state',
            array_map(static fn (ImportState $state): string => $state->value, $from))
            ->update(['state' => $to->value, ...$more]);
        if ($moved === 0) {
            throw new Problem(409, 'wrong_state', 'Status has changed', 'This import is now '.$import->refresh()->stateInWords().'.');
        }
    }

    private function forgetOld(): void
    {
        /** @var Collection<int, Import> $past */
        $past = Import::query()->where('created_at', '<', Carbon::now()->subDays(self::KEPT_DAYS))->limit(20)->get();
        foreach ($past as $old) {
            @unlink(self::path($old));
            $old->delete();
        }
    }
}
