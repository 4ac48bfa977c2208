<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Http\Call;
use App\Http\CallList;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Site;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Circuits;

/** The service over a real PostgreSQL, in a database of its own. Every answer is held against the contract. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    /** The framework would want a mocking library for console output; nothing here needs it. */
    public $mockConsoleOutput = false;

    /** Whether what is stored or sent is broken on purpose: then nothing is held against the contract. */
    protected bool $broken = false;

    private ?Validator $validator = null;

    protected function setUp(): void
    {
        parent::setUp();
        self::assertStringStartsWith('app_test', DB::connection()->getDatabaseName(), 'tests never touch the real database');
    }

    /** Tables are made by their owner; the tests, like the application, connect as one who owns nothing. */
    protected function migrateDatabases(): void
    {
        exec(escapeshellarg(base_path('bin/migrate')).' fresh 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
    }

    protected function person(string $role = 'electrician', string $login = 'somebody'): Person
    {
        return Person::query()
            ->create(['name' => ucfirst($login), 'login' => $login, 'role' => $role, 'password' => 'larkrigg', 'active' => true])
            ->refresh();
    }

    protected function site(): Site
    {
        return Site::query()->create([
            'name' => 'Mill '.uniqid(),
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50'], 'settings' => ['direct_start_limit' => '45 kW'],
            'areas' => ['Kilns'], 'version' => 1,
        ]);
    }

    /** @param  array<string, mixed>  $changes  fields by path */
    protected function circuit(?Site $site = null, string $tag = 'KF-204', array $changes = []): Circuit
    {
        return (new CircuitStore())->create(
            $site ?? $this->site(),
            CircuitDocument::from([...Circuits::changed(Circuits::kilnFan(), $changes), 'tag' => $tag]),
            $this->person('electrician', 'maker-'.uniqid()),
        );
    }

    /**
     * Every request that succeeds is held against what its route says that it takes and answers.
     *
     * @param  string  $method
     * @param  string  $uri
     * @param  array<array-key, mixed>  $data
     * @param  array<string, string>  $headers
     * @param  int  $options
     * @return TestResponse<Response>
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        $response = parent::json($method, $uri, $data, $headers, $options);
        $route = app(Router::class)->getCurrentRoute();
        $call = $route === null || ! $response->isSuccessful() || $this->broken ? null : CallList::call($route);
        if ($call?->takes !== null && $call->takes !== Call::BYTES) {
            $this->assertTitled($call->takes, self::sent($data), "$method $uri takes");
        }
        if ($call !== null && $call->answers === null) {
            self::assertSame('', (string) $response->getContent(), "$method $uri answers nothing");
        } elseif ($call?->answers !== null && $call->answers !== Call::FILE) {
            $this->assertTitled($call->answers, json_decode((string) $response->getContent()), "$method $uri answers");
        }

        return $response;
    }

    /** What is sent; of an empty array PHP does not say whether it is a list or an object, and the service takes either. */
    private static function sent(mixed $data): mixed
    {
        return json_decode(str_replace('[]', '{}', (string) json_encode($data)));
    }

    /** Holds data against the shape that has this title in the contract. */
    private function assertTitled(string $title, mixed $data, string $what): void
    {
        $at = self::shapes()[$title] ?? null;
        self::assertNotNull($at, "$what $title, which the contract does not know");
        if ($this->validator === null) {
            $this->validator = new Validator;
            foreach (['circuit', 'solution', 'service'] as $one) {
                $this->validator
                    ->resolver()
                    ?->registerFile("https://brave-anvil.example/contract/$one.schema.json", base_path("contract/$one.schema.json"));
            }
        }
        $result = $this->validator->validate($data, "https://brave-anvil.example/contract/$at");
        $error = $result->error();
        $why = $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error));
        self::assertTrue($result->isValid(), "$what: $why");
    }

    /** @return array<string, string> file and pointer of each shape, by its title */
    private static function shapes(): array
    {
        static $shapes = ['Solution' => 'solution.schema.json'];
        if (count($shapes) === 1) {
            $schema = json_decode((string) file_get_contents(base_path('contract/service.schema.json')), true, 64, JSON_THROW_ON_ERROR);
            foreach (['properties', '$defs'] as $part) {
                foreach ($schema[$part] as $key => $shape) {
                    $shapes[$shape['title'] ?? basename($shape['$ref'] ?? '')] ??= "service.schema.json#/$part/$key";
                }
            }
        }

        return $shapes;
    }

    /** @param  TestResponse<Response>  $response */
    protected function assertProblem(int $status, TestResponse $response): void
    {
        $response->assertStatus($status);
        self::assertStringStartsWith('application/problem+json', (string) $response->headers->get('Content-Type'));
        $this->assertTitled('Problem', json_decode((string) $response->getContent()), 'a problem');
    }
}
