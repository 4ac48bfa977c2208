<?php

declare(strict_types=1);

namespace App\Register;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Site;
use App\Record\Stored;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Records\Register\CircuitColumns;
use BraveAnvil\Studies\Sensitivity\Outcome;
use Illuminate\Database\Eloquent\Collection;

/** Circuits of a site as rows of a file: all that was typed, and what came out beside it where it is wanted. */
final class CircuitRows
{
    public function __construct(private readonly CircuitStore $store)
    {
    }

    /** @return list<list<string>> heads, paths, and one row for each circuit in the order of the tags */
    public function of(Site $site, bool $withFigures): array
    {
        $documents = self::documents($site);
        $paths = CircuitColumns::of(array_column($documents, 'document'));
        $boards = Board::query()->where('site_id', $site->id)->pluck('tag', 'id')->all();
        if ($boards !== []) {
            // Behind tag, rule book, area and machine.
            array_splice($paths, CircuitColumns::ALWAYS, 0, [BoardColumn::PATH]);
        }
        $figures = $withFigures ? Outcome::decisive() : [];
        $heads = array_map(static fn (FigureName $name): string => $name->label().' (calculated)', $figures);
        $keys = array_map(static fn (FigureName $name): string => CircuitColumns::FIGURE.$name->key(), $figures);
        $rows = [[...array_map(CircuitColumns::head(...), $paths), ...$heads], [...$paths, ...$keys]];
        foreach ($documents as ['circuit' => $circuit, 'document' => $document]) {
            $typed = TypedFields::of($document);
            $fedBy = $boards[$circuit->board_id ?? 0] ?? '';
            $typed[BoardColumn::PATH] = is_string($fedBy) ? $fedBy : '';
            $row = array_map(static fn (string $path): string => $typed[$path] ?? '', $paths);
            if ($figures !== []) {
                $circuit->setRelation('site', $site);
                $shown = Stored::row("circuit $circuit->id", function () use ($circuit, $site, $figures): array {
                    $solution = $this->store->solve(CircuitDocument::of($circuit), $site, $circuit);

                    return array_map(static fn (FigureName $name): string => $solution->figure($name)?->shown(3) ?? '', $figures);
                }, static fn (): array => array_map(static fn (): string => '', $figures));
                $row = [...$row, ...$shown];
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** @return string one circuit a line, as the open format has it */
    public static function lines(Site $site): string
    {
        $lines = '';
        foreach (self::documents($site) as ['circuit' => $circuit]) {
            $lines .= trim($circuit->draft)."\n";
        }

        return $lines;
    }

    /** @return list<array{circuit: Circuit, document: array<array-key, mixed>}> in the order of their tags */
    public static function documents(Site $site): array
    {
        /** @var Collection<int, Circuit> $circuits */
        $circuits = Circuit::query()->where('site_id', $site->id)->whereNull('archived_at')->orderBy('tag')->orderBy('id')->get();
        $documents = [];
        foreach ($circuits as $circuit) {
            $documents[] = ['circuit' => $circuit, 'document' => Stored::row(
                "circuit $circuit->id", static fn (): array => CircuitDocument::of($circuit)->data,
                static fn (string $why): array => ['tag' => $circuit->tag, 'drives' => $why],
            )];
        }

        return $documents;
    }
}
