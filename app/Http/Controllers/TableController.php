<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\Recompute;
use App\Circuits\TableEntries;
use App\Http\Signed;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use BraveAnvil\RuleBook\SiteCorrections;
use BraveAnvil\RuleBook\Tables;
use BraveAnvil\Solution\FieldError;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Table entries that a site’s circuits rest on and that memory is not sure of, and what the site corrected or confirmed. */
final class TableController
{
    public function __construct(private readonly TableEntries $entries, private readonly Recompute $recompute)
    {
    }

    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($this->answer($site));
    }

    /** Corrects an entry, or confirms it where the value is the one that stands. */
    public function store(Request $request, Site $site): JsonResponse
    {
        $person = Signed::administrator($request);
        $read = $request->validate([
            'path' => ['required', 'string', 'max:200'], 'value' => ['required'], 'why' => ['required', 'string', 'max:200'],
            'page' => ['nullable', 'string', 'max:40'],
        ]);
        $own = $this->entries->corrections($site);
        $new = [
            'path' => $read['path'], 'value' => $read['value'], 'by' => $person->name, 'on' => Carbon::now()->toDateString(),
            'why' => $read['why'], 'page' => $read['page'] ?? '',
        ];
        $errors = SiteCorrections::read([$new], Tables::shipped())->errors;
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some fields are not right', 'See the fields.', array_values(array_map(
                static fn (FieldError $error): array => [
                    'path' => substr($error->path, strlen('settings.corrections[0].')), 'text' => $error->text,
                    'accepted' => $error->accepted,
                ],
                $errors,
            )));
        }
        $kept = array_values(array_filter($own, static fn (array $one): bool => $one['path'] !== $new['path']));
        $this->keep($site, [...$kept, $new]);
        HouseRecord::note($request, Happening::TableCorrected, $site->name.': '.$new['path']);

        return new JsonResponse($this->answer($site->refresh()), 201);
    }

    /** Takes a correction back: the entry is what it was shipped as. */
    public function destroy(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $path = $request->validate(['path' => ['required', 'string', 'max:200']])['path'];
        $own = $this->entries->corrections($site);
        $this->keep($site, array_values(array_filter($own, static fn (array $one): bool => $one['path'] !== $path)));
        HouseRecord::note($request, Happening::TableCorrected, $site->name.': '.$path.' taken back');

        return new JsonResponse($this->answer($site->refresh()));
    }

    /** Calls off the work that solves the site’s circuits anew. */
    public function cancel(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $this->recompute->cancel($site);

        return new JsonResponse($this->answer($site));
    }

    /** Begins it again. */
    public function begin(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $this->recompute->begin($site);

        return new JsonResponse($this->answer($site));
    }

    /** @param  list<array<string, mixed>>  $corrections */
    private function keep(Site $site, array $corrections): void
    {
        $site->settings = [...$site->settings, 'corrections' => $corrections];
        if ($corrections === []) {
            $site->settings = array_diff_key($site->settings, ['corrections' => 0]);
        }
        $site->version++;
        $site->save();
        $this->recompute->begin($site);
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
