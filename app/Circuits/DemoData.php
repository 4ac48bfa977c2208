<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Boards\BoardStore;
use App\Logbook\LogStore;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Revision;
use App\Models\Site;
use App\Models\Spare;
use App\Sheet\SheetKind;
use App\Sheet\SheetRecord;
use App\Sheet\SheetStore;
use BraveAnvil\Records\Logbook\EntryKind;
use BraveAnvil\Stations\Prove\ReadingKind;
use Illuminate\Support\Facades\DB;

/**
 * The demo scenario from database/demo: invented sites, roles and circuits.
 *
 * @phpstan-type DemoSpare array{name: string, place: string, plate: array<string, string>}
 * @phpstan-type DemoBoard array{tag: string, fed_by?: string, typed: array<string, mixed>, circuits: array<string, array<string, string>>,
 *     sheet?: array{name: string, kind: string, step: string, remark: string}}
 * @phpstan-type DemoSite array{name: string, rule_book: string, supply: array<string, mixed>, settings: array<string, mixed>,
 *     areas: list<string>, bank?: array<string, mixed>, spares?: list<DemoSpare>, boards?: list<DemoBoard>,
 *     circuits: list<array<string, mixed>>}
 */
final class DemoData
{
    /** What every demo sign-in takes; printed by bin/start. */
    public const PASSWORD = 'larkrigg';

    public const LOGINS = ['electrician-a', 'electrician-b', 'electrician-c', 'supervisor', 'planner', 'administrator'];

    public function __construct(
        private readonly CircuitStore $store,
        private readonly ReadingStore $readings,
        private readonly LogStore $log,
        private readonly SheetStore $sheets,
        private readonly BoardStore $boards,
    ) {
    }

    /** @return bool whether it was loaded now */
    public function load(): bool
    {
        if (Site::query()->exists() || Person::query()->exists()) {
            return false;
        }
        DB::transaction(function (): void {
            $people = [];
            foreach (
                [
                    ['Shift electrician A', 'electrician-a', 'electrician'], ['Shift electrician B', 'electrician-b', 'electrician'],
                    ['Shift electrician C', 'electrician-c', 'electrician'],
                    ['Licensed supervisor', 'supervisor', 'reviewer'],
                    ['Maintenance planner', 'planner', 'viewer'], ['Administrator', 'administrator', 'administrator'],
                ] as [$name, $login, $role]
            ) {
                $people[] = Person::query()->create([
                    'name' => $name, 'login' => $login, 'role' => $role, 'password' => self::PASSWORD, 'active' => true,
                ]);
            }
            foreach ($this->sites() as $data) {
                $site = Site::query()->create([
                    'name' => $data['name'], 'rule_book' => $data['rule_book'], 'supply' => $data['supply'],
                    'settings' => $data['settings'], 'areas' => $data['areas'], 'bank' => $data['bank'] ?? null, 'version' => 1,
                ]);
                foreach ($data['spares'] ?? [] as $spare) {
                    Spare::query()->create([
                        'site_id' => $site->id, 'name' => $spare['name'], 'place' => $spare['place'],
                        'plate' => json_encode($spare['plate'], JSON_THROW_ON_ERROR),
                        'updated_by' => $people[0]->id,
                    ]);
                }
                foreach ($data['circuits'] as $i => $circuit) {
                    /** @var list<array{measure?: array<string, string>, kind?: string, values?: array<string, mixed>,
                        load_percent?: string, instrument: string, note: string, taken_at: string}> $readings */
                    $readings = $circuit['readings'] ?? [];
                    /** @var list<array{kind: string, happened_at: string, values: array<string, mixed>}> $log */
                    $log = $circuit['log'] ?? [];
                    /** @var list<array{name: string, typed: array<string, array<string, string>>, kind: string, step: string,
                        remark: string}> $sheets */
                    $sheets = $circuit['sheets'] ?? [];
                    unset($circuit['readings'], $circuit['log'], $circuit['sheets']);
                    $document = [
                        'format' => 'brave-anvil.circuit/1', 'rule_book' => $site->rule_book, ...$circuit,
                        'supply' => [...$site->supply, ...is_array($circuit['supply'] ?? null) ? $circuit['supply'] : []],
                    ];
                    $kept = $this->store->create($site, CircuitDocument::from($document), $people[$i % 2]);
                    $kept->setRelation('site', $site);
                    foreach ($readings as $reading) {
                        $this->keep($kept, $document, $reading, $people[$i % 2]);
                    }
                    foreach ($log as $entry) {
                        $this->log->keep(
                            $kept, EntryKind::from($entry['kind']), $entry['values'], $entry['happened_at'], $people[($i + 1) % 2],
                            isMinded: true,
                        );
                    }
                    foreach ($sheets as $sheet) {
                        $this->sheet($kept, $document, $sheet, $people[$i % 2], $people[3]);
                    }
                }
                foreach ($data['boards'] ?? [] as $board) {
                    $this->board($site, $board, $people[0]);
                }
                foreach ($data['boards'] ?? [] as $board) {
                    if (isset($board['sheet'])) {
                        $kept = Board::query()->with('site')->where('site_id', $site->id)->where('tag', $board['tag'])->firstOrFail();
                        $this->send($this->boards->revise($kept, $kept->version, $board['sheet']['name'], $people[0]), $board['sheet'],
                            $people[0], $people[3]);
                    }
                }
            }
        });

        return true;
    }

