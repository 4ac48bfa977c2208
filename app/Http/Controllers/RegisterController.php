<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\WorkbookFormat;
use App\Http\Call;
use App\Http\Signed;
use App\Models\Import;
use App\Models\ImportRow;
use App\Models\Paper;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Register\CircuitRows;
use App\Register\ImportCurrents;
use App\Register\ImportStore;
use App\Register\ReadingRows;
use App\Register\RefusedRows;
use App\Schedules\ScheduleName;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Records\Register\CsvText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** The register of a site: out as files, in from files with a look before anything is written. */
final class RegisterController
{
    /** What is sent for a column of which nothing is to be made. */
    private const NOTHING = 'nothing';

    /** Rows of a preview that are shown at once. */
    private const PAGE = 100;

    private const CSV = 'text/csv; charset=utf-8';

    public function __construct(private readonly ImportStore $imports)
    {
    }

    #[Call(Call::FILE, query: ['figures'])]
    public function circuits(Request $request, Site $site, CircuitRows $rows): Response
    {
        Signed::person($request);

        return self::file(CsvText::write($rows->of($site, $request->boolean('figures'))), self::CSV, 'circuits.csv');
    }

    #[Call(Call::FILE)]
    public function circuitLines(Request $request, Site $site): Response
    {
        Signed::person($request);

        return self::file(CircuitRows::lines($site), 'application/x-ndjson; charset=utf-8', 'circuits.jsonl');
    }

    #[Call(Call::FILE)]
    public function readings(Request $request, Site $site): Response
    {
        Signed::person($request);

        return self::file(CsvText::write(ReadingRows::of($site->id)), self::CSV, 'readings.csv');
    }

    #[Call(Call::FILE)]
    public function readingLines(Request $request, Site $site): Response
    {
        Signed::person($request);

        return self::file(ReadingRows::lines($site->id), 'application/x-ndjson; charset=utf-8', 'readings.jsonl');
    }

    /** Asks the workers for a schedule of the site. */
    #[Call('PaperJob', takes: 'AskedSchedule')]
    public function schedule(Request $request, Site $site): JsonResponse
    {
        $person = Signed::person($request);
        $request->validate(['name' => ['required', Rule::enum(ScheduleName::class)], 'as' => ['required', Rule::in(['csv', 'pdf'])]]);
        $paper = Paper::ask($person, [
            'name' => $request->string('name')->toString().'.'.$request->string('as')->toString(), 'site_id' => $site->id,
            'origin' => $request->getSchemeAndHttpHost(),
        ]);

        return new JsonResponse($paper->resource(), 202);
    }

    /** Asks the workers for a workbook of the site, or for an empty one to fill in. */
    #[Call('PaperJob', takes: 'AskedWorkbook')]
    public function workbook(Request $request, Site $site): JsonResponse
    {
        $person = Signed::person($request);
        $request->validate(['as' => ['required', Rule::enum(WorkbookFormat::class)], 'empty' => ['required', 'boolean']]);
        $paper = Paper::ask($person, [
            'name' => ($request->boolean('empty') ? 'template.' : 'workbook.').$request->string('as')->toString(), 'site_id' => $site->id,
            'origin' => $request->getSchemeAndHttpHost(),
        ]);

        return new JsonResponse($paper->resource(), 202);
    }

    /** The latest imports of a site. */
    #[Call('ImportsAnswer')]
    public function index(Request $request, Site $site): JsonResponse
    {
        Signed::person($request);
        /** @var Collection<int, Import> $imports */
        $imports = Import::query()->with('person')->where('site_id', $site->id)->orderByDesc('id')->limit(20)->get();

        return new JsonResponse(['imports' => $imports->map(static fn (Import $import): array => $import->resource())->values()]);
    }

    #[Call('Import', takes: Call::BYTES, query: ['what', 'name'])]
    public function begin(Request $request, Site $site): JsonResponse
    {
        $person = Signed::editor($request);
        $what = $request->query('what') === 'readings' ? 'readings' : 'circuits';
        $name = $request->query('name');
        $bytes = $request->getContent();
        if ($bytes === '') {
            throw new Problem(422, 'empty', 'No file', 'The file is empty.', [
                ['path' => 'file', 'text' => 'The file is empty.',
                    'accepted' => 'A workbook, a CSV file, or JSON with one circuit per line.'],
            ]);
        }
        if (strlen($bytes) > CsvText::MOST_BYTES) {
            throw new Problem(413, 'too_large', 'File too large', 'The limit is 20 MB.');
        }
        $import = $this->imports->begin($site, $what, is_string($name) ? $name : 'file', $bytes, $person);

        return new JsonResponse($import->load('person')->resource(), 201);
    }

