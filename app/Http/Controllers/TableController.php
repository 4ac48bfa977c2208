<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\Recompute;
use App\Circuits\TableEntries;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Record\Turns;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Table entries that a site’s circuits rest on and that memory is not sure of, and what the site corrected or confirmed. */
final class TableController
{
    public function __construct(private readonly TableEntries $entries, private readonly Recompute $recompute)
    {
    }

    #[Call('TablesAnswer')]
    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($this->answer($site));
    }

    /** Corrects an entry, or confirms it where the value is the one that stands. */
    #[Call('TablesAnswer', takes: 'NewCorrection')]
    public function store(Request $request, Site $site): JsonResponse
    {
        $person = Signed::administrator($request);
        $read = $request->validate([
            'path' => ['required', 'string', 'max:200'], 'value' => ['required'], 'why' => ['required', 'string', 'max:200'],
            'page' => ['nullable', 'string', 'max:40'], 'version' => ['required', 'integer', 'between:1,2000000000'],
        ]);
        $new = [
            'path' => $read['path'], 'value' => $read['value'], 'by' => $person->name, 'on' => Carbon::now()->toDateString(),
            'why' => $read['why'], 'page' => $read['page'] ?? '',
        ];
        $errors = SiteCorrections::read([$new], Tables::shipped())->errors;
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', array_values(array_map(
                static fn (FieldError $error): array => [
                    'path' => substr($error->path, strlen('settings.corrections[0].')), 'text' => $error->text,
                    'accepted' => $error->accepted,
                ],
                $errors,
            )));
        }
        $this->keep($site, $request->integer('version'), static fn (array $own): array => [
            ...array_filter($own, static fn (array $one): bool => ($one['path'] ?? null) !== $new['path']), $new,
        ]);
        HouseRecord::note($request, Happening::TableCorrected, $site->name.': '.$new['path']);

        return new JsonResponse($this->answer($site->refresh()), 201);
    }

    /** Takes a correction back: the entry is what it was shipped as. */
    #[Call('TablesAnswer', takes: 'RemovedCorrection')]
    public function destroy(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $path = $request->validate([
            'path' => ['required', 'string', 'max:200'], 'version' => ['required', 'integer', 'between:1,2000000000'],
        ])['path'];
        $this->keep($site, $request->integer('version'),
            static fn (array $own): array => array_filter($own, static fn (array $one): bool => ($one['path'] ?? null) !== $path));
        HouseRecord::note($request, Happening::TableCorrected, $site->name.': correction of '.$path.' undone');

        return new JsonResponse($this->answer($site->refresh()));
    }

    /** Calls off the work that solves the site’s circuits anew. */
    #[Call('TablesAnswer')]
    public function cancel(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $this->recompute->cancel($site);

        return new JsonResponse($this->answer($site));
    }

    /** Begins it again. */
    #[Call('TablesAnswer')]
    public function begin(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $this->recompute->begin($site);

        return new JsonResponse($this->answer($site));
    }

    /**
     * @param  callable(list<array<string, mixed>>): array<int, array<string, mixed>>  $change  of the corrections that stand
     *
     * @throws Problem where somebody else has changed this site since
     */
    private function keep(Site $site, int $version, callable $change): void
    {
        Turns::at($site, function (Site $locked) use ($version, $change): void {
            if ($locked->version !== $version) {
                throw new Problem(
                    409, 'edit_conflict', 'Someone else changed this site', 'Check the present table values, then try again.',
                );
            }
            $corrections = array_values($change($this->entries->corrections($locked)));
            $locked->settings = $corrections === []
                ? array_diff_key($locked->settings, ['corrections' => 0]) : [...$locked->settings, 'corrections' => $corrections];
            $locked->version++;
            $locked->save();
        });
        $this->recompute->begin($site->refresh());
    }

    /** @return array<string, mixed> */
    private function answer(Site $site): array
    {
        return [
            'site' => $site->resource(), 'doubts' => $this->entries->doubts($site), 'corrections' => $this->entries->kept($site),
            'recompute' => $this->recompute->progress($site),
        ];
    }
}
