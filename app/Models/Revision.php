<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use App\Sheet\RevisionState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
 * @property string|null $context its site, settings and readings; null on those that were kept before there were sheets
 * @property Person $author
 * @property Circuit $circuit
 * @property Collection<int, RevisionStep> $steps in their order
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'number', 'name', 'draft', 'solution', 'core', 'context', 'created_by'];

    /** @return BelongsTo<Person, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'created_by');
    }

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    /** @return HasMany<RevisionStep, $this> */
    public function steps(): HasMany
    {
        $steps = $this->hasMany(RevisionStep::class);
        $steps->orderBy('id');

        return $steps;
    }

    /** The latest one of a circuit in a state, or null; `$but` is left out. */
    public static function inState(int $circuit, RevisionState $state, ?int $but = null): ?self
    {
        // The state follows from the steps: what each of them kept is not fetched for it.
        /** @var Collection<int, self> $revisions */
        $revisions = self::query()->with('steps')->where('circuit_id', $circuit)->orderByDesc('number')
            ->get(['id', 'circuit_id', 'number']);
        $found = $revisions->first(static fn (self $one): bool => $one->id !== $but && $one->state() === $state);

        return $found === null ? null : self::query()->with('steps')->findOrFail($found->id);
    }

    public function state(): RevisionState
    {
        return RevisionState::after($this->steps->last()?->step);
    }

    /** What it was last sent to review for; empty on a draft that never was. */
    public function kind(): string
    {
        return $this->steps->last(static fn (RevisionStep $step): bool => $step->kind !== '')->kind ?? '';
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'id' => $this->id, 'number' => $this->number, 'name' => $this->name, 'core' => $this->core,
            'created_by' => $this->author->name, 'created_at' => $this->created_at->toIso8601ZuluString(),
            'state' => $this->state()->value, 'kind' => $this->kind(),
            'steps' => $this->steps->map(static fn (RevisionStep $step): array => $step->resource())->values()->all(),
        ];
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            ...$this->row(),
            'circuit' => Stored::plain($this->draft),
            'solution' => Stored::plain($this->solution),
        ];
    }
}
