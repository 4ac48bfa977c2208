<?php

declare(strict_types=1);

namespace Tests\Feature;

use BraveAnvil\Circuit\Fields;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;
use Tests\Core\BadInputTest;
use Tests\Core\Circuits;
use Tests\Core\Fuzz;

final class SolveTest extends FeatureTestCase
{
    public function test_a_solution_has_the_shape_of_the_contract(): void
    {
        $this->actingAs($this->person());
        foreach (
            [
                Circuits::kilnFan(), Circuits::conveyor(), Circuits::fiftyHorsepower(), Circuits::twentyFiveHorsepower(),
                ['rule_book' => 'iec'], ['rule_book' => 'cec'],
                [
                    ...Circuits::kilnFan(), 'starter' => ['method' => 'star_delta'],
                    'correction' => ['place' => 'board', 'target_power_factor' => 0.95, 'own_contactor' => true],
                ],
            ] as $circuit
        ) {
            $this->postJson('/api/solve', $circuit)->assertOk();
        }
    }

    public function test_every_starting_method_is_compared_when_it_is_asked_for(): void
    {
        $this->actingAs($this->person());
        $compared = $this->postJson('/api/solve?with=methods', Circuits::fanWithItsLoad())->assertOk();
        $compared->assertJsonCount(10, 'curves.comparison.rows');
        $alone = $this->postJson('/api/solve', Circuits::fanWithItsLoad())->assertOk();
        self::assertNull($alone->json('curves.comparison'));
        self::assertIsArray($alone->json('curves.start_course.points'));
    }

    public function test_it_asks_the_database_nothing(): void
    {
        $this->actingAs($this->person());
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->postJson('/api/solve', Circuits::kilnFan())->assertOk();
        self::assertSame([], DB::getQueryLog());
    }

    public function test_unreadable_values_are_a_solution_with_errors(): void
    {
        $response = $this->actingAs($this->person())->postJson('/api/solve', [
            ...Circuits::kilnFan(), 'supply' => ['voltage' => 'three phase 400'],
        ]);
        $response->assertOk()->assertJsonPath('errors.0.path', 'supply.voltage')->assertJsonPath('errors.0.kind', 'unreadable');
    }

