<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Circuit;
use App\Models\Person;
use Illuminate\Routing\Route as Defined;
use Illuminate\Support\Facades\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Requests that no page makes: each is answered in the one shape of a problem, none breaks what others see, none ends in a fault. */
final class HostileRequestTest extends FeatureTestCase
{
    protected bool $broken = true;

    private const REQUESTS = 2000;

    public function test_numbers_that_are_none_are_not_there(): void
    {
        $this->actingAs($this->person('administrator'));
        foreach (['x', '-1', '1.5', '99999999999999999999', '0x1', '1%20'] as $id) {
            foreach (['circuits', 'revisions', 'imports', 'rounds', 'papers'] as $what) {
                $this->assertProblem(404, $this->getJson("/api/$what/$id"));
            }
            $this->assertProblem(404, $this->getJson("/api/sites/$id/due"));
            $this->assertProblem(404, $this->putJson("/api/people/$id", []));
        }
        $this->assertProblem(404, $this->getJson('/api/circuits/999999999'));
        $this->assertProblem(400, $this->getJson('/api/circuits/%ff'));
        $this->assertProblem(404, $this->getJson('/api/circuits/%00'));
    }

    public function test_an_address_holds_plain_text(): void
    {
        $this->actingAs($this->person());
        foreach (['?search=%ff', '?search=a%00b', '?search[]=x', '?search[a][b]=x', '?%ff=1'] as $query) {
            $this->assertProblem(400, $this->getJson('/api/circuits'.$query));
        }
        $this->getJson('/api/circuits?search=φ')->assertOk();
    }

