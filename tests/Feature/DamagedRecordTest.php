<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Circuit;
use App\Models\Person;
use App\Models\Revision;
use App\Models\Site;
use Illuminate\Routing\Route as Defined;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/** A record that cannot be read, however it came to be stored, takes down nothing but itself: every view and every file still opens. */
final class DamagedRecordTest extends FeatureTestCase
{
    protected bool $broken = true;

    /** @return array<string, array{string}> what may stand in a column of JSON */
    public static function contents(): array
    {
        $deep = str_repeat('{"a":', 200).'1'.str_repeat('}', 200);

        return [
            'a list' => ['[1,[2,{"a":"b"}]]'], 'a text' => ['"x"'], 'nothing' => ['null'], 'names of digits' => ['{"0":"a","1":"b"}'],
            'another form' => ['{"kind":{"a":1},"values":7,"plate":{"0":{"x":[1]}},"supply":"y","tag":[],"format":3}'],
            'too deep' => [$deep], 'a name with NUL' => ['{"\u0000a":1}'], 'a number without end' => ['{"volts_12":1e9999}'],
            'lists in lists' => ['[["a"],[],[[[]]]]'],
        ];
    }

    protected function setUp(): void
    {
        parent::setUp();
        // What cannot be read is logged, as it should be: here in great numbers.
        config(['logging.default' => 'null']);
    }

    #[DataProvider('contents')]
    public function test_every_view_opens_whatever_is_stored(string $json): void
    {
        $site = $this->site();
        $good = $this->circuit($site);
        $this->actingAs($person = $this->person('administrator'));
        $this->postJson("/api/circuits/$good->id/log", ['kind' => 'note', 'values' => ['what' => 'Fan belt renewed']])->assertCreated();
        $this->store($json, $site, $good, $person);
        foreach ($this->addresses($site, $good) as $address) {
            $answer = $this->getJson($address);
            self::assertLessThan(500, $answer->getStatusCode(), $address.': '.mb_substr((string) $answer->getContent(), 0, 300));
        }
        foreach (['circuits', "sites/$site->id/due", "circuits/$good->id/log", "circuits/$good->id/readings", "sites/$site->id/spares",
            "sites/$site->id/due.csv", "sites/$site->id/circuits.csv?figures=1", "sites/$site->id/circuits.jsonl",
            "sites/$site->id/readings.csv", "sites/$site->id/readings.jsonl", "sites/$site->id/imports", "sites/$site->id/bank",
            "circuits/$good->id/revisions", "circuits/$good->id/drills", 'analysers', 'sites', 'record'] as $list) {
            self::assertSame(200, $this->getJson("/api/$list")->getStatusCode(), $list);
        }
        self::assertStringContainsString('Fan belt renewed', (string) $this->getJson("/api/circuits/$good->id/log")->getContent());
        $this->putJson("/api/circuits/$good->id", ['version' => 1, 'circuit' => ['tag' => 'KF-204', 'plate' => ['power' => '37 kW']]])
            ->assertOk();
    }

    public function test_a_list_says_which_record_cannot_be_read(): void
    {
        $site = $this->site();
        $good = $this->circuit($site);
        $this->actingAs($person = $this->person());
        $this->store('"x"', $site, $good, $person);
        $readings = (array) $this->getJson("/api/circuits/$good->id/readings")->json('readings');
        self::assertStringStartsWith('Cannot be read: ', $readings[0]['note']);
        $due = (string) $this->getJson("/api/sites/$site->id/due")->getContent();
        self::assertStringContainsString('Cannot be read: the stored data are damaged.', $due);
        $file = (string) $this->getJson("/api/sites/$site->id/circuits.csv")->getContent();
        self::assertStringContainsString('Cannot be read', $file);
    }

