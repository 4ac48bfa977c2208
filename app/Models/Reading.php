<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A measurement taken in the field: what was typed, what followed, with which instrument, when and by whom. The database
 * lets it be withdrawn once, and nothing else.
 *
 * @property int $id
 * @property int $circuit_id
 * @property string $method
 * @property string $instrument
 * @property string $note
 * @property string $values
 * @property string $figures
 * @property string $core
 * @property Carbon $taken_at
 * @property Carbon|null $withdrawn_at
 * @property string $withdrawn_why
 * @property Person $taker
 * @property Person|null $withdrawer
 */
final class Reading extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'method', 'instrument', 'note', 'values', 'figures', 'core', 'taken_at', 'taken_by'];

    /** @var array<string, string> */
    protected $casts = ['taken_at' => 'datetime', 'withdrawn_at' => 'datetime'];

    /** @return BelongsTo<Person, $this> */
    public function taker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'taken_by');
    }

    /** @return BelongsTo<Person, $this> */
    public function withdrawer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'withdrawn_by');
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'method' => $this->method, 'instrument' => $this->instrument, 'note' => $this->note, 'core' => $this->core,
            'taken_at' => $this->taken_at->toIso8601ZuluString(), 'taken_by' => $this->taker->name,
            'values' => (object) json_decode($this->values, true, 8, JSON_THROW_ON_ERROR),
            'figures' => json_decode($this->figures, true, 16, JSON_THROW_ON_ERROR),
            'withdrawn' => $this->withdrawn_at === null
                    ? null
                    : [
                        'at' => $this->withdrawn_at->toIso8601ZuluString(),
                        'by' => $this->withdrawer->name ?? '',
                        'why' => $this->withdrawn_why,
                    ],
        ];
    }
}
