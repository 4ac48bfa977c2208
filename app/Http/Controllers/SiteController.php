<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Boards\BoardMarks;
use App\Circuits\Recompute;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Stations\Plate\SiteLessons;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Sites with their rule book, supply and settings. */
final class SiteController
{
    #[Call('SitesAnswer')]
    public function index(Request $request): JsonResponse
    {
        Signed::person($request);

        /** @var Collection<int, Site> $sites */
        $sites = Site::query()->orderBy('id')->get();

        return new JsonResponse(['sites' => $sites->map(static fn (Site $site): array => $site->resource())->values()]);
    }

    #[Call('Site', takes: 'NewSite')]
    public function store(Request $request): JsonResponse
    {
        Signed::administrator($request);
        $site = Site::query()->create([...$this->read($request), 'version' => 1]);

        HouseRecord::note($request, Happening::SiteMade, $site->name);

        return new JsonResponse($site->resource(), 201);
    }

    #[Call('Site', takes: 'SiteBody')]
    public function update(Request $request, Site $site, Recompute $recompute): JsonResponse
    {
        Signed::administrator($request);
        $version = $request->validate(['version' => ['required', 'integer', 'between:1,2000000000']])['version'];
        $read = $this->read($request, $site->id);
        $changed = Site::query()
            ->whereKey($site->id)
            ->where('version', $version)
            ->update([
                'name' => $read['name'], 'rule_book' => $read['rule_book'],
                'version' => $site->version + 1,
                'supply' => json_encode((object) $read['supply'], JSON_THROW_ON_ERROR),
                'settings' => json_encode((object) $read['settings'], JSON_THROW_ON_ERROR),
                'areas' => json_encode($read['areas'], JSON_THROW_ON_ERROR),
            ]);
        if ($changed === 0) {
            throw new Problem(
                409, 'edit_conflict', 'Someone else saved this site', 'Check the present version first. Nothing has been overwritten.', [],
                ['current' => $site->refresh()->resource()],
            );
        }

        HouseRecord::note($request, Happening::SiteChanged, $read['name']);
        // The yard lists what the site's new settings say, as the workers come to it.
        $recompute->begin($site->refresh());
        BoardMarks::ofSite($site);

        return new JsonResponse($site->refresh()->resource());
    }

    /** @return array{name: string, rule_book: string, supply: array<string, mixed>, settings: array<string, mixed>, areas: list<string>} */
    private function read(Request $request, ?int $id = null): array
    {
        /** @var array{name: string, rule_book: string, supply?: array<string, mixed>, settings?: array<string, mixed>, areas?: list<string>} $read */
        $read = $request->validate([
            'name' => ['required', 'string', 'max:80', 'unique:sites,name'.($id === null ? '' : ','.$id)],
            'rule_book' => ['required', Rule::enum(RuleBookName::class)], 'supply' => ['array'], 'settings' => ['array'],
            'areas' => ['array', 'list', 'max:40'],
            'areas.*' => ['required', 'string', 'max:60'],
        ]);
        $read = [...$read, 'supply' => $read['supply'] ?? [], 'settings' => $read['settings'] ?? [], 'areas' => $read['areas'] ?? []];
        // The core says what each field accepts, so that a site cannot hold what its circuits could not read.
        $errors = array_values(
            array_map(
                static fn (FieldError $error): array => ['path' => $error->path, 'text' => $error->text, 'accepted' => $error->accepted],
                [
                    ...CircuitReader::read(
                        ['rule_book' => $read['rule_book'], 'supply' => $read['supply'], 'settings' => $read['settings']],
                    )->errors,
                    ...SiteCorrections::read($read['settings']['corrections'] ?? null, Tables::shipped())->errors,
                    ...SiteLessons::read($read['settings']['lessons'] ?? null)->errors,
                ],
            ),
        );
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', $errors);
        }

        return $read;
    }
}