    public function test_rubbish_in_a_choice_and_two_bad_fields_at_once_never_end_in_a_fault(): void
    {
        $this->actingAs($this->person());
        Fuzz::start();
        $circuits = iterator_to_array(BadInputTest::badCircuits(Fuzz::count(20)));
        foreach ((array) array_rand($circuits, 60) as $name) {
            self::assertContains($this->postJson('/api/solve', $circuits[$name])->getStatusCode(), [200, 422], (string) $name);
        }
        foreach (['hand', 'rubbish', 7] as $by) {
            $circuit = Circuits::changed(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'starter.changeover.by' => $by]);
            $this->postJson('/api/solve', $circuit)->assertOk();
        }
    }

    public function test_what_is_no_circuit_is_a_problem_and_never_a_fault(): void
    {
        $this->actingAs($this->person());
        $send = fn (string $body) => $this->call(
            'POST', '/api/solve', [], [], [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            $body,
        );
        foreach (
            [
                'not json' => 400, '[]x' => 400, '[1,2]' => 400, '"text"' => 400, '{"plate":{"power":{"deep":1}}}' => 422,
                '{"plate":"x"}' => 422, '{"plate":[1]}' => 422, '{"tag":{"a":1}}' => 422,
            ] as $body => $status
        ) {
            $this->assertProblem($status, $send((string) $body));
        }
        $this->assertProblem(413, $send('{"tag":"'.str_repeat('x', 1_100_000).'"}'));
        $this->assertProblem(400, $send(str_repeat('{"a":', 60).'1'.str_repeat('}', 60)));
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<string>
     */
    private static function paths(array $schema, string $prefix): array
    {
        $paths = [];
        foreach ($schema['properties'] as $name => $inner) {
            $paths = [...$paths, ...isset($inner['properties']) ? self::paths($inner, "$prefix$name.") : [$prefix.$name]];
        }

        return $paths;
    }

    public function test_the_contract_knows_every_field_of_the_core(): void
    {
        $schema = json_decode((string) file_get_contents(base_path('contract/circuit.schema.json')), true);
        self::assertIsArray($schema);
        $known = self::paths($schema, '');
        $core = array_keys(Fields::all());
        sort($core);
        $known = array_values(array_diff($known, ['format']));
        sort($known);
        self::assertSame($core, $known);
    }

    public function test_sample_circuits_are_valid_by_the_contract(): void
    {
        $validator = new Validator;
        $schema = json_decode((string) file_get_contents(base_path('contract/circuit.schema.json')), false);
        self::assertIsObject($schema);
        foreach ([Circuits::kilnFan(), Circuits::conveyor(), Circuits::fiftyHorsepower()] as $circuit) {
            self::assertTrue($validator->validate(json_decode((string) json_encode($circuit), false), $schema)->isValid());
        }
    }

    public function test_what_the_site_says_counts_where_the_circuit_says_nothing(): void
    {
        $this->actingAs($this->person());
        $limit = function (array $own, mixed $site): mixed {
            $answer = $this->postJson('/api/solve', [...Circuits::kilnFan(), 'settings' => $own, 'site_settings' => $site])->assertOk();

            return $answer->json('read')['settings.drop_limit_running'] ?? null;
        };
        self::assertSame($limit(['drop_limit_running' => '3'], []), $limit(['drop_limit_running' => '3'], ['drop_limit_running' => '5']));
        self::assertSame($limit(['drop_limit_running' => '5'], []), $limit(['drop_limit_running' => ''], ['drop_limit_running' => '5']));
        $this->assertProblem(422, $this->postJson('/api/solve', [...Circuits::kilnFan(), 'site_settings' => 'none']));
    }

    /** A page gets of a solution what it shows and does not hold; the site's settings count as they do for the whole. */
    public function test_a_page_gets_a_solution_in_parts(): void
    {
        $this->actingAs($this->person());
        $circuit = [...Circuits::fanWithItsLoad(), 'site_settings' => ['drop_limit_running' => '2 %']];
        $first = $this->postJson('/api/solve/parts', ['circuit' => $circuit, 'want' => ['held' => (object) []]])->assertOk();
        $first->assertHeader('X-Core-Archive');
        self::assertSame(
            $this->postJson('/api/solve', $circuit)->json('findings'), $first->json('parts.findings.body'),
        );
        /** @var array<string, array{is: string}> $parts */
        $parts = $first->json('parts');
        $held = array_map(static fn (array $part): string => $part['is'], $parts);
        $want = ['station' => 'cable', 'curves' => ['ladder'], 'held' => $held];
        $again = $this->postJson('/api/solve/parts', ['circuit' => $circuit, 'want' => $want])->assertOk();
        self::assertArrayNotHasKey('body', (array) $again->json('parts.findings'));
        self::assertLessThan(3000, strlen((string) $again->getContent()));

        $this->assertProblem(422, $this->postJson('/api/solve/parts', ['circuit' => 'none', 'want' => ['held' => (object) []]]));
    }

    /** What takes longer answers with its own picture: a tenth of the whole. */
    public function test_an_extra_answers_with_its_own_curve_alone(): void
    {
        $this->actingAs($this->person());
        $whole = strlen((string) $this->postJson('/api/solve?with=margins', Circuits::fanWithItsLoad())->assertOk()->getContent());
        $curves = ['methods' => 'comparison', 'margins' => 'margins', 'time_current' => 'time_current', 'wiring' => 'wiring'];
        foreach ($curves as $with => $curve) {
            $answer = $this->postJson("/api/solve/extra?with=$with", Circuits::fanWithItsLoad())->assertOk();
            self::assertSame([$curve], array_keys((array) $answer->json('curves')));
            self::assertLessThan($whole / 5, strlen((string) $answer->getContent()), $with);
        }
        $this->postJson('/api/solve/extra?with=nothing', Circuits::fanWithItsLoad())->assertStatus(422);
    }
}
