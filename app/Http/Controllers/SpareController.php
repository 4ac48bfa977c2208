<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Site;
use App\Models\Spare;
use App\Problems\Problem;
use App\Record\Turns;
use BraveAnvil\Records\Replace\Replacement;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Spare motors of a site, and whether one fits in the place of another. */
final class SpareController
{
    #[Call('SparesAnswer')]
    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);

        /** @var Collection<int, Spare> $spares */
        $spares = Spare::query()->where('site_id', $site->id)->orderBy('name')->limit(500)->get();

        return new JsonResponse(['spares' => $spares->map(static fn (Spare $spare): array => $spare->resource())->values()]);
    }

    #[Call('Spare', takes: 'NewSpare')]
    public function store(Request $request, Site $site): JsonResponse
    {
        $person = Signed::editor($request);

        return new JsonResponse(self::saved(new Spare(['site_id' => $site->id]), $request, $person->id)->resource(), 201);
    }

    #[Call('Spare', takes: 'SpareBody')]
    public function update(Request $request, Spare $spare): JsonResponse
    {
        $person = Signed::editor($request);

        return new JsonResponse(self::saved($spare, $request, $person->id, self::version($request))->resource());
    }

    #[Call(takes: 'SeenVersion')]
    public function destroy(Request $request, Spare $spare): Response
    {
        Signed::editor($request);
        if (Spare::query()->whereKey($spare->id)->where('version', self::version($request))->delete() === 0) {
            throw self::conflict($spare);
        }

        return new Response(status: 204);
    }

    /** The circuit with its motor against another plate; nothing is kept. */
    #[Call('ReplacementAnswer', takes: 'OfferedMotor')]
    public function check(Request $request): JsonResponse
    {
        $body = json_decode($request->getContent(), true, 20);
        $circuit = CircuitDocument::toSolve(is_array($body) ? ($body['circuit'] ?? null) : null);
        $plate = CircuitDocument::from(['plate' => is_array($body) ? ($body['plate'] ?? null) : null]);

        return new JsonResponse(Replacement::check($circuit, $plate->section('plate')));
    }

    /** The version that a person has seen. */
    private static function version(Request $request): int
    {
        $request->validate(['version' => ['required', 'integer', 'between:1,2000000000']]);

        return $request->integer('version');
    }

    private static function conflict(Spare $spare): Problem
    {
        $current = Spare::query()->find($spare->id);

        return $current === null
            ? new Problem(404, 'not_found', 'Not found', 'Someone else removed this motor from the spares.')
            : new Problem(
                409, 'edit_conflict', 'Someone else changed this spare', 'Check the present version first. Nothing has been overwritten.',
                [],
                ['current' => $current->resource()],
            );
    }

    /** @param  int|null  $version  that the person has seen; null for a new one */
    private static function saved(Spare $spare, Request $request, int $person, ?int $version = null): Spare
    {
        $request->validate(['name' => ['required', 'string', 'max:80'], 'place' => ['nullable', 'string', 'max:120']]);
        $body = json_decode($request->getContent(), true, 20);
        $plate = CircuitDocument::from(['plate' => is_array($body) ? ($body['plate'] ?? null) : null])->section('plate');
        foreach (is_array($plate['second'] ?? null) ? $plate['second'] : [] as $name => $value) {
            if ($value !== null && ! is_scalar($value)) {
                throw new Problem(422, 'wrong_type', 'Some values have the wrong type', 'See the marked fields.', [
                    ['path' => "plate.second.$name", 'text' => 'A nameplate has no value of this type.',
                        'accepted' => 'Text or a number.'],
                ]);
            }
        }
        try {
            // In a transaction of its own, so that a refused name does not spoil one around it.
            Turns::whole(static function () use ($spare, $request, $plate, $person, $version): void {
                $written = [
                    'name' => $request->string('name')->trim()->toString(),
                    'place' => $request->string('place')->trim()->toString(),
                    'plate' => json_encode((object) $plate, JSON_THROW_ON_ERROR),
                    'version' => 1 + (int) $version, 'updated_by' => $person,
                ];
                if ($version === null) {
                    $spare->fill($written)->save();
                } elseif (Spare::query()->whereKey($spare->id)->where('version', $version)->update($written) === 0) {
                    throw self::conflict($spare);
                }
            });
        } catch (UniqueConstraintViolationException) {
            throw new Problem(422, 'name_taken', 'Name already in use', 'Another spare at this site has this name.', [
                [
                    'path' => 'name', 'text' => 'Another spare at this site has this name.',
                    'accepted' => 'A name that is unique at this site.',
                ],
            ]);
        }

        return $spare->refresh();
    }
}
