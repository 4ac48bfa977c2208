<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Import;
use App\Models\ImportRow;
use App\Record\Stored;
use BraveAnvil\Records\Register\CellText;
use BraveAnvil\Records\Register\CircuitColumns;
use Illuminate\Database\Eloquent\Collection;

/** What an import refused, as rows of the same columns with one more that says why. */
final class RefusedRows
{
    /** @return list<list<string>> */
    public static function of(Import $import): array
    {
        $heads = [];
        $paths = [];
        foreach (self::decoded($import->columns) as $column) {
            $path = is_array($column) && is_string($column['path'] ?? null) ? $column['path'] : '';
            $head = is_array($column) && is_string($column['head'] ?? null) ? $column['head'] : '';
            $paths[] = $path;
            $heads[] = $path === '' ? $head : CircuitColumns::head($path);
        }
        // A file of one circuit a line has no heads: the line stands alone.
        if ($heads === []) {
            [$heads, $paths] = [['Row'], ['line']];
        }
        $rows = [[...$heads, 'Reason'], [...$paths, 'why']];
        /** @var Collection<int, ImportRow> $refused */
        $refused = ImportRow::query()->where('import_id', $import->id)->where('action', 'refused')->orderBy('number')->get();
        foreach ($refused as $row) {
            $cells = [];
            foreach (array_slice(self::decoded($row->cells), 0, count($heads)) as $cell) {
                // As it stood: it is guarded already.
                $cells[] = is_string($cell) ? CellText::read($cell) : '';
            }
            $rows[] = [...array_pad($cells, count($heads), ''), self::why($row)];
        }

        return $rows;
    }

    private static function why(ImportRow $row): string
    {
        $whys = [];
        foreach (self::decoded($row->problems) as $problem) {
            $text = static fn (string $part): string => is_array($problem) && is_string($problem[$part] ?? null) ? $problem[$part] : '';
            $whys[] = trim($text('column').' '.$text('text'));
        }

        return implode('; ', $whys);
    }

    /** @return list<mixed> */
    private static function decoded(string $json): array
    {
        return Stored::row('a rejected row', static fn (): array => array_values(Stored::map($json)), static fn (): array => []);
    }
}
