<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Circuit;
use Illuminate\Routing\Route as Defined;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Every way into the service against every role: who is let in is written down here, once, and a way that is not written down fails. */
final class AccessTest extends FeatureTestCase
{
    private const ANYBODY = ['stranger', 'viewer', 'electrician', 'reviewer', 'administrator'];

    private const READERS = ['viewer', 'electrician', 'reviewer', 'administrator'];

    private const EDITORS = ['electrician', 'reviewer', 'administrator'];

    private const REVIEWERS = ['reviewer'];

    private const ADMINISTRATORS = ['administrator'];

    /** Whoever signs in or out changes nothing of the house; readers ask for papers and read instruments, and keep nothing. */
    private const ALLOWED = [
        'GET api/session' => self::ANYBODY,
        'POST api/session' => self::ANYBODY,
        'DELETE api/session' => self::READERS,
        'PUT api/session/password' => self::READERS,
        'POST api/session/standing' => self::READERS,
        'GET api/session/sign-ins' => self::READERS,
        'DELETE api/session/sign-ins' => self::READERS,
        'DELETE api/session/sign-ins/{signIn}' => self::READERS,
        'POST api/solve' => self::READERS,
        'POST api/solve/extra' => self::READERS,
        'POST api/solve/parts' => self::READERS,
        'POST api/leads' => self::READERS,
        'GET api/carried' => self::READERS,
        'POST api/carried/differences' => self::READERS,
        'POST api/readings/check' => self::READERS,
        'POST api/replacement' => self::READERS,
        'POST api/waveforms' => self::READERS,
        'GET api/sites' => self::READERS,
        'POST api/sites' => self::ADMINISTRATORS,
        'PUT api/sites/{site}' => self::ADMINISTRATORS,
        'GET api/circuits' => self::READERS,
        'POST api/circuits' => self::EDITORS,
        'GET api/circuits/{circuit}' => self::READERS,
        'PUT api/circuits/{circuit}' => self::EDITORS,
        'DELETE api/circuits/{circuit}' => self::EDITORS,
        'POST api/circuits/{circuit}/restore' => self::EDITORS,
        'GET api/circuits/{circuit}/revisions' => self::READERS,
        'POST api/circuits/{circuit}/revisions' => self::EDITORS,
        'POST api/circuits/{circuit}/sheet' => self::READERS,
        'GET api/circuits/{circuit}/readings' => self::READERS,
        'POST api/circuits/{circuit}/readings' => self::EDITORS,
        'POST api/circuits/{circuit}/readings/typed' => self::EDITORS,
        'POST api/circuits/{circuit}/starts' => self::EDITORS,
        'POST api/circuits/{circuit}/waveforms' => self::EDITORS,
        'GET api/circuits/{circuit}/log' => self::READERS,
        'POST api/circuits/{circuit}/log' => self::EDITORS,
        'POST api/circuits/{circuit}/instruments' => self::READERS,
        'POST api/circuits/{circuit}/instruments/keep' => self::EDITORS,
        'GET api/circuits/{circuit}/drills' => self::READERS,
        'POST api/circuits/{circuit}/drills' => self::EDITORS,
        'GET api/circuits/{circuit}/photograph' => self::READERS,
        'PUT api/circuits/{circuit}/photograph' => self::EDITORS,
        'DELETE api/circuits/{circuit}/photograph' => self::EDITORS,
        'GET api/circuits/{circuit}/photograph/{name}' => self::READERS,
        'POST api/readings/{reading}/withdraw' => self::EDITORS,
        'POST api/log/{entry}/withdraw' => self::EDITORS,
        'POST api/drills/{drill}/readings' => self::EDITORS,
        'POST api/drills/{drill}/name' => self::EDITORS,
        'GET api/revisions/{revision}' => self::READERS,
        'GET api/revisions/{revision}/paper/{paper}' => self::READERS,
        'GET api/revisions/{revision}/door.pdf' => self::READERS,
        'GET api/revisions/{revision}/record' => self::READERS,
        'GET api/revisions/{revision}/review' => self::READERS,
        'GET api/revisions/{revision}/compare/{other}' => self::READERS,
        'POST api/revisions/{revision}/send' => self::EDITORS,
        'POST api/revisions/{revision}/return' => self::REVIEWERS,
        'POST api/revisions/{revision}/issue' => self::REVIEWERS,
        'POST api/revisions/{revision}/withdraw' => self::REVIEWERS,
        'POST api/revisions/{revision}/file' => self::READERS,
        'GET api/papers/{job}' => self::READERS,
        'DELETE api/papers/{job}' => self::READERS,
        'GET api/papers/{job}/file' => self::READERS,
        'GET api/sites/{site}/circuits.csv' => self::READERS,
        'GET api/sites/{site}/circuits.jsonl' => self::READERS,
        'GET api/sites/{site}/readings.csv' => self::READERS,
        'GET api/sites/{site}/readings.jsonl' => self::READERS,
        'POST api/sites/{site}/schedules' => self::READERS,
        'GET api/sites/{site}/rounds' => self::READERS,
        'POST api/sites/{site}/rounds' => self::EDITORS,
        'GET api/rounds/{round}' => self::READERS,
        'GET api/rounds/{round}/motors/{circuit}' => self::READERS,
        'POST api/rounds/{round}/motors/{circuit}' => self::EDITORS,
        'POST api/rounds/{round}/end' => self::EDITORS,
        'POST api/rounds/{round}/paper' => self::READERS,
        'GET api/sites/{site}/imports' => self::READERS,
        'POST api/sites/{site}/imports' => self::EDITORS,
        'GET api/imports/{import}' => self::READERS,
        'GET api/imports/{import}/rows' => self::READERS,
        'GET api/imports/{import}/currents' => self::READERS,
        'GET api/imports/{import}/refused.csv' => self::READERS,
        'PUT api/imports/{import}/columns' => self::EDITORS,
        'PUT api/imports/{import}/sheet' => self::EDITORS,
        'POST api/imports/{import}/apply' => self::EDITORS,
        'DELETE api/imports/{import}' => self::EDITORS,
        'POST api/sites/{site}/trial' => self::READERS,
        'POST api/sites/{site}/trial/take' => self::EDITORS,
        'GET api/sites/{site}/due' => self::READERS,
        'GET api/sites/{site}/due.csv' => self::READERS,
        'POST api/sites/{site}/calendar' => self::ADMINISTRATORS,
        'GET api/analysers' => self::READERS,
        'POST api/analysers' => self::ADMINISTRATORS,
        'DELETE api/analysers/{analyser}' => self::ADMINISTRATORS,
        'POST api/analysers/{analyser}/read' => self::READERS,
        'POST api/sites/{site}/workbook' => self::READERS,
        'GET api/sites/{site}/boards' => self::READERS,
        'POST api/sites/{site}/boards' => self::EDITORS,
        'POST api/sites/{site}/boards/take' => self::EDITORS,
        'GET api/sites/{site}/boards.csv' => self::READERS,
        'GET api/sites/{site}/boards.jsonl' => self::READERS,
        'GET api/boards/{board}' => self::READERS,
        'GET api/boards/{board}/revisions' => self::READERS,
        'POST api/boards/{board}/revisions' => self::EDITORS,
        'GET api/boards/{board}/paper/{paper}' => self::READERS,
        'PUT api/boards/{board}' => self::EDITORS,
        'DELETE api/boards/{board}' => self::EDITORS,
        'GET api/boards/{board}/document.json' => self::READERS,
        'GET api/sites/{site}/bank' => self::READERS,
        'PUT api/sites/{site}/bank' => self::EDITORS,
        'GET api/sites/{site}/tables' => self::READERS,
        'POST api/sites/{site}/corrections' => self::ADMINISTRATORS,
        'DELETE api/sites/{site}/corrections' => self::ADMINISTRATORS,
        'POST api/sites/{site}/recompute' => self::ADMINISTRATORS,
        'DELETE api/sites/{site}/recompute' => self::ADMINISTRATORS,
        'GET api/sites/{site}/spares' => self::READERS,
        'POST api/sites/{site}/spares' => self::EDITORS,
        'PUT api/spares/{spare}' => self::EDITORS,
        'DELETE api/spares/{spare}' => self::EDITORS,
        'GET api/record' => self::ADMINISTRATORS,
        'GET api/record.csv' => self::ADMINISTRATORS,
        'GET api/people' => self::ADMINISTRATORS,
        'POST api/people' => self::ADMINISTRATORS,
        'PUT api/people/{person}' => self::ADMINISTRATORS,
    ];

