<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A spare motor in the store of a site, known by its plate.
 *
 * @property int $id
 * @property int $site_id
 * @property string $name
 * @property string $place
 * @property string $plate
 * @property int $version counts every change, for optimistic locking
 * @property Carbon $updated_at
 */
final class Spare extends Model
{
    protected $fillable = ['site_id', 'name', 'place', 'plate', 'version', 'updated_by'];

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, ...Stored::row(
                "spare $this->id", fn (): array => ['place' => $this->place, 'plate' => (object) Stored::map($this->plate)],
                static fn (string $why): array => ['place' => $why, 'plate' => (object) []],
            ),
            'version' => $this->version, 'updated_at' => $this->updated_at->toIso8601ZuluString(),
        ];
    }
}
