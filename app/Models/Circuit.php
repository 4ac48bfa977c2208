<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Circuit\SiteSettings;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One motor branch circuit: its draft, and in columns what lists and filters need (see App\Circuits\KeyFigures).
 *
 * @property int $id
 * @property int $site_id
 * @property string $tag
 * @property string $area
 * @property string $drives
 * @property string $draft the circuit document as JSON text, in the order it was typed
 * @property int $version counts every save, for optimistic locking
 * @property string $rule_book
 * @property string $worst `stop`, `caution`, `note` or `none`
 * @property int $stops
 * @property int $cautions
 * @property int $notes
 * @property int $errors
 * @property float|null $output_w
 * @property float|null $current_a
 * @property string|null $method
 * @property string|null $cable
 * @property float|null $scpd_a
 * @property float|null $dial_a
 * @property float|null $dip_percent
 * @property string $worst_says
 * @property string $worst_station
 * @property string|null $device
 * @property float|null $cable_a what the cable carries
 * @property string $says device, cable, starter and setting in words
 * @property string $core
 * @property int|null $board_id the board that feeds it
 * @property int $board_position among its circuits
 * @property string|null $board_place group, interlock and restart on it, as JSON text
 * @property string|null $feed what the board gives it, as JSON text
 * @property Board|null $board
 * @property string $save_key of the last save
 * @property int|null $updated_by
 * @property Carbon|null $archived_at
 * @property Carbon $updated_at
 * @property Site $site
 * @property Person|null $editor
 */
final class Circuit extends Model
{
    protected $guarded = ['id'];

    /** @var array<string, string> */
    protected $casts = [
        'archived_at' => 'datetime', 'output_w' => 'float', 'current_a' => 'float', 'scpd_a' => 'float', 'dial_a' => 'float',
        'dip_percent' => 'float',
    ];

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

    /** @return BelongsTo<Board, $this> */
    public function board(): BelongsTo
    {
        return $this->belongsTo(Board::class);
    }

    /** Where the page shows it. */
    public function address(): string
    {
        return "/circuits/$this->id";
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /**
     * A line of the yard.
     *
     * @return array<string, mixed>
     */
    public function row(): array
    {
        return Stored::row("circuit $this->id", $this->listed(...), fn (string $why): array => [
            'id' => $this->id, 'site_id' => $this->site_id, 'tag' => $this->tag, 'area' => $this->area, 'drives' => $why,
            'rule_book' => $this->rule_book, 'worst' => 'stop', 'stops' => 0, 'cautions' => 0, 'notes' => 0, 'errors' => 1,
            'output' => null, 'current' => null, 'starting' => null, 'cable' => null, 'device' => null, 'dial' => null, 'dip' => null,
            'board' => null,
            'worst_says' => '', 'worst_station' => null, 'updated_at' => $this->updated_at->toIso8601ZuluString(),
        ]);
    }

    /** @return array<string, mixed> */
    private function listed(): array
    {
        $book = (new RuleBooks(Tables::shipped()))->named($this->rule_book);
        $words = $book?->words();
        $shown = static fn (?float $value, Unit $unit): ?string => Shown::maybe($value, $unit)?->text;

        return [
            'id' => $this->id, 'site_id' => $this->site_id, 'tag' => $this->tag, 'area' => $this->area, 'drives' => $this->drives,
            'rule_book' => $this->rule_book, 'worst' => $this->worst, 'stops' => $this->stops, 'cautions' => $this->cautions,
            'notes' => $this->notes, 'errors' => $this->errors, 'output' => $this->output_w === null
                ? null
                : $book?->localUnits()->output($this->output_w) ?? $shown($this->output_w, Unit::Watt),
            'current' => $shown($this->current_a, Unit::Ampere),
            'starting' => $this->method === null || $words === null ? null : MethodName::tryFrom($this->method)?->label($words),
            'worst_says' => $this->worst_says, 'worst_station' => $this->worst_station === '' ? null : $this->worst_station,
            'cable' => $this->cable, 'device' => $this->device, 'dial' => $shown($this->dial_a, Unit::Ampere),
            'dip' => Shown::maybe($this->dip_percent, Unit::Percent, 2)?->text, 'board' => $this->board?->tag,
            'updated_at' => $this->updated_at->toIso8601ZuluString(),
        ];
    }

    /** @return array<array-key, mixed> what its site says of it, and what its board gives it */
    public function settings(): array
    {
        return $this->feed === null ? $this->site->settings
            : [...$this->site->settings, SiteSettings::BOARD_FEED => [...Stored::map($this->feed), 'id' => $this->board_id]];
    }

    /**
     * The whole circuit.
     *
     * @return array<string, mixed>
     */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'version' => $this->version,
            'site' => [...$this->site->resource(), 'settings' => (object) $this->settings()],
            'board' => $this->board === null ? null : ['id' => $this->board->id, 'tag' => $this->board->tag],
            'circuit' => Stored::plain($this->draft),
            'updated_at' => $this->updated_at->toIso8601ZuluString(), 'updated_by' => $this->editor?->name,
            'save_key' => $this->save_key,
        ];
    }
}
