<?php

declare(strict_types=1);

namespace App\Models;

use App\Record\Happening;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One line of the record of the house.
 *
 * @property int $id
 * @property Carbon $at
 * @property string $who name at that time; empty for a stranger
 * @property string $whence address of the machine
 * @property string $what
 * @property string $about
 */
final class Event extends Model
{
    public $timestamps = false;

    protected $fillable = ['at', 'person_id', 'who', 'whence', 'what', 'about'];

    /** @var array<string, string> */
    protected $casts = ['at' => 'datetime'];

    /** @return array{id: int, at: string, who: string, whence: string, what: string, label: string, about: string} */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'at' => $this->at->toIso8601ZuluString(), 'who' => $this->who, 'whence' => $this->whence,
            'what' => $this->what,
            'label' => Happening::tryFrom($this->what)?->label() ?? $this->what, 'about' => $this->about,
        ];
    }
}
