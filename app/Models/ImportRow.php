<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;

/**
 * One row of a file, and what would be done with it.
 *
 * @property int $id
 * @property int $import_id
 * @property int $number as the file counts its lines
 * @property string $tag
 * @property string $action
 * @property string $document JSON of what would be kept
 * @property int|null $circuit_id that there is
 * @property int|null $version of it when the file was read
 * @property string $differences JSON list
 * @property string $problems JSON list
 * @property string $cells JSON list, as they stood in the file
 * @property bool $applied
 */
final class ImportRow extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'import_id', 'number', 'tag', 'action', 'document', 'circuit_id', 'version', 'differences', 'problems', 'cells', 'applied',
    ];

    /** @var array<string, string> */
    protected $casts = ['applied' => 'boolean'];

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'number' => $this->number, 'tag' => $this->tag, 'action' => $this->action, 'applied' => $this->applied,
            ...Stored::row("row $this->number of import $this->import_id", fn (): array => [
                'changes' => array_map(
                    static fn (mixed $change): array => is_array($change) ? $change + ['read' => ''] : throw Stored::damaged(),
                    array_values(Stored::map($this->differences)),
                ),
                'problems' => array_map(
                    static fn (mixed $problem): array => is_array($problem) ? $problem : throw Stored::damaged(),
                    array_values(Stored::map($this->problems)),
                ),
            ], static fn (string $why): array => [
                'changes' => [], 'problems' => [['column' => '', 'cell' => '', 'text' => $why, 'accepted' => '']],
            ]),
        ];
    }
}
