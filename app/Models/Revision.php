<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use App\Sheet\RevisionState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use LogicException;

/**
 * A named state of a circuit, or of a board, with its solution. The database itself refuses to change or delete one.
 *
 * @property int $id
 * @property int|null $circuit_id
 * @property int|null $board_id where it is one of a board
 * @property int $number
 * @property string $name
 * @property string $draft
 * @property string $solution
 * @property string $core
 * @property int $created_by
 * @property Carbon $created_at
 * @property string|null $context its site, settings and readings; null on those that were kept before there were sheets
 * @property Person $author
 * @property Circuit|null $circuit
 * @property Board|null $board
 * @property Collection<int, RevisionStep> $steps in their order
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['circuit_id', 'board_id', 'number', 'name', 'draft', 'solution', 'core', 'context', 'created_by'];

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

    /** @return BelongsTo<Board, $this> */
    public function board(): BelongsTo
    {
        $board = $this->belongsTo(Board::class);
        $board->withTrashed();

        return $board;
    }

    /** What it is a state of. */
    public function subject(): Circuit|Board
    {
        return $this->circuit ?? $this->board ?? throw new LogicException("Revision $this->id is of nothing.");
    }

    /**
     * Those of a circuit or a board.
     *
     * @return Builder<self>
     */
    public static function ofSubject(Circuit|Board $subject): Builder
    {
        return self::query()->where($subject instanceof Board ? 'board_id' : 'circuit_id', $subject->id);
    }

    /** @return HasMany<RevisionStep, $this> */
    public function steps(): HasMany
    {
        $steps = $this->hasMany(RevisionStep::class);
        $steps->orderBy('id');

        return $steps;
    }

    /** The latest one of a circuit or a board in a state, or null; `$but` is left out. */
    public static function inState(Circuit|Board $subject, RevisionState $state, ?int $but = null): ?self
    {
        // The state follows from the steps: what each of them kept is not fetched for it.
        /** @var Collection<int, self> $revisions */
        $revisions = self::ofSubject($subject)->with('steps')->orderByDesc('number')->get(['id', 'number']);
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