    /** Straight into the tables, as no request may. */
    private function store(string $json, Site $site, Circuit $good, Person $person): void
    {
        $now = now();
        $bad = DB::table('circuits')->insertGetId([
            'site_id' => $site->id, 'tag' => 'BAD-1', 'draft' => $json, 'version' => 1, 'rule_book' => 'none such', 'worst' => 'none',
            'stops' => 0, 'cautions' => 0, 'notes' => 0, 'errors' => 0, 'core' => '', 'method' => 'none such', 'output_w' => 'Infinity',
            'created_at' => $now, 'updated_at' => $now,
        ]);
        foreach ([$bad, $good->id] as $circuit) {
            foreach (['relay_trip', 'power', 'insulation_resistance', 'none_such'] as $kind) {
                foreach (['typed', 'waveform', 'run_up_time'] as $method) {
                    DB::table('readings')->insert([
                        'circuit_id' => $circuit, 'kind' => $kind, 'method' => $method, 'instrument' => 'x', 'values' => $json,
                        'figures' => $json, 'core' => '', 'taken_at' => $now, 'taken_by' => $person->id, 'created_at' => $now,
                        'load_percent' => 'x',
                    ]);
                }
            }
            foreach (['hours', 'greasing', 'trip', 'note', 'none_such'] as $kind) {
                DB::table('log_entries')->insert([
                    'circuit_id' => $circuit, 'kind' => $kind, 'values' => $json, 'happened_at' => $now, 'recorded_by' => $person->id,
                    'created_at' => $now,
                ]);
            }
            DB::table('drills')->insert([
                'circuit_id' => $circuit, 'fault' => $json, 'load_percent' => 'x', 'seed' => 1, 'taken' => $json, 'set_by' => $person->id,
                'ended_at' => $now, 'named' => 'none such', 'created_at' => $now, 'updated_at' => $now,
            ]);
            $revision = DB::table('revisions')->insertGetId([
                'circuit_id' => $circuit, 'number' => 1, 'name' => 'x', 'draft' => $json, 'solution' => $json, 'core' => '',
                'context' => $json, 'created_by' => $person->id, 'created_at' => $now,
            ]);
            DB::table('revision_steps')->insert([
                'revision_id' => $revision, 'step' => 'sent', 'decisions' => $json, 'person_id' => $person->id, 'created_at' => $now,
            ]);
        }
        DB::table('spares')->insert([
            'site_id' => $site->id, 'name' => 'x', 'plate' => $json, 'updated_by' => $person->id, 'created_at' => $now,
            'updated_at' => $now,
        ]);
        DB::table('analysers')->insert([
            'name' => 'x', 'host' => '127.0.0.1', 'port' => 1, 'unit' => 1, 'map' => $json, 'updated_by' => $person->id,
            'created_at' => $now, 'updated_at' => $now,
        ]);
        $import = DB::table('imports')->insertGetId([
            'site_id' => $site->id, 'what' => 'circuits', 'name' => 'x', 'file' => 'none', 'state' => 'preview', 'columns' => $json,
            'chosen' => $json, 'asked_by' => $person->id, 'created_at' => $now, 'updated_at' => $now,
        ]);
        DB::table('import_rows')->insert([
            'import_id' => $import, 'number' => 1, 'tag' => 'x', 'action' => 'refused', 'document' => $json, 'differences' => $json,
            'problems' => $json, 'cells' => $json,
        ]);
        DB::table('rounds')->insert(['site_id' => $site->id, 'area' => '', 'begun_by' => $person->id, 'created_at' => $now,
            'updated_at' => $now]);
        DB::table('sites')->insert([
            'name' => 'Damaged', 'rule_book' => 'iec', 'supply' => $json, 'settings' => $json, 'areas' => $json, 'version' => 1,
            'created_at' => $now, 'updated_at' => $now,
        ]);
    }

    /** @return list<string> of everything that can be looked at, for the good circuit and the bad one */
    private function addresses(Site $site, Circuit $good): array
    {
        $ids = ['circuit' => [$good->id, (int) Circuit::query()->where('tag', 'BAD-1')->value('id')]];
        foreach (['site' => 'sites', 'revision' => 'revisions', 'import' => 'imports', 'round' => 'rounds'] as $name => $table) {
            $ids[$name] = DB::table($table)->orderBy('id')->pluck('id')->all();
        }
        $ids['other'] = Revision::query()->orderBy('id')->pluck('id')->all();
        $ids['paper'] = ['door', 'file'];
        $addresses = [];
        $routes = array_filter(Route::getRoutes()->getRoutes(), static fn (Defined $route): bool => $route->methods()[0] === 'GET'
            && str_starts_with($route->uri(), 'api/') && ! str_contains($route->uri(), '{job}') && ! str_contains($route->uri(), '{name}'));
        foreach ($routes as $route) {
            $made = ['/'.$route->uri()];
            foreach ($ids as $name => $values) {
                $next = [];
                foreach ($made as $address) {
                    foreach (str_contains($address, '{'.$name.'}') ? $values : [''] as $value) {
                        $next[] = str_replace('{'.$name.'}', (string) $value, $address);
                    }
                }
                $made = $next;
            }
            $addresses = [...$addresses, ...$made];
        }

        return $addresses;
    }
}
