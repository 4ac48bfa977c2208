<?php

declare(strict_types=1);

namespace App\Register;

use App\Circuits\ReadingStore;
use App\Exchange\TableFile;
use App\Models\Circuit;
use App\Models\Import;
use App\Models\Person;
use App\Models\Reading;
use App\Problems\PlainJson;
use App\Problems\Problem;
use App\Record\Stored;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Records\Register\CellProblem;
use BraveAnvil\Records\Register\CsvText;
use BraveAnvil\Records\Register\JsonLines;
use BraveAnvil\Records\Register\Matched;
use BraveAnvil\Records\Register\ReadingTable;
use BraveAnvil\Records\Register\RowAction;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\ReadingReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Readings of a site as rows of a file, out and in. */
final class ReadingRows
{
    /** @return list<list<string>> heads, paths, and one row for each reading that counts */
    public static function of(int $site): array
    {
        return ReadingTable::rows(self::kept($site));
    }

    /** @return string one reading a line */
    public static function lines(int $site): string
    {
        $lines = '';
        foreach (self::kept($site) as $reading) {
            $values = (object) ReadingTable::texts($reading['values']);
            $lines .= json_encode([...$reading, 'values' => $values],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
        }

        return $lines;
    }

    /** @return list<array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<array-key, mixed>}> */
    private static function kept(int $site): array
    {
        /** @var Collection<int, Reading> $kept */
        $kept = Reading::query()->join('circuits', 'circuits.id', '=', 'readings.circuit_id')->where('circuits.site_id', $site)
            ->whereNull('circuits.archived_at')->whereNull('readings.withdrawn_at')->orderBy('circuits.tag')->orderBy('readings.taken_at')
            ->orderBy('readings.id')->select('readings.*', 'circuits.tag as tag')->get();
        $readings = [];
        foreach ($kept as $reading) {
            $tag = $reading->getAttribute('tag');
            [$values, $why] = Stored::row("reading $reading->id", static fn (): array => [Stored::map($reading->values), ''],
                static fn (string $why): array => [[], $why]);
            $readings[] = [
                'tag' => is_string($tag) ? $tag : '', 'kind' => $reading->kind, 'taken_at' => $reading->taken_at->toIso8601ZuluString(),
                'load_percent' => (string) $reading->load_percent, 'instrument' => $reading->instrument,
                'note' => trim($reading->note.' '.$why),
                'simulated' => $reading->simulated ? 'true' : 'false', 'values' => $values,
            ];
        }

        return $readings;
    }

    public static function read(Import $import, string $bytes): ReadRows|Refusal
    {
        if (JsonLines::are($bytes)) {
            return self::documents($import, $bytes);
        }
        $table = TableFile::read($bytes, static fn (array $rows): Matched => ReadingTable::match($rows, []),
            $import->sheet);
        if ($table instanceof Refusal) {
            return $table;
        }
        $matched = ReadingTable::match($table->rows, ReadImport::chosen($import));
        $data = array_slice($table->rows, $matched->first, null, true);
        $columns = ReadImport::columns($matched->columns, $data);
        if (count($data) > CsvText::MOST_ROWS) {
            return new Refusal('The file has more than 20 000 rows. Split it into smaller files.');
        }
        if (! $matched->fills('tag') || ! $matched->fills('kind')) {
            return new ReadRows([], $columns, $table);
        }
        $circuits = self::tags($import);
        $rows = [];
        foreach ($data as $i => $cells) {
            if (array_filter($cells, static fn (string $cell): bool => $cell !== '') !== []) {
                [$reading, $problems] = ReadingTable::read($matched->columns, $cells);
                $rows[] = self::row($import, $i + 1, $reading, $problems, $cells, $circuits);
            }
        }

        return new ReadRows($rows, $columns, $table);
    }

    /** One reading a line. */
    private static function documents(Import $import, string $bytes): ReadRows|Refusal
    {
        $lines = JsonLines::read($bytes);
        if ($lines instanceof Refusal) {
            return $lines;
        }
        $circuits = self::tags($import);
        $rows = [];
        foreach ($lines as $number => $line) {
            $document = json_decode($line, true, 8);
            $refused = is_array($document)
                ? PlainJson::refused($document) : ['path' => '', 'text' => 'This is not a reading.', 'accepted' => 'One reading per line.'];
            [$reading, $problems] = ReadingTable::readDocument(is_array($document) && $refused === null ? $document : []);
            if ($refused !== null) {
                $problems = [new CellProblem($refused['path'], '', $refused['text'], $refused['accepted'])];
            }
            $rows[] = self::row($import, $number, $reading, $problems, [$line], $circuits);
        }

        return new ReadRows($rows, []);
    }

    /** @return array<string, int> circuits of the site by their tag in small letters */
    private static function tags(Import $import): array
    {
        $circuits = [];
        foreach (Circuit::query()->where('site_id', $import->site_id)->whereNull('archived_at')->get(['id', 'tag']) as $circuit) {
            $circuits[mb_strtolower($circuit->tag)] = $circuit->id;
        }

        return $circuits;
    }

    /**
     * @param  array<array-key, mixed>  $reading  as `row` made it
     *
     * @throws Problem where a value cannot be read
     */
    public static function keep(Circuit $circuit, array $reading, ReadingStore $store, Person $person): void
    {
        $text = static fn (string $key): string => is_string($reading[$key] ?? null) ? $reading[$key] : '';
        $values = [];
        foreach (is_array($reading['values'] ?? null) ? $reading['values'] : [] as $name => $value) {
            $values[(string) $name] = $value;
        }
        $store->keepTyped(
            $circuit, ReadingKind::from($text('kind')), $values, $text('load_percent') === '' ? null : $text('load_percent'),
            $text('instrument'), $text('note'), $text('taken_at'), $person, $text('simulated') === 'true',
        );
    }

    /**
     * @param  array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<string, string>}  $reading
     * @param  list<CellProblem>  $problems
     * @param  list<string>  $cells
     * @param  array<string, int>  $circuits  by tag in small letters
     * @return array<string, mixed> as the table has it
     */
    private static function row(Import $import, int $number, array $reading, array $problems, array $cells, array $circuits): array
    {
        $id = $circuits[mb_strtolower($reading['tag'])] ?? null;
        if ($id === null) {
            $problems[] = new CellProblem('tag', $reading['tag'], 'No circuit of this site has this tag.', 'A tag of this site.');
        }
        if (! ReadingReader::isTime($reading['taken_at']) || strtotime($reading['taken_at']) > time() + 86_400) {
            $problems[] = new CellProblem('taken_at', $reading['taken_at'], 'This is not a date and time.',
                'Such as 2026-11-26T08:30:00Z.');
        }
        $action = match (true) {
            $problems !== [] || $id === null => RowAction::Refuse, self::isThere($id, $reading) => RowAction::Leave,
            default => RowAction::Create,
        };
        $json = static fn (mixed $value): string => json_encode(
            $value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR,
        );

        return [
            'import_id' => $import->id, 'number' => $number, 'tag' => mb_substr($reading['tag'], 0, 200), 'action' => $action->value,
            'document' => $json($reading), 'circuit_id' => $id, 'version' => null, 'differences' => '[]',
            'cells' => $action === RowAction::Refuse ? $json($cells) : '[]',
            'problems' => $json(array_map(static fn (CellProblem $problem): array => $problem->toArray(), $problems)), 'applied' => false,
        ];
    }

    /** @param  array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<string, string>}  $reading */
    private static function isThere(int $circuit, array $reading): bool
    {
        $kept = Reading::query()->where('circuit_id', $circuit)->where('kind', $reading['kind'])
            ->where('taken_at', Carbon::parse($reading['taken_at']))->get(['values', 'instrument']);
        foreach ($kept as $one) {
            $values = Stored::row(
                'a reading that is already stored', static fn (): array => Stored::map($one->values), static fn (): array => [],
            );
            if ($one->instrument === $reading['instrument'] && ReadingTable::texts($values) === $reading['values']) {
                return true;
            }
        }

        return false;
    }
}