    /** @param  DemoBoard  $data */
    private function board(Site $site, array $data, Person $person): void
    {
        $board = $this->boards->make($site, $data['tag'], $person);
        $above = isset($data['fed_by']) ? Board::query()->where('site_id', $site->id)->where('tag', $data['fed_by'])->firstOrFail()
            ->id : null;
        $circuits = [];
        foreach ($data['circuits'] as $tag => $place) {
            $circuits[] = ['id' => Circuit::query()->where('site_id', $site->id)->where('tag', $tag)->firstOrFail()->id,
                'place' => $place];
        }
        $this->boards->save($board, 1, $data['tag'], $above, $data['typed'], $circuits, $person);
    }

    /**
     * Keeps one state of a circuit, sends it to review and, where the demo says so, signs it.
     *
     * @param  array<string, mixed>  $document
     * @param  array{name: string, typed: array<string, array<string, string>>, kind: string, step: string, remark: string}  $sheet
     */
    private function sheet(Circuit $circuit, array $document, array $sheet, Person $preparer, Person $reviewer): void
    {
        $then = $document;
        foreach ($sheet['typed'] as $section => $fields) {
            $then[$section] = [...is_array($then[$section] ?? null) ? $then[$section] : [], ...$fields];
        }
        $circuit = $this->store->save($circuit->refresh()->load('site'), $circuit->version, CircuitDocument::from($then), $preparer);
        $revision = $this->store->revise($circuit, $circuit->version, $sheet['name'], $preparer);
        $this->send($revision, $sheet, $preparer, $reviewer);
        $this->store->save($circuit, $circuit->version, CircuitDocument::from($document), $preparer);
    }

    /**
     * Sends a revision to review and, where the demo says so, signs it.
     *
     * @param  array{kind: string, step: string, remark: string, ...}  $sheet
     */
    private function send(Revision $revision, array $sheet, Person $preparer, Person $reviewer): void
    {
        $revision = $this->sheets->send($revision, SheetKind::from($sheet['kind']), $sheet['remark'], $preparer);
        if ($sheet['step'] === 'issued') {
            $questions = SheetRecord::questions($revision);
            $reasons = [];
            foreach ($questions as $question) {
                $reasons[$question['key']] = $question['wants_words'] ? 'To be repaired in the next shutdown; barred from use until then.'
                    : '';
            }
            $this->sheets->issue($revision, self::PASSWORD, $reasons, array_column($questions, 'key'), '', $reviewer);
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array{measure?: array<string, string>, kind?: string, values?: array<string, mixed>, load_percent?: string,
         instrument: string, note: string, taken_at: string}  $reading
     */
    private function keep(Circuit $circuit, array $document, array $reading, Person $person): void
    {
        if (isset($reading['kind'])) {
            $this->readings->keepTyped(
                $circuit, ReadingKind::from($reading['kind']), $reading['values'] ?? [], $reading['load_percent'] ?? null,
                $reading['instrument'], $reading['note'], $reading['taken_at'], $person,
            );
        } else {
            $this->readings->keepMeasured(
                $circuit, CircuitDocument::from([...$document, 'measure' => $reading['measure'] ?? []]), $reading['instrument'],
                $reading['note'], $reading['taken_at'], $person,
            );
        }
    }

    /** @return list<DemoSite> */
    private function sites(): array
    {
        $sites = [];
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            /** @var DemoSite $site */
            $site = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
            $sites[] = $site;
        }

        return $sites;
    }
}