    #[Call('Import')]
    public function show(Request $request, Import $import): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($import->load('person')->resource());
    }

    /** Rows of the preview: all, or those of one action. */
    #[Call('ImportRowsAnswer', query: ['action', 'page'])]
    public function rows(Request $request, Import $import): JsonResponse
    {
        Signed::person($request);
        $page = self::page($request);
        $query = self::ofAction($request, $import);
        $total = (clone $query)->count();
        /** @var Collection<int, ImportRow> $rows */
        $rows = $query->orderBy('number')->forPage($page, self::PAGE)->get();

        return new JsonResponse([
            'rows' => $rows->map(static fn (ImportRow $row): array => $row->resource())->values(), 'total' => $total, 'page' => $page,
            'pages' => max(1, (int) ceil($total / self::PAGE)),
        ]);
    }

    /** What each of these rows calculates as its current, and what it says itself: the first look at whether the columns are right. */
    #[Call('ImportCurrentsAnswer', query: ['action', 'page', 'count'])]
    public function currents(Request $request, Import $import, ImportCurrents $currents): JsonResponse
    {
        Signed::person($request);
        $count = min(self::PAGE, max(1, $request->integer('count', self::PAGE)));
        /** @var Collection<int, ImportRow> $rows */
        $rows = self::ofAction($request, $import)->orderBy('number')->forPage(self::page($request), $count)->get();

        return new JsonResponse(['currents' => $import->what === 'circuits' ? $currents->of($import->load('site')->site, $rows) : []]);
    }

    private static function page(Request $request): int
    {
        return min(1000, max(1, $request->integer('page', 1)));
    }

    /** @return Builder<ImportRow> all, or those of one action */
    private static function ofAction(Request $request, Import $import): Builder
    {
        $action = $request->query('action');
        $query = ImportRow::query()->where('import_id', $import->id);

        return is_string($action) && $action !== '' ? $query->where('action', $action) : $query;
    }

    /** Which column fills which field, as a person says. */
    #[Call('Import', takes: 'ImportColumns')]
    public function columns(Request $request, Import $import): JsonResponse
    {
        Signed::editor($request);
        $request->validate(['columns' => ['required', 'array', 'max:'.CsvText::MOST_COLUMNS]]);
        $chosen = [];
        foreach ($request->array('columns') as $place => $path) {
            $unknown = ! is_string($path) || ($import->what === 'circuits' && Fields::find($path) === null);
            if (! in_array($path, [null, '', self::NOTHING], true) && $unknown) {
                throw new Problem(422, 'no_field', 'Unknown field', 'See the columns.', [
                    ['path' => "columns.$place", 'text' => 'This field does not exist.', 'accepted' => 'A field of a circuit.'],
                ]);
            }
            // Nothing said leaves it to its head.
            if ($path !== null && $path !== '') {
                $chosen[(int) $place] = $path === self::NOTHING ? null : $path;
            }
        }

        return new JsonResponse($this->imports->choose($import, $chosen)->load('person')->resource());
    }

    /** Another sheet of a workbook. */
    #[Call('Import', takes: 'ImportSheet')]
    public function sheet(Request $request, Import $import): JsonResponse
    {
        Signed::editor($request);
        $request->validate(['sheet' => ['required', 'string', 'max:200']]);

        return new JsonResponse($this->imports->turnTo($import, $request->string('sheet')->toString())->load('person')->resource());
    }

    #[Call('Import')]
    public function apply(Request $request, Import $import): JsonResponse
    {
        Signed::editor($request);

        $begun = $this->imports->apply($import);
        HouseRecord::note($request, Happening::ImportApplied, $begun->name);

        return new JsonResponse($begun->load('person')->resource());
    }

    #[Call('Import')]
    public function cancel(Request $request, Import $import): JsonResponse
    {
        Signed::editor($request);

        return new JsonResponse($this->imports->cancel($import)->load('person')->resource());
    }

    /** The refused rows as a file of the same columns, with one that says why: mended there, it is read again. */
    #[Call(Call::FILE)]
    public function refused(Request $request, Import $import): Response
    {
        Signed::person($request);

        return self::file(CsvText::write(RefusedRows::of($import)), self::CSV, 'refused.csv');
    }

    private static function file(string $bytes, string $type, string $name): Response
    {
        return new Response($bytes, 200, [
            'Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\"", 'Cache-Control' => 'private, no-store',
        ]);
    }
}
