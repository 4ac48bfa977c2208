<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Site;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
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
     * Holds an answer against its shape in the contract.
     *
     * @param  TestResponse<Response>  $response
     */
    protected function assertShape(string $name, TestResponse $response): void
    {
        $file = $name === 'solution' ? 'solution' : 'service';
        if ($this->validator === null) {
            $this->validator = new Validator;
            foreach (['circuit', 'solution', 'service'] as $one) {
                $this->validator
                    ->resolver()
                    ?->registerFile("https://brave-anvil.example/contract/$one.schema.json", base_path("contract/$one.schema.json"));
            }
        }
        $data = json_decode((string) $response->getContent(), false, 64, JSON_THROW_ON_ERROR);
        $result = $this->validator->validate(
            $file === 'solution' ? $data : (object) [$name => $data],
            "https://brave-anvil.example/contract/$file.schema.json",
        );
        $error = $result->error();
        self::assertTrue($result->isValid(), $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error)));
    }

    /** @param  TestResponse<Response>  $response */
    protected function assertProblem(int $status, TestResponse $response): void
    {
        $response->assertStatus($status);
        self::assertStringStartsWith('application/problem+json', (string) $response->headers->get('Content-Type'));
        $this->assertShape('problem', $response);
    }
}
