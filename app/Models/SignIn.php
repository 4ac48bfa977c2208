<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One place where a person is, or was, signed in.
 *
 * @property int $id
 * @property int $person_id
 * @property string $digest of the word that its session holds
 * @property string $whence address of the machine
 * @property string $machine program and machine, in a few words
 * @property Carbon $began_at
 * @property Carbon $seen_at
 * @property Carbon|null $ended_at
 */
final class SignIn extends Model
{
    public $timestamps = false;

    protected $fillable = ['person_id', 'digest', 'whence', 'machine', 'began_at', 'seen_at', 'ended_at'];

    /** @var array<string, string> */
    protected $casts = ['began_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime'];

    /** @return array<string, mixed> */
    public function resource(string $present): array
    {
        return [
            'id' => $this->id, 'machine' => $this->machine, 'whence' => $this->whence,
            'began_at' => $this->began_at->toIso8601ZuluString(), 'seen_at' => $this->seen_at->toIso8601ZuluString(),
            'present' => $this->digest === $present,
        ];
    }
}