    public function test_texts_and_names_hold_no_nul(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('administrator'));
        foreach (
            [
                ['PUT', "circuits/$circuit->id", ['version' => 1, 'circuit' => ['tag' => "KF\0"]]],
                ['PUT', "circuits/$circuit->id", ['version' => 1, 'circuit' => ['tag' => 'KF', "\0a" => 1]]],
                ['POST', 'session', ['login' => "electrician-b\0n", 'password' => 'larkrigg']],
                ['POST', 'people', ['name' => "x\0", 'login' => 'x', 'role' => 'viewer', 'password' => 'a long enough one']],
            ] as [$method, $path, $body]
        ) {
            $this->assertProblem(422, $this->json($method, "/api/$path", $body));
        }
        self::assertSame('KF-204', $circuit->refresh()->tag);
        $this->getJson("/api/circuits/$circuit->id")->assertOk();
    }

    /** Nothing can be computed for an empty plate, and still what no reading has is refused, by hand and by a stand-in. */
    public function test_a_reading_has_values_with_names_also_where_nothing_is_computed(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $this->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => ['tag' => 'KF-204', 'plate' => []]])->assertOk();
        foreach (['readings/typed', 'instruments/keep'] as $way) {
            foreach ([['a', 'b'], ['0' => 'a'], ['none_such' => 'a'], ['trips' => ['x' => ['y' => 1]]]] as $values) {
                $this->assertProblem(422, $this->postJson("/api/circuits/$circuit->id/$way", [
                    'kind' => 'relay_trip', 'values' => $values, 'instrument' => 'x', 'load_percent' => '75',
                ]));
            }
        }
        self::assertSame([], $this->getJson("/api/circuits/$circuit->id/readings")->json('readings'));
    }

    public function test_a_number_beyond_every_number_is_refused_at_its_field(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $answer = $this->call('PUT', "/api/circuits/$circuit->id", [], [], [], [
            'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ], '{"version":1,"circuit":{"tag":"KF-204","cable":{"length":1e9999}}}');
        $this->assertProblem(422, $answer);
        self::assertSame('circuit.cable.length', $answer->json('errors.0.path'));
    }

    public function test_a_list_where_a_text_belongs_is_told(): void
    {
        $site = $this->site();
        $this->assertProblem(422, $this->postJson('/api/session', ['login' => ['a'], 'password' => ['b']]));
        $this->actingAs($this->person('administrator'));
        $this->assertProblem(400, $this->call('POST', '/api/waveforms?options[]=x', [], [], [], ['HTTP_ACCEPT' => 'application/json'],
            "1\n"));
        $this->assertProblem(422, $this->putJson("/api/sites/$site->id", [
            'version' => 1, 'name' => 'x', 'rule_book' => 'iec', 'areas' => ['a' => 'Kilns'],
        ]));
        $this->assertProblem(422, $this->postJson("/api/sites/$site->id/spares", [
            'name' => 'x', 'plate' => ['second' => ['power' => ['deep' => ['deeper' => 1]]]],
        ]));
        $this->getJson("/api/sites/$site->id/spares")->assertOk();
    }

    public function test_versions_beyond_every_number_are_refused(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('administrator'));
        foreach ([2_147_483_648, 9_000_000_000, -1, 1e30] as $version) {
            $this->assertProblem(422, $this->putJson("/api/circuits/$circuit->id", ['version' => $version, 'circuit' => ['tag' => 'KF']]));
            $this->assertProblem(422, $this->postJson("/api/circuits/$circuit->id/revisions", ['version' => $version, 'name' => 'x']));
        }
        $this->assertProblem(422, $this->getJson('/api/circuits?site=99999999999'));
    }

    public function test_what_lies_too_deep_is_no_body(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $deep = str_repeat('{"a":', 30).'1'.str_repeat('}', 30);
        $answer = $this->call('PUT', "/api/circuits/$circuit->id", [], [], [], [
            'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ], '{"version":1,"circuit":'.$deep.'}');
        $this->assertProblem(400, $answer);
    }

    /** 24 MB of `1` and line end, as large as a file may be. */
    public function test_a_file_of_millions_of_short_lines_is_refused_with_its_count(): void
    {
        $this->actingAs($this->person());
        $before = memory_get_usage();
        $answer = $this->call('POST', '/api/waveforms', [], [], [], ['HTTP_ACCEPT' => 'application/json'], str_repeat("1\n", 12_000_000));
        self::assertLessThan(500, $answer->getStatusCode());
        self::assertStringContainsString('rows; the limit is', (string) $answer->getContent());
        self::assertLessThan(200e6, memory_get_peak_usage() - $before);
    }

    /** 24 MB of commas are one row of millions of empty cells. */
    public function test_a_row_without_end_is_refused(): void
    {
        $this->actingAs($this->person());
        foreach ([',', ' ', ';'] as $separator) {
            $answer = $this->call('POST', '/api/waveforms', [], [], [], ['HTTP_ACCEPT' => 'application/json'],
                '1'.str_repeat($separator, 20_000_000).'1');
            $answer->assertOk();
            self::assertStringContainsString('A row has more than', (string) $answer->getContent());
        }
    }

    public function test_a_host_that_is_no_name_is_refused(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $host = str_repeat('a', 300).'.example';
        $this->assertProblem(400, $this->call('POST', "http://$host/api/sites/$circuit->site_id/schedules", [], [], [], [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json',
        ], '{"name":"motors","as":"csv"}'));
    }

    public function test_while_the_database_is_away_it_is_said_when_to_try_again(): void
    {
        $fault = new \PDOException('SQLSTATE[08006] [7] connection to server at "127.0.0.1" failed: Connection refused');
        $fault->errorInfo = ['08006', 7, 'connection refused'];
        $answer = \App\Problems\ProblemRenderer::render($fault);
        self::assertSame([503, '5'], [$answer->getStatusCode(), $answer->headers->get('Retry-After')]);
        self::assertSame(500, \App\Problems\ProblemRenderer::render(new \PDOException('syntax error'))->getStatusCode());
    }

    public function test_an_archived_circuit_takes_nothing_new(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $this->deleteJson("/api/circuits/$circuit->id", ['version' => 1])->assertNoContent();
        foreach (
            [
                ["circuits/$circuit->id/log", ['kind' => 'note', 'values' => ['what' => 'x']]],
                ["circuits/$circuit->id/readings/typed", ['kind' => 'speed', 'values' => ['rpm' => '1480'], 'instrument' => 'x']],
                ["circuits/$circuit->id/revisions", ['name' => 'x', 'version' => 1]],
            ] as [$path, $body]
        ) {
            $this->assertProblem(410, $this->postJson("/api/$path", $body));
        }
        $this->getJson("/api/circuits/$circuit->id/log")->assertOk();
    }

    public function test_twenty_new_circuits_have_twenty_tags(): void
    {
        $site = $this->site();
        $this->actingAs($this->person());
        foreach (range(1, 20) as $i) {
            $this->postJson('/api/circuits', ['site_id' => $site->id])->assertCreated();
        }
        self::assertCount(20, array_unique(Circuit::query()->pluck('tag')->all()));
    }

    /** Every route with random bodies, as each role: never a fault of ours. */
    public function test_no_random_request_ends_in_a_fault(): void
    {
        $seed = (int) (getenv('FUZZ_SEED') ?: random_int(1, 1_000_000_000));
        $random = new Randomizer(new Mt19937($seed));
        $site = $this->site();
        $circuit = $this->circuit($site);
        $people = array_map(fn (string $role): Person => $this->person($role, "fuzz-$role"), Person::ROLES);
        $routes = array_values(array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Defined $route): bool => str_starts_with($route->uri(), 'api/') && ! str_contains($route->uri(), '{any}')
                && ! in_array($route->uri(), ['api/session', 'api/analysers/{analyser}/read'], true),
        ));
        for ($i = 0; $i < self::REQUESTS; $i++) {
            $route = $routes[$random->getInt(0, count($routes) - 1)];
            $method = $route->methods()[0];
            $path = (string) preg_replace_callback(
                '~\{(\w+)\??\}~', fn (array $m): string => $this->id($random, $m[1], $site->id, $circuit->id), $route->uri(),
            );
            $this->actingAs($people[$random->getInt(0, count($people) - 1)]);
            $answer = $this->json($method, '/'.$path.($random->getInt(0, 3) === 0 ? '?site='.$random->getInt(-1, 3).
                '&page=2&what=readings' : ''), $method === 'GET' ? [] : $this->body($random, 0));
            // That an instrument gives no reading is its own answer.
            if ($answer->getStatusCode() === 502 && $answer->json('type') === 'urn:brave-anvil:problem:no_reading') {
                continue;
            }
            self::assertLessThan(500, $answer->getStatusCode(),
                "FUZZ_SEED=$seed: $method $path: ".mb_substr((string) $answer->getContent(), 0, 400));
        }
        foreach (['circuits', 'sites', "circuits/$circuit->id", "circuits/$circuit->id/revisions", "sites/$site->id/spares",
            "sites/$site->id/due"] as $path) {
            $this->actingAs($people[0]);
            self::assertLessThan(500, $this->getJson("/api/$path")->getStatusCode(), "FUZZ_SEED=$seed: $path afterwards");
        }
    }

    private function id(Randomizer $random, string $name, int $site, int $circuit): string
    {
        return match (true) {
            $name === 'site' && $random->getInt(0, 4) > 0 => (string) $site,
            $name === 'circuit' && $random->getInt(0, 4) > 0 => (string) $circuit,
            $name === 'paper' => 'door', $name === 'name' => str_repeat('a', 32),
            default => (string) $random->getInt(0, 5),
        };
    }

    /** @return array<string, mixed> */
    private function body(Randomizer $random, int $depth): array
    {
        $names = [
            'name', 'version', 'circuit', 'values', 'kind', 'why', 'what', 'tag', 'plate', 'power', 'voltage', 'supply', 'settings',
            'areas', 'login',
            'role', 'password', 'active', 'remark', 'decisions', 'columns', 'item', 'same', 'found', 'area', 'typed', 'path', 'value',
            'instrument',
            'load_percent', 'taken_at', 'seconds', 'changeover', 'fault', 'pairs', 'paper', 'rule_book', 'place', 'readings', 'load',
            'points', 'second',
            'happened_at', 'host', 'port', 'unit', 'map', 'as', 'bank', 'corrections', 'starter', 'cable', 'guard', 'correction', 'site_id',
        ];
        $body = [];
        for ($n = $random->getInt(0, 7); $n > 0; $n--) {
            $body[$names[$random->getInt(0, count($names) - 1)]] = $this->value($random, $depth);
        }

        return $body;
    }

    private function value(Randomizer $random, int $depth): mixed
    {
        return match ($random->getInt(0, $depth > 3 ? 8 : 11)) {
            0 => null, 1 => true, 2 => $random->getInt(-5, 5), 3 => 1e300, 4 => 99999999999, 5 => '', 6 => "\u{202E}φ½\u{0300}",
            7 => ['iec', 'note', 'speed', 'dial', 'circuits', 'for_use', '2026-11-26', '37 kW', '400/690', 'door',
                'electrician'][$random->getInt(0, 10)],
            8 => str_repeat('x', $random->getInt(0, 400)), 9 => $this->body($random, $depth + 1),
            default => array_map(fn (): mixed => $this->value($random, $depth + 1), range(0, $random->getInt(0, 3))),
        };
    }
}
