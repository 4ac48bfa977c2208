<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A named state of a circuit with its solution. The database itself refuses to change or delete one.
 *
 * @property int $id
 * @property int $circuit_id
 * @property int $number
 * @property string $name
 * @property string $draft
 * @property string $solution
 * @property string $core
 * @property int $created_by
 * @property Carbon $created_at
 * @property Person $author
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'number', 'name', 'draft', 'solution', 'core', 'created_by'];

    /** @return BelongsTo<Person, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'created_by');
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'id' => $this->id, 'number' => $this->number, 'name' => $this->name, 'core' => $this->core,
            'created_by' => $this->author->name, 'created_at' => $this->created_at->toIso8601ZuluString(),
        ];
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            ...$this->row(),
            'circuit' => json_decode($this->draft, false, 32, JSON_THROW_ON_ERROR),
            'solution' => json_decode($this->solution, false, 64, JSON_THROW_ON_ERROR),
        ];
    }
}