    /** @return list<string> every way into the service, as method and address */
    private static function ways(): array
    {
        $ways = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if ($route instanceof Defined && str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $ways[] = $method.' '.$route->uri();
                }
            }
        }
        sort($ways);

        return $ways;
    }

    public function test_every_way_in_is_written_down(): void
    {
        $written = array_keys(self::ALLOWED);
        sort($written);
        self::assertSame(self::ways(), $written);
    }

    /**
     * One of everything, so that it is the role that is refused, not a number that leads nowhere.
     *
     * @return array<string, int|string> what stands in an address, by its name
     */
    private function everything(Circuit $circuit): array
    {
        $author = $this->person('electrician', 'author');
        $this->actingAs($author);
        $revision = $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'as built', 'version' => 1])->json('id');
        $now = now();
        $stamps = ['created_at' => $now, 'updated_at' => $now];
        $made = static fn (string $table, array $row): int => DB::table($table)->insertGetId($row);

        return [
            'site' => $circuit->site_id, 'circuit' => $circuit->id, 'revision' => is_int($revision) ? $revision : 0,
            'other' => is_int($revision) ? $revision : 0, 'person' => $author->id, 'name' => str_repeat('0', 32), 'paper' => 'door',
            'reading' => $made('readings', [
                'circuit_id' => $circuit->id, 'method' => 'clamp', 'instrument' => '', 'values' => '{}', 'figures' => '{}', 'core' => '0',
                'taken_at' => $now, 'taken_by' => $author->id, 'created_at' => $now,
            ]),
            'entry' => $made('log_entries', [
                'circuit_id' => $circuit->id, 'kind' => 'hours', 'values' => '{"hours":"1"}', 'happened_at' => $now,
                'recorded_by' => $author->id, 'created_at' => $now,
            ]),
            'drill' => $made('drills', [
                'circuit_id' => $circuit->id, 'fault' => '{"kind":"none"}', 'load_percent' => '80', 'seed' => 1, 'taken' => '[]',
                'set_by' => $author->id, ...$stamps,
            ]),
            'analyser' => $made('analysers', [
                'name' => 'Bench', 'host' => '127.0.0.1', 'port' => 9, 'unit' => 1, 'map' => '{}', 'updated_by' => $author->id,
                ...$stamps,
            ]),
            'import' => $made('imports', [
                'site_id' => $circuit->site_id, 'what' => 'circuits', 'name' => 'x.csv', 'file' => 'x', 'state' => 'failed',
                'columns' => '[]',
                'chosen' => '{}', 'asked_by' => $author->id, ...$stamps,
            ]),
            'board' => $made('boards', ['site_id' => $circuit->site_id, 'tag' => 'MCC-1', 'typed' => '{}', ...$stamps]),
            'round' => $made('rounds', ['site_id' => $circuit->site_id, 'area' => 'Kilns', 'begun_by' => $author->id, ...$stamps]),
            'job' => $made('papers', [
                'name' => 'x', 'revision_id' => $revision, 'origin' => 'http://localhost', 'state' => 'cancelled',
                'asked_by' => $author->id,
                ...$stamps,
            ]),
            'spare' => $made('spares', [
                'site_id' => $circuit->site_id, 'name' => 'Store 3', 'place' => '', 'plate' => '{}', 'updated_by' => $author->id,
                ...$stamps,
            ]),
            'signIn' => $made('sign_ins', [
                'person_id' => $author->id, 'digest' => str_repeat('0', 64), 'whence' => '', 'machine' => '', 'began_at' => $now,
                'seen_at' => $now,
            ]),
        ];
    }

    public function test_each_role_gets_in_where_it_may_and_nowhere_else(): void
    {
        $circuit = $this->circuit();
        $there = $this->everything($circuit);
        $wrong = [];
        $asked = 0;
        foreach (self::ANYBODY as $role) {
            $person = $role === 'stranger' ? null : $this->person($role, "some-$role");
            foreach (self::ALLOWED as $way => $roles) {
                [$method, $uri] = explode(' ', $way);
                $path = '/'.preg_replace_callback('~\{(\w+)\}~', static fn (array $m): string => (string) ($there[$m[1]] ?? $m[0]), $uri);
                self::assertStringNotContainsString('{', $path);
                $this->flushSession();
                $this->app?->make('auth')->forgetGuards();
                // What is carried out is taken back: the next role finds everything again.
                DB::beginTransaction();
                $answer = ($person === null ? $this : $this->actingAs($person))->json($method, $path, []);
                DB::rollBack();
                $status = $answer->getStatusCode();
                $asked++;
                $right = match (true) {
                    in_array($role, $roles, true) => ! in_array($status, [401, 403], true) &&
                        // The analyser of this test is at an address where none is.
                        ($status < 500 || ($status === 502 && str_ends_with($way, 'analysers/{analyser}/read'))),
                    $role === 'stranger' => $status === 401,
                    default => $status === 403,
                };
                if (! $right) {
                    $wrong[] = "$role $way: $status";
                }
                if ($status >= 400 && ! str_starts_with((string) $answer->headers->get('Content-Type'), 'application/problem+json')) {
                    $wrong[] = "$role $way: no problem";
                }
                $this->travel(2)->minutes();
            }
        }
        self::assertSame([], $wrong);
        self::assertSame(5 * count(self::ALLOWED), $asked);
    }

    /** What is not there, or not done there, is told in the same shape; the address itself is looked up before who asks. */
    public function test_what_is_not_there_is_a_problem(): void
    {
        foreach ([$this, $this->actingAs($this->person())] as $asking) {
            foreach (['/api', '/api/', '/api/nothing', '/api/circuits/1/nothing', '/api/../api/nothing'] as $path) {
                $this->assertProblem(404, $asking->getJson($path));
            }
            foreach (['DELETE' => '/api/sites', 'PATCH' => '/api/circuits/1', 'PUT' => '/api/solve',
                'GET' => '/api/solve'] as $method => $path) {
                $answer = $asking->json($method, $path, []);
                $this->assertProblem(405, $answer);
                self::assertNotSame('', (string) $answer->headers->get('Allow'), "$method $path");
            }
        }
    }
}
