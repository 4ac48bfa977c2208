<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Circuit;
use App\Models\LogEntry;
use App\Models\Site;
use App\Models\Spare;
use App\Record\Stored;
use App\Register\CircuitRows;
use App\Register\ReadingRows;
use App\Schedules\Schedule;
use App\Schedules\ScheduleName;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Version;
use BraveAnvil\Records\Logbook\EntryKind;
use BraveAnvil\Records\Register\ChoiceWords;
use BraveAnvil\Records\Register\CircuitColumns;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Studies\Sensitivity\Outcome;
use BraveAnvil\Tables\Tables;
use Closure;
use Illuminate\Support\Carbon;

/** A site as a workbook: its circuits as entered and with results, readings, spares, log, and schedules; or an empty one to fill in. */
final readonly class SiteWorkbook
{
    private const STANDING = 'Calculated values: have a licensed person check them against the local code. Figures are as of the time above.';

    /** Circuits between which is asked whether to go on. */
    private const STRIDE = 25;

    /** Fields of an empty one: what a nameplate says first. */
    private const TEMPLATE = [
        'tag', 'area', 'drives', 'plate.power', 'plate.voltage', 'plate.current', 'plate.speed', 'plate.frequency', 'plate.power_factor',
        'plate.efficiency', 'plate.service_factor', 'plate.code_letter', 'plate.design_letter', 'plate.start_current_ratio',
        'plate.insulation_class', 'plate.duty', 'plate.serial', 'starter.method', 'load.machine', 'cable.length', 'cable.method',
        'cable.insulation', 'cable.material', 'guard.scpd', 'guard.breaking_capacity_ka',
    ];

    private RuleBook $book;

    private ChoiceWords $words;

    /** @param  Closure(): bool  $goOn  asked between circuits */
    public function __construct(private Site $site, private CircuitStore $store, private string $person, private Closure $goOn)
    {
        $books = new RuleBooks(Tables::shipped());
        $this->book = $books->named($site->rule_book) ?? $books->all()[0];
        $this->words = new ChoiceWords($this->book);
    }

    /** @return string|null the bytes; null where it was called off */
    public function write(WorkbookFormat $format): ?string
    {
        $sheets = [$this->entered()];
        $results = $this->results();
        if ($results === null) {
            return null;
        }
        $sheets = [...$sheets, $results, $this->readings(), $this->spares(), $this->log()];
        foreach (ScheduleName::cases() as $name) {
            $schedule = Schedule::of($name, $this->site, $this->store, $this->goOn);
            if ($schedule === null) {
                return null;
            }
            $sheets[] = new WorkbookSheet($name->title(), $schedule->heads(), [], $schedule->rows);
        }

        return Workbook::write($this->about('All circuits of the site, as entered and with their results.'), $sheets, $format);
    }

    /** With heads and choices, and no circuit yet. */
    public function template(WorkbookFormat $format): string
    {
        $what = 'Enter one circuit per row under “Circuits”, then import the file. Leave unknown cells empty.';

        return Workbook::write($this->about($what), [
            new WorkbookSheet('Circuits', array_map(CircuitColumns::head(...), self::TEMPLATE), self::TEMPLATE, [],
                $this->choices(self::TEMPLATE)),
        ], $format);
    }

    /** @return array<string, string> */
    private function about(string $what): array
    {
        return [
            'Site' => $this->site->name, 'Rule book' => $this->book->edition(), 'Content' => $what,
            'Written' => Carbon::now()->toIso8601ZuluString(), 'By' => $this->person, 'Core' => Version::CORE, 'Note' => self::STANDING,
        ];
    }

    private function entered(): WorkbookSheet
    {
        $rows = (new CircuitRows($this->store))->of($this->site, false);
        [$heads, $paths] = [$rows[0] ?? [], $rows[1] ?? []];

        return new WorkbookSheet('Circuits', $heads, $paths, array_map(fn (array $row): array => array_map(
            fn (string $cell, int $column): string|float => $this->cell($paths[$column] ?? '', $cell), $row, array_keys($row),
        ), array_slice($rows, 2)), $this->choices($paths));
    }

    /** As it was typed: a number where that is one and reads back the same. */
    private function cell(string $path, string $text): string|float
    {
        $field = Fields::find($path);
        $isText = $field === null || in_array($field->kind, [FieldKind::Text, FieldKind::Anything, FieldKind::Letter], true);

        return $isText ? $text : self::number($this->words->said($path, $text));
    }

    private static function number(string $text): string|float
    {
        return preg_match('~^-?(0|[1-9]\d{0,11})(\.\d{0,6}[1-9])?$~', $text) === 1 && $text !== '-0' ? (float) $text : $text;
    }

    /**
     * @param  list<string>  $paths
     * @return array<int, list<string>>
     */
    private function choices(array $paths): array
    {
        return array_filter(array_map(fn (string $path): array => array_values($this->words->of($path)), $paths));
    }

    /** Null where it was called off. */
    private function results(): ?WorkbookSheet
    {
        $names = Outcome::decisive();
        $solved = [];
        foreach (CircuitRows::documents($this->site) as $i => ['circuit' => $circuit]) {
            if ($i % self::STRIDE === 0 && ! ($this->goOn)()) {
                return null;
            }
            $circuit->setRelation('site', $this->site);
            $solved[$circuit->tag] = Stored::row("circuit $circuit->id",
                fn (): Solution => $this->store->solve(CircuitDocument::of($circuit), $this->site, $circuit), static fn (): null => null);
        }
        $units = array_map(static fn (FigureName $name): string => self::unitOf($name, $solved), $names);
        $rows = [];
        foreach ($solved as $tag => $solution) {
            $worst = $solution?->worst()->value ?? '';
            $rows[] = [(string) $tag, $solution === null ? 'cannot be read' : $worst, ...array_map(
                static fn (FigureName $name): string|float => self::value($solution?->figure($name)), $names,
            )];
        }

        return new WorkbookSheet('Results', ['Tag', 'Worst finding', ...array_map(static fn (FigureName $name): string => $name->label(),
            $names)], ['', '', ...$units], $rows);
    }

    private static function value(?Figure $figure): string|float
    {
        return match (true) {
            $figure === null => '', is_string($figure->value) => str_replace('_', ' ', $figure->said !== '' ? $figure->said
                : $figure->value),
            default => (float) $figure->value,
        };
    }

    /** @param  array<array-key, Solution|null>  $solved */
    private static function unitOf(FigureName $name, array $solved): string
    {
        foreach ($solved as $solution) {
            $unit = $solution?->figure($name)?->unit;
            if ($unit !== null && $unit !== Unit::None) {
                return $unit->value;
            }
        }

        return '';
    }

    private function readings(): WorkbookSheet
    {
        $rows = ReadingRows::of($this->site->id);
        $paths = $rows[1] ?? [];
        $at = array_search('taken_at', $paths, true);

        return new WorkbookSheet('Readings', $rows[0] ?? [], $paths, array_map(static fn (array $row): array => array_map(
            static fn (string $cell, int $column): string|float|WorkbookDate => $column === $at ? WorkbookDate::read($cell) ?? $cell
                : (str_contains($paths[$column] ?? '', '.') ? self::number($cell) : $cell), $row, array_keys($row),
        ), array_slice($rows, 2)));
    }

    private function spares(): WorkbookSheet
    {
        $spares = Spare::query()->where('site_id', $this->site->id)->orderBy('name')->get()->all();
        $typed = array_map(static fn (Spare $spare): array => TypedFields::of(['plate' => Stored::row("spare $spare->id",
            static fn (): array => Stored::map($spare->plate), static fn (): array => [])]), $spares);
        $paths = array_values(array_filter(Fields::paths(), static fn (string $path): bool => array_filter(
            $typed, static fn (array $plate): bool => isset($plate[$path]),
        ) !== []));

        return new WorkbookSheet('Spares', ['Name', 'Place', ...array_map(CircuitColumns::head(...), $paths)], ['', '', ...$paths],
            array_map(
                fn (Spare $spare, array $plate): array => [$spare->name, $spare->place, ...array_map(
                    fn (string $path): string|float => $this->cell($path, $plate[$path] ?? ''), $paths,
                )], $spares, $typed,
            ));
    }

    private function log(): WorkbookSheet
    {
        $entries = LogEntry::query()->with('recorder')->join('circuits', 'circuits.id', '=', 'log_entries.circuit_id')
            ->where('circuits.site_id', $this->site->id)->whereNull('circuits.archived_at')->whereNull('log_entries.withdrawn_at')
            ->orderBy('circuits.tag')->orderBy('log_entries.happened_at')->select('log_entries.*', 'circuits.tag as tag')->get()->all();

        return new WorkbookSheet('Log', ['Tag', 'Entry', 'When', 'Values', 'Recorded by'], [],
            array_map(static function (LogEntry $entry): array {
                $tag = $entry->getAttribute('tag');
                $values = [];
                foreach ($entry->document()['values'] as $name => $value) {
                    if (is_scalar($value) && $value !== '') {
                        $values[] = str_replace('_', ' ', (string) $name).': '.(is_bool($value) ? ($value ? 'yes' : 'no') : $value);
                    }
                }

                return [is_string($tag) ? $tag : '', EntryKind::tryFrom($entry->kind)?->label() ?? $entry->kind,
                    WorkbookDate::read($entry->happened_at->toIso8601ZuluString()) ?? '', implode('; ', $values), $entry->recorder->name];
            }, array_values($entries)));
    }
}
