<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Circuit;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Circuits;

/** Starts that are timed at the motor, leads that are named, and which start dips the bus most. */
final class StartTest extends FeatureTestCase
{
    /** @param  array<string, mixed>  $circuit */
    private function kept(array $circuit): int
    {
        $answer = $this->postJson('/api/circuits', ['site_id' => $this->site()->id, 'circuit' => $circuit])->assertCreated();

        return (int) $answer->json('id');
    }

    /**
     * The value of a figure that was kept, or null.
     *
     * @param  TestResponse<Response>  $kept
     */
    private static function value(TestResponse $kept, string $key): mixed
    {
        $figures = $kept->json('figures');
        foreach (is_array($figures) ? $figures : [] as $figure) {
            if (is_array($figure) && ($figure['key'] ?? null) === $key) {
                return $figure['value'] ?? null;
            }
        }

        return null;
    }

    /** @param  TestResponse<Response>  $kept */
    private static function text(TestResponse $kept, string $key): string
    {
        $value = self::value($kept, $key);

        return is_string($value) ? $value : '';
    }

    public function test_a_timed_start_is_kept_and_the_next_is_held_against_it(): void
    {
        $this->actingAs($this->person());
        $id = $this->kept(Circuits::fanWithItsLoad());
        $first = $this->postJson("/api/circuits/$id/starts", ['seconds' => 2.6, 'note' => 'cold'])->assertCreated();
        $first->assertJsonPath('method', 'run_up_time')->assertJsonPath('instrument', 'stopwatch');
        self::assertSame('as expected', self::value($first, 'measured.run_up_verdict'));
        self::assertNull(self::value($first, 'measured.run_up_change'));
        $second = $this->postJson("/api/circuits/$id/starts", ['seconds' => 5.2])->assertCreated();
        self::assertEqualsWithDelta(100.0, self::value($second, 'measured.run_up_change'), 1e-6);
        self::assertStringContainsString('longer', self::text($second, 'measured.run_up_verdict'));
        $short = $this->postJson("/api/circuits/$id/starts", ['seconds' => 0.4])->assertCreated();
        self::assertStringContainsString('shorter', self::text($short, 'measured.run_up_verdict'));
        $this->getJson("/api/circuits/$id/readings")->assertOk()->assertJsonCount(3, 'readings');
    }

    public function test_a_start_that_cannot_be_is_refused_at_its_field(): void
    {
        $this->actingAs($this->person());
        $id = $this->kept(Circuits::fanWithItsLoad());
        $this->postJson("/api/circuits/$id/starts", ['seconds' => 0])->assertStatus(422)->assertJsonPath('errors.0.path', 'seconds');
        $this->postJson("/api/circuits/$id/starts", ['seconds' => 4, 'changeover' => 9])->assertStatus(422)
            ->assertJsonPath('errors.0.path', 'changeover');
        $two = $this->postJson("/api/circuits/$id/starts", ['seconds' => 9.1, 'changeover' => '8.2'])->assertCreated();
        self::assertSame(8.2, self::value($two, 'measured.changeover_time'));
        $this->actingAs($this->person('viewer', 'looker'));
        $this->postJson("/api/circuits/$id/starts", ['seconds' => 3])->assertForbidden();
    }

    public function test_unmarked_leads_are_named_without_a_circuit(): void
    {
        $this->actingAs($this->person());
        $found = ['pairs' => [[1, 4], [2, 5], [3, 6]], 'second_forward' => false, 'third_forward' => true];
        $this->postJson('/api/leads', ['rule_book' => 'iec', ...$found])->assertOk()
            ->assertJsonPath('labels.2', 'V1')->assertJsonPath('labels.3', 'W2')->assertJsonPath('refusal', null);
        $this->postJson('/api/leads', ['rule_book' => 'nec', ...$found])->assertOk()->assertJsonPath('labels.1', 'T1')
            ->assertJsonPath('labels.4', 'T4');
        $twice = ['pairs' => [[1, 4], [1, 5], [3, 6]]];
        self::assertIsString($this->postJson('/api/leads', ['rule_book' => 'iec', ...$twice])->assertOk()->json('refusal'));
        $this->postJson('/api/leads', ['rule_book' => 'iec', 'pairs' => [[1, 9]]])->assertStatus(422);
        $this->postJson('/api/leads', ['rule_book' => 'none', 'pairs' => []])->assertStatus(422);
    }

    public function test_the_yard_says_which_start_dips_the_bus_most(): void
    {
        $this->actingAs($this->person());
        $stiff = ['supply.transformer_kva' => null];
        $this->kept([...Circuits::changed(Circuits::fanWithItsLoad(), $stiff), 'tag' => 'UNKNOWN']);
        $this->kept([...Circuits::changed(Circuits::fanWithItsLoad(), ['supply.transformer_kva' => 400]), 'tag' => 'DEEP']);
        $this->kept([...Circuits::fanWithItsLoad(), 'tag' => 'SHALLOW']);
        $rows = $this->getJson('/api/circuits?sort=dip&down=1')->assertOk()->json('circuits');
        self::assertSame(['DEEP', 'SHALLOW', 'UNKNOWN'], array_column($rows, 'tag'));
        self::assertNull($rows[2]['dip']);
        $percent = static fn (string $tag): float => Circuit::query()->where('tag', $tag)->firstOrFail()->dip_percent ?? 0.0;
        self::assertGreaterThan($percent('SHALLOW'), $percent('DEEP'));
    }
}
