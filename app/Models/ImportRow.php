<?php

declare(strict_types=1);

namespace App\Models;

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
        $changes = json_decode($this->differences, true, 8, JSON_THROW_ON_ERROR);

        return [
            'number' => $this->number, 'tag' => $this->tag, 'action' => $this->action, 'applied' => $this->applied,
            'changes' => array_map(
                static fn (mixed $change): array => is_array($change) ? $change + ['read' => ''] : [],
                is_array($changes) ? array_values($changes) : [],
            ),
            'problems' => json_decode($this->problems, true, 8, JSON_THROW_ON_ERROR),
        ];
    }
}
