<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A file that is read into a site.
 *
 * @property int $id
 * @property int $site_id
 * @property string $what `circuits` or `readings`
 * @property string $name as the person's file is called
 * @property string $file as it is kept
 * @property string $state `reading`, `preview`, `applying`, `done`, `cancelled` or `failed`
 * @property string $message why it failed
 * @property string $columns JSON list of heads with what they fill
 * @property string $chosen JSON object of paths that a person chose, by place of the column
 * @property string $sheets JSON list of the sheets of a workbook
 * @property string $sheet the one that is read; empty for the one that fits best
 * @property int $rows
 * @property string|null $batch_id work that applies it
 * @property int $asked_by
 * @property Carbon $created_at
 * @property Site $site
 * @property Person $person
 */
final class Import extends Model
{
    protected $fillable = [
        'site_id', 'what', 'name', 'file', 'state', 'message', 'columns', 'chosen', 'sheets', 'sheet', 'rows', 'batch_id', 'asked_by',
    ];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'asked_by');
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        $counts = ['new' => 0, 'changed' => 0, 'unchanged' => 0, 'refused' => 0];
        $applied = 0;
        $rows = ImportRow::query()->where('import_id', $this->id)->toBase()
            ->selectRaw('action, applied, count(*) as number')->groupBy('action', 'applied')->get();
        foreach ($rows as $row) {
            $number = is_numeric($row->number ?? null) ? (int) $row->number : 0;
            if (is_string($row->action ?? null) && isset($counts[$row->action])) {
                $counts[$row->action] += $number;
            }
            $applied += ($row->applied ?? false) === true ? $number : 0;
        }

        $columns = Stored::row("import $this->id", fn (): array => Stored::map($this->columns), static fn (): array => []);
        $whole = static fn (mixed $column): array => [...is_array($column) ? $column : [], ...array_diff_key(
            ['decided' => true, 'unit' => '', 'examples' => []], is_array($column) ? $column : [],
        )];

        return [
            'id' => $this->id, 'site' => $this->site_id, 'what' => $this->what, 'name' => $this->name, 'state' => $this->state,
            'message' => $this->message, 'rows' => $this->rows,
            'columns' => array_map($whole, array_values($columns)),
            'sheets' => $this->sheetNames(), 'sheet' => $this->sheet,
            'counts' => $counts, 'applied' => $applied, 'by' => $this->person->name, 'at' => $this->created_at->toIso8601ZuluString(),
        ];
    }

    /** @return list<string> of a workbook; none of text */
    public function sheetNames(): array
    {
        return array_values(array_filter(Stored::row("import $this->id", fn (): array => Stored::map($this->sheets),
            static fn (): array => []), is_string(...)));
    }

    /** Where it stands, in the middle of a sentence. */
    public function stateInWords(): string
    {
        return match ($this->state) {
            'reading' => 'being read', 'preview' => 'ready to check', 'applying' => 'being written', 'done' => 'completed',
            'cancelled' => 'cancelled', default => 'failed',
        };
    }
}
