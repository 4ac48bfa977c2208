<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A round through an area.
 *
 * @property int $id
 * @property int $site_id
 * @property string $area empty for the whole site
 * @property int $begun_by
 * @property Carbon|null $ended_at
 * @property Carbon $created_at
 * @property Site $site
 * @property Person $person
 * @property Collection<int, RoundCheck> $checks
 */
final class Round extends Model
{
    protected $fillable = ['site_id', 'area', 'begun_by', 'ended_at'];

    /** @var array<string, string> */
    protected $casts = ['ended_at' => 'datetime'];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'begun_by');
    }

    /** @return HasMany<RoundCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(RoundCheck::class);
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'id' => $this->id, 'site' => $this->site_id, 'area' => $this->area, 'by' => $this->person->name,
            'at' => $this->created_at->toIso8601ZuluString(), 'ended' => $this->ended_at !== null,
        ];
    }
}
