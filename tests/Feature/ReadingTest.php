<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Circuits\SolveAgain;
use App\Models\Circuit;
use App\Models\Reading;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Circuits;

/** Readings are kept as they were taken, and waveform files are analysed without being kept. */
final class ReadingTest extends FeatureTestCase
{
    private function measured(): Circuit
    {
        return (new CircuitStore())->create(
            $this->site(),
            CircuitDocument::from([
                ...Circuits::kilnFan(),
                'measure' => [
                    'method' => 'two_wattmeters', 'watts_1' => '-1240', 'watts_3' => '5820', 'sequence' => '123',
                    'balanced' => 'balanced', 'swapped' => 'none', 'volts_12' => '400',
                ],
            ]),
            $this->person('electrician', 'maker'),
        );
    }

    public function test_what_cannot_be_read_is_told_while_it_is_typed(): void
    {
        $this->actingAs($this->person());
        $check = fn (array $values): TestResponse => $this->postJson('/api/readings/check', [
            'rule_book' => 'iec', 'kind' => 'line_current', 'values' => $values, 'load_percent' => '90',
        ])->assertOk();
        $answer = $check(['amps_1' => '59 A', 'amps_2' => '59 kW', 'amps_3' => '']);
        self::assertSame(['values.amps_2'], array_column((array) $answer->json('errors'), 'path'));
        self::assertSame([], $check(['amps_1' => '59'])->json('errors'), 'what is not there yet is no error');
    }

    public function test_what_differs_shows_in_the_yard_and_stays_there_when_the_site_is_solved_anew(): void
    {
        $circuit = $this->circuit();
        $edited = $circuit->updated_at;
        $this->actingAs($this->person());
        $stops = static fn (int $id): int => Circuit::query()->findOrFail($id)->stops;
        $before = $stops($circuit->id);
        $id = $this->postJson("/api/circuits/$circuit->id/readings/typed", [
            'kind' => 'vibration', 'values' => ['de' => '9'], 'instrument' => 'pen',
        ])->assertCreated()->json('id');
        $after = $stops($circuit->id);
        (new SolveAgain([$circuit->id]))->handle(new CircuitStore());
        self::assertSame([$before + 1, $before + 1], [$after, Circuit::query()->findOrFail($circuit->id)->stops]);
        // Nobody edited the circuit: its time and its version stay.
        self::assertEquals([$edited, 1], [$circuit->refresh()->updated_at, $circuit->version]);
        self::assertIsInt($id);
        $this->postJson("/api/readings/$id/withdraw", ['why' => 'sensor loose'])->assertOk();
        self::assertSame($before, Circuit::query()->findOrFail($circuit->id)->stops);
    }

    public function test_a_reading_keeps_what_was_typed_and_what_the_core_made_of_it(): void
    {
        $circuit = $this->measured();
        $response = $this->actingAs($this->person())->postJson("/api/circuits/$circuit->id/readings", [
            'version' => 1, 'instrument' => 'two wattmeters, class 1', 'note' => 'kiln cold', 'taken_at' => '2026-11-20T08:30:00Z',
        ]);
        $response
            ->assertCreated()
            ->assertJsonPath('instrument', 'two wattmeters, class 1')
            ->assertJsonPath('values.watts_3', '5820')
            ->assertJsonPath('taken_at', '2026-11-20T08:30:00Z')
            ->assertJsonPath('taken_by', 'Somebody');
        self::assertContains('measured.reactive', array_column((array) $response->json('figures'), 'key'));
        $list = $this->getJson("/api/circuits/$circuit->id/readings")->assertOk();
        $list->assertJsonCount(1, 'readings');
    }

