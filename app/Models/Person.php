<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Carbon;

/**
 * Somebody who signs in.
 *
 * @property int $id
 * @property string $name
 * @property string $login
 * @property string $password
 * @property string $role `viewer`, `electrician`, `reviewer` or `administrator`
 * @property bool $active
 * @property int $version
 * @property Carbon|null $standing_read_at when the page on the standing of the results was read
 */
final class Person extends User
{
    public const ROLES = ['viewer', 'electrician', 'reviewer', 'administrator'];

    protected $table = 'people';

    protected $fillable = ['name', 'login', 'password', 'role', 'active', 'standing_read_at', 'version'];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed', 'active' => 'boolean', 'standing_read_at' => 'datetime'];

    public function mayEdit(): bool
    {
        return in_array($this->role, ['electrician', 'reviewer', 'administrator'], true);
    }

    /** Whether sheets are signed by this person: a licensed or supervising one. */
    public function mayReview(): bool
    {
        return $this->role === 'reviewer';
    }

    public function mayAdminister(): bool
    {
        return $this->role === 'administrator';
    }

    /** @return array<string, mixed> */
    public function resource(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'login' => $this->login, 'role' => $this->role, 'active' => $this->active,
            'standing_read' => $this->standing_read_at !== null, 'version' => $this->version,
        ];
    }
}
