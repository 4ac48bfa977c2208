<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\Middleware\LiveSession;
use App\Http\NewPassword;
use App\Http\Signed;
use App\Models\Person;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Record\Turns;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** People and their roles, for administrators. */
final class PersonController
{
    #[Call('PeopleAnswer')]
    public function index(Request $request): JsonResponse
    {
        Signed::administrator($request);

        /** @var Collection<int, Person> $people */
        $people = Person::query()->orderBy('name')->get();

        return new JsonResponse(['people' => $people->map(static fn (Person $person): array => $person->resource())->values()]);
    }

    #[Call('Person', takes: 'NewPerson')]
    public function store(Request $request): JsonResponse
    {
        Signed::administrator($request);
        /** @var array{name: string, login: string, role: string, password: string} $typed */
        $typed = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'login' => ['required', 'string', 'max:60', 'regex:/^[a-z0-9][a-z0-9.-]*$/', 'unique:people,login'],
            'role' => ['required', Rule::in(Person::ROLES)],
            'password' => ['required', 'string', new NewPassword],
        ]);
        $person = Person::query()->create([...$typed, 'active' => true]);
        HouseRecord::note($request, Happening::PersonMade, $person->name.', '.$person->role);

        return new JsonResponse($person->refresh()->resource(), 201);
    }

    #[Call('Person', takes: 'PersonBody')]
    public function update(Request $request, Person $person): JsonResponse
    {
        $asking = Signed::administrator($request);
        $read = $request->validate([
            'name' => ['required', 'string', 'max:80'], 'version' => ['required', 'integer', 'between:1,2000000000'],
            'role' => ['required', Rule::in(Person::ROLES)],
            'active' => ['required', 'boolean'], 'password' => ['nullable', 'string', new NewPassword],
        ]);
        if ($person->is($asking) && ($read['role'] !== 'administrator' || $read['active'] !== true)) {
            throw new Problem(
                422, 'own_account', 'Not your own account', 'You cannot take away your own administrator rights. Ask another '.
                'administrator.',
                [['path' => 'role', 'text' => 'This is your own account.', 'accepted' => 'administrator']],
            );
        }
        if (($read['password'] ?? null) === null) {
            unset($read['password']);
        }
        // Of two administrators who take each other's role at once, one stays.
        $concerned = Person::query()->where('role', 'administrator')->orWhere('id', $person->id);
        $ends = Turns::over($concerned, static function (Collection $locked) use ($read, $person, $asking): bool {
            $still = $locked->get($asking->id);
            if ($still === null || ! $still->mayAdminister() || ! $still->active) {
                throw new AuthorizationException;
            }
            $standing = $locked->get($person->id) ?? throw new ModelNotFoundException;
            if ($standing->version !== $read['version']) {
                throw new Problem(
                    409, 'edit_conflict', 'Someone else changed this user',
                    'Check the present version first. Nothing has been overwritten.',
                );
            }
            $ends = isset($read['password']) || $read['role'] !== $standing->role || $read['active'] !== $standing->active;
            $person->forceFill([...$read, 'version' => $standing->version + 1])->save();

            return $ends;
        });
        if ($ends) {
            LiveSession::end($person);
        }
        HouseRecord::note($request, Happening::PersonChanged, implode(', ', array_filter([
            $person->name, $person->role, $person->active ? '' : 'switched off', isset($read['password']) ? 'new password' : '',
        ])));

        return new JsonResponse($person->resource());
    }
}