    public function test_a_reading_wants_its_instrument_a_result_and_a_time_that_was(): void
    {
        $circuit = $this->measured();
        $this->actingAs($this->person());
        $this->assertProblem(422, $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 1]));
        $this->assertProblem(
            422,
            $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 1, 'instrument' => 'x', 'taken_at' => '2099-01-01']),
        );
        $this->assertProblem(409, $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 7, 'instrument' => 'x']));
        $bare = $this->circuit(null, 'KF-9');
        $this->assertProblem(422, $this->postJson("/api/circuits/$bare->id/readings", ['version' => 1, 'instrument' => 'x']));
    }

    public function test_a_viewer_looks_and_does_not_keep(): void
    {
        $circuit = $this->measured();
        $this->actingAs($this->person('viewer'));
        $this->assertProblem(403, $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 1, 'instrument' => 'x']));
        $this->getJson("/api/circuits/$circuit->id/readings")->assertOk();
    }

    public function test_a_reading_is_withdrawn_once_with_a_reason_and_never_changed(): void
    {
        $circuit = $this->measured();
        $this->actingAs($this->person());
        $id = $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 1, 'instrument' => 'x'])->json('id');
        $this->assertProblem(422, $this->postJson("/api/readings/$id/withdraw", []));
        $response = $this->postJson("/api/readings/$id/withdraw", ['why' => 'clamp on the wrong line']);
        $response->assertOk()->assertJsonPath('withdrawn.why', 'clamp on the wrong line');
        $this->assertProblem(409, $this->postJson("/api/readings/$id/withdraw", ['why' => 'again']));
    }

    public function test_the_database_refuses_to_change_a_reading(): void
    {
        $circuit = $this->measured();
        $this->actingAs($this->person());
        $id = $this->postJson("/api/circuits/$circuit->id/readings", ['version' => 1, 'instrument' => 'x'])->json('id');
        foreach (
            [
                'UPDATE readings SET instrument = ? WHERE id = ?',
                'UPDATE readings SET withdrawn_at = now(), figures = to_json(?::text) WHERE id = ?',
            ] as $statement
        ) {
            try {
                DB::transaction(static fn (): int => DB::update($statement, ['better', $id]));
                self::fail('the database took a change');
            } catch (QueryException $exception) {
                self::assertStringContainsString('never changed', $exception->getMessage());
            }
        }
        self::assertSame('x', Reading::query()->whereKey($id)->firstOrFail()->instrument);
    }

    /**
     * @param  array<string, mixed>  $options
     * @return TestResponse<Response>
     */
    private function sent(string $path, string $body, array $options = [], string $more = ''): TestResponse
    {
        return $this->call(
            'POST',
            $path.'?options='.rawurlencode((string) json_encode((object) $options)).$more,
            [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $body,
        );
    }

    public function test_a_file_of_samples_is_analysed(): void
    {
        $this->actingAs($this->person());
        $response = $this->sent('/api/waveforms', (string) file_get_contents(public_path('samples/grinder-lagging.csv')), [
            'columns' => [['role' => 't'], ['role' => 'v1'], ['role' => 'i1', 'way' => 'clamp', 'value' => '10']],
        ]);
        $response->assertOk();
        self::assertEqualsWithDelta(
            0.46,
            array_column((array) $response->json('figures'), 'value', 'key')['waveform.displacement_factor'],
            0.001,
        );
    }

    public function test_a_bad_file_is_an_answer_with_its_line_and_a_bad_request_is_a_problem(): void
    {
        $this->actingAs($this->person());
        $bad = $this->sent('/api/waveforms', str_repeat("0.1,2,3\n", 30)."0.2,abc,3\n");
        $bad->assertOk();
        self::assertStringContainsString('Line 31, column 2', (string) $bad->json('errors.0.text'));
        $this->sent('/api/waveforms', '')->assertOk()->assertJsonPath('errors.0.path', 'file');
        $this->assertProblem(
            400,
            $this->call(
                'POST', '/api/waveforms?options=%5B', [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'],
                'x',
            ),
        );
        $this->app?->make('auth')->forgetGuards();
    }

    public function test_nobody_analyses_without_signing_in(): void
    {
        $this->assertProblem(401, $this->sent('/api/waveforms', 'x'));
    }

    public function test_a_waveform_is_kept_as_a_reading_without_its_file(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $file = (string) file_get_contents(public_path('samples/drive-input-humps.csv'));
        $response = $this->sent("/api/circuits/$circuit->id/waveforms", $file, [], '&instrument=scope');
        $response->assertCreated()->assertJsonPath('method', 'waveform');
        self::assertContains('waveform.power_factor', array_column((array) $response->json('figures'), 'key'));
        $this->assertProblem(422, $this->sent("/api/circuits/$circuit->id/waveforms", 'nothing', [], '&instrument=scope'));
    }
}
