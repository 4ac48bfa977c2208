<?php

declare(strict_types=1);

namespace App\Register;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\ImportRow;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Power\PowerFigure;
use Illuminate\Database\Eloquent\Collection;

/** The current that rows of an import calculate, beside the one on their plate: a column that fills the wrong field shows there first. */
final readonly class ImportCurrents
{
    public function __construct(private CircuitStore $store)
    {
    }

    /**
     * @param  Collection<int, ImportRow>  $rows
     * @return list<array{number: int, tag: string, computed: string, own: string, difference: string, unusual: bool}> texts with unit,
         empty where there is none
     */
    public function of(Site $site, Collection $rows): array
    {
        $currents = [];
        foreach ($rows as $row) {
            $currents[] = ['number' => $row->number, 'tag' => $row->tag, ...Stored::row("row $row->number of import $row->import_id",
                fn (): array => $this->one($site, $row), static fn (): array => self::none())];
        }

        return $currents;
    }

    /** @return array{computed: string, own: string, difference: string, unusual: bool} */
    private function one(Site $site, ImportRow $row): array
    {
        $document = Stored::map($row->document);
        if ($document === []) {
            return self::none();
        }
        try {
            $solution = $this->store->solve(CircuitDocument::from($document), $site);
        } catch (Problem) {
            // A row that cannot be kept is refused already, with its reason.
            return self::none();
        }
        $shown = static fn (PowerFigure $figure): string => $solution->figure($figure->value)?->shown(3) ?? '';
        $unusual = false;
        foreach ($solution->findings as $finding) {
            $unusual = $unusual || ($finding->code === PlateFinding::CurrentDisagrees && $finding->grade !== Grade::Note);
        }

        return [
            'computed' => $shown(PowerFigure::ComputedCurrent), 'own' => $shown(PowerFigure::PlateCurrent),
            'difference' => $shown(PowerFigure::CurrentDifference), 'unusual' => $unusual,
        ];
    }

    /** @return array{computed: string, own: string, difference: string, unusual: bool} */
    private static function none(): array
    {
        return ['computed' => '', 'own' => '', 'difference' => '', 'unusual' => false];
    }
}
