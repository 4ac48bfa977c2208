<?php

declare(strict_types=1);

namespace App\Models;

use App\Problems\Problem;
use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What happened to a motor, when, and who wrote it down. The database lets it be withdrawn once, and nothing else.
 *
 * @property int $id
 * @property int $circuit_id
 * @property string $kind
 * @property string $values
 * @property Carbon $happened_at
 * @property Carbon $created_at
 * @property Carbon|null $withdrawn_at
 * @property string $withdrawn_why
 * @property Person $recorder
 * @property Person|null $withdrawer
 */
final class LogEntry extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'kind', 'values', 'happened_at', 'recorded_by'];

    /** @var array<string, string> */
    protected $casts = ['happened_at' => 'datetime', 'withdrawn_at' => 'datetime'];

    /** @return BelongsTo<Person, $this> */
    public function recorder(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'recorded_by');
    }

    /** @return BelongsTo<Person, $this> */
    public function withdrawer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'withdrawn_by');
    }

    /** @return array<string, mixed> for the core */
    public function document(): array
    {
        return [
            'kind' => $this->kind, 'at' => $this->happened_at->toIso8601ZuluString(),
            'values' => Stored::row("log entry $this->id", fn (): array => Stored::map($this->values), static fn (): array => []),
        ];
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind, 'happened_at' => $this->happened_at->toIso8601ZuluString(),
            'recorded_by' => $this->recorder->name, 'values' => (object) Stored::row(
                "log entry $this->id", fn (): array => self::texts(Stored::map($this->values)),
                static fn (string $why): array => ['what' => $why],
            ),
            'withdrawn' => $this->withdrawn_at === null ? null : [
                'at' => $this->withdrawn_at->toIso8601ZuluString(), 'by' => $this->withdrawer->name ?? '', 'why' => $this->withdrawn_why,
            ],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     *
     * @throws Problem where one is no text
     */
    private static function texts(array $values): array
    {
        return array_filter($values, is_array(...)) === [] ? $values : throw Stored::damaged();
    }
}
