<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitStore;
use App\Circuits\SolveAgain;
use App\Models\Circuit;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

/** Circuits whose site, readings or core have changed are solved anew, many at once: nobody's work is touched by it. */
final class SolveAgainTest extends FeatureTestCase
{
    /** @return list<Circuit> */
    private function circuits(int $count): array
    {
        $site = $this->site();
        $circuits = [];
        for ($i = 1; $i <= $count; $i++) {
            $circuits[] = $this->circuit($site, "KF-$i", ['plate.power' => 11 + $i.' kW', 'plate.current' => null]);
        }

        return $circuits;
    }

    /** @param  list<Circuit>  $circuits */
    private static function forget(array $circuits): void
    {
        Circuit::query()->whereKey(array_column($circuits, 'id'))->toBase()
            ->update(['cable' => 'old', 'worst' => 'none', 'stops' => 9, 'core' => '0.0.1', 'dial_a' => null]);
    }

    /** @return list<array<string, mixed>> all circuits as they are kept, by id */
    private static function rows(): array
    {
        $rows = [];
        foreach (Circuit::query()->get()->sortBy('id') as $circuit) {
            $rows[] = $circuit->getAttributes();
        }

        return $rows;
    }

    public function test_each_circuit_gets_its_own_figures(): void
    {
        $circuits = $this->circuits(5);
        $kept = self::rows();
        self::forget($circuits);
        self::assertSame(5, (new SolveAgain(array_column($circuits, 'id')))->handle(new CircuitStore));
        $now = self::rows();
        self::assertSame($kept, $now, 'figures as before, and draft, version and time of the last edit as somebody left them');
        self::assertGreaterThan(3, count(array_unique(array_column($now, 'dial_a'))), 'each motor has a dial of its own');
    }

    public function test_whoever_saved_meanwhile_is_not_written_over(): void
    {
        [$stale, $other] = $this->circuits(2);
        self::forget([$stale, $other]);
        // Somebody saves between the moment at which it was read and the one at which it is written.
        Circuit::query()->whereKey($stale->id)->toBase()->update(['version' => 2, 'cable' => 'as somebody saved it']);
        (new CircuitStore)->solveAgain($stale->load('site'), $other->load('site'));
        self::assertSame('as somebody saved it', Circuit::query()->findOrFail($stale->id)->cable);
        self::assertNotSame('old', Circuit::query()->findOrFail($other->id)->cable);
    }

    public function test_fifty_are_written_together_and_asked_for_readings_once(): void
    {
        $circuits = $this->circuits(6);
        self::forget($circuits);
        $asked = ['readings' => 0, 'updates' => 0];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked['readings'] += str_contains($query->sql, '"readings"') ? 1 : 0;
            $asked['updates'] += str_starts_with($query->sql, 'update "circuits"') ? 1 : 0;
        });
        (new SolveAgain(array_column($circuits, 'id')))->handle(new CircuitStore);
        self::assertSame(['readings' => 1, 'updates' => 6], $asked);
    }

    public function test_one_that_has_readings_is_judged_by_them_beside_others_that_have_none(): void
    {
        [$read, $other] = $this->circuits(2);
        $this->actingAs($this->person());
        $this->postJson("/api/circuits/$read->id/readings/typed", ['kind' => 'vibration', 'values' => ['de' => '9'], 'instrument' => 'pen'])
            ->assertCreated();
        $with = Circuit::query()->findOrFail($read->id)->stops;
        $without = Circuit::query()->findOrFail($other->id)->stops;
        self::assertSame($without + 1, $with);
        self::forget([$read, $other]);
        (new SolveAgain([$other->id, $read->id]))->handle(new CircuitStore);
        self::assertSame($with, Circuit::query()->findOrFail($read->id)->stops);
        self::assertSame($without, Circuit::query()->findOrFail($other->id)->stops);
    }

    public function test_a_circuit_that_is_gone_by_then_holds_up_nobody(): void
    {
        [$gone, $other] = $this->circuits(2);
        self::forget([$other]);
        self::assertSame(1, (new SolveAgain([$gone->id + 1000, $other->id]))->handle(new CircuitStore));
        self::assertNotSame('old', Circuit::query()->findOrFail($other->id)->cable);
    }

    /** What the yard lists is what the circuit says when it is opened. */
    public function test_the_yards_columns_are_figures_of_the_solution(): void
    {
        $circuit = $this->circuit(null, 'KF-204', [
            'starter.method' => 'star_delta', 'cable.length' => '60 m', 'cable.line_length' => '12 m',
        ]);
        $this->actingAs($this->person());
        $draft = json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR);
        $solution = $this->postJson('/api/solve', is_array($draft) ? $draft : [])->assertOk();
        $figures = array_column((array) $solution->json('figures'), null, 'key');
        $row = Circuit::query()->findOrFail($circuit->id);
        self::assertEqualsWithDelta($figures['power.output']['value'], $row->output_w, 1e-6);
        self::assertEqualsWithDelta($figures['guard.overload_dial']['value'], $row->dial_a, 1e-6);
        self::assertEqualsWithDelta($figures['guard.scpd_rating']['value'], $row->scpd_a, 1e-6);
        self::assertSame('star_delta', $row->method);
        self::assertSame("6 × {$figures['cable.size']['shown']}", $row->cable, 'a star-delta starter has six leads');
        $grades = array_count_values(array_column((array) $solution->json('findings'), 'grade'));
        self::assertSame([$grades['stop'] ?? 0, $grades['caution'] ?? 0], [$row->stops, $row->cautions]);
    }
}
