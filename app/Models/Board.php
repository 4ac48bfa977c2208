<?php

declare(strict_types=1);

namespace App\Models;

use App\Boards\BoardTree;
use App\Record\Stored;
use App\Sheet\RevisionState;
use App\Sheet\SheetStore;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Records\Board\BoardForm;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A board of a site with its feeder.
 *
 * @property int $id
 * @property int $site_id
 * @property string $tag
 * @property int|null $fed_by the board that feeds it
 * @property string $typed its document as JSON text, without circuits and boards
 * @property int $version
 * @property string|null $solved what the core made of it last, as JSON text
 * @property string $worst `stop`, `caution`, `note` or `none`
 * @property string $core version that solved it
 * @property Carbon|null $stale_at since when that is no longer so
 * @property int|null $updated_by
 * @property Carbon $updated_at
 * @property Site $site
 * @property Person|null $editor
 */
final class Board extends Model
{
    use SoftDeletes;

    protected $guarded = ['id'];

    protected $dateFormat = 'Y-m-d H:i:s.uO';

    /** @var array<string, string> */
    protected $casts = ['stale_at' => 'datetime'];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function editor(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'updated_by');
    }

    /** Where the page shows it. */
    public function address(): string
    {
        return "/boards/$this->id";
    }

    /** @return HasMany<Circuit, $this> */
    public function circuits(): HasMany
    {
        return $this->hasMany(Circuit::class)->whereNull('archived_at')->orderBy('board_position')->orderBy('tag');
    }

    /**
     * A line of the list.
     *
     * @return array<string, mixed>
     */
    public function row(): array
    {
        return Stored::row("board $this->id", fn (): array => $this->listed($this->shown()),
            fn (string $why): array => $this->listed([], $why));
    }

    /**
     * The whole board.
     *
     * @return array<string, mixed>
     */
    public function resource(): array
    {
        $placed = [];
        foreach ($this->circuits()->get()->all() as $circuit) {
            $placed[] = [
                'id' => $circuit->id, 'tag' => $circuit->tag, 'drives' => $circuit->drives,
                'place' => $circuit->board_place === null ? (object) [] : Stored::plain($circuit->board_place),
            ];
        }
        $book = (new RuleBooks(Tables::shipped()))->named($this->site->rule_book);
        $others = self::query()->where('site_id', $this->site_id)->whereKeyNot($this->id)->orderBy('tag')->get(['id', 'tag', 'fed_by']);

        return [
            'id' => $this->id, 'site' => $this->site->resource(), 'tag' => $this->tag, 'version' => $this->version,
            'fed_by' => $this->fed_by, 'typed' => Stored::plain($this->typed), 'stale' => $this->isStale(),
            'placed' => $placed, 'updated_by' => $this->editor?->name, 'updated_at' => $this->updated_at->toIso8601ZuluString(),
            'others' => array_values($others->map(static fn (self $one): array => [
                'id' => $one->id, 'tag' => $one->tag, 'fed_by' => $one->fed_by,
            ])->all()),
            'form' => $book === null ? ['groups' => [], 'lists' => []] : (new BoardForm($book))->toArray(),
            'solved' => $this->solved === null ? null : Stored::plain($this->solved), 'in_force' => $this->inForce(),
        ];
    }

    /** @return array{id: int, number: int, name: string, unchanged: bool}|null its sheet that is in force */
    private function inForce(): ?array
    {
        $kept = Revision::inState($this, RevisionState::Issued);

        return $kept === null ? null : [
            'id' => $kept->id, 'number' => $kept->number, 'name' => $kept->name,
            'unchanged' => SheetStore::isStill($kept, BoardTree::around($this), $this),
        ];
    }

    /** Whether the workers have yet to come to it. */
    private function isStale(): bool
    {
        return BoardTree::rootOf($this)->stale_at !== null;
    }

    /** @return array<string, string> figures of it by key, as they are shown */
    private function shown(): array
    {
        $solved = $this->solved === null ? [] : Stored::map($this->solved);
        $shown = [];
        foreach (is_array($solved['figures'] ?? null) ? $solved['figures'] : [] as $figure) {
            if (is_array($figure) && is_string($figure['key'] ?? null) && is_string($figure['shown'] ?? null)) {
                $shown[$figure['key']] = $figure['shown'];
            }
        }

        return $shown;
    }

    /**
     * @param  array<string, string>  $shown
     * @return array<string, mixed>
     */
    private function listed(array $shown, string $problem = ''): array
    {
        return [
            'id' => $this->id, 'tag' => $this->tag, 'fed_by' => $this->fed_by, 'worst' => $problem === '' ? $this->worst : 'stop',
            'circuits' => (int) $this->getAttribute('circuits_count'), 'demand' => $shown['feeder.demand'] ?? null,
            'device' => $shown['feeder.scpd_rating'] ?? null, 'conductors' => $shown['feeder.size'] ?? null,
            'fault' => $shown['feeder.fault_current'] ?? null, 'dip' => $shown['feeder.start_dip'] ?? null,
            'loading' => $shown['feeder.transformer_loading'] ?? null, 'problem' => $problem,
        ];
    }
}
