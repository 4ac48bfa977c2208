<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitDocument;
use App\Models\Circuit;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Another ambient, supply or fault level tried on a site, and taken by chosen circuits. */
final class TrialTest extends FeatureTestCase
{
    /**
     * @param  array<string, string>  $supply
     * @return TestResponse<Response>
     */
    private function tried(Circuit $circuit, array $supply): TestResponse
    {
        return $this->postJson("/api/sites/$circuit->site_id/trial", ['supply' => $supply]);
    }

    public function test_a_hot_room_shows_which_circuits_need_a_larger_cable(): void
    {
        $circuit = $this->circuit(null, 'KF-204');
        $this->actingAs($this->person('viewer'));
        $answer = $this->tried($circuit, ['ambient' => '60'])->assertOk();
        self::assertSame(1, $answer->json('total'));
        $moved = array_column((array) $answer->json('rows.0.moved'), null, 'label');
        self::assertArrayHasKey('Conductor size, starter to motor', $moved);
        $size = $moved['Conductor size, starter to motor'];
        self::assertGreaterThan((float) $size['from'], (float) $size['to'], 'IEC 60364-5-52, Table B.52.14: XLPE at 60 °C');
        self::assertSame($circuit->draft, $circuit->refresh()->draft, 'nothing is kept');
    }

    public function test_what_changes_nothing_is_counted_and_not_listed(): void
    {
        $circuit = $this->circuit(null, 'KF-204');
        $this->actingAs($this->person('viewer'));
        $now = CircuitDocument::of($circuit)->section('supply')['voltage'] ?? '400';
        $answer = $this->tried($circuit, ['voltage' => (string) $now])->assertOk();
        self::assertSame([[], 1, null], [$answer->json('rows'), $answer->json('unchanged'), $answer->json('next')]);
    }

    public function test_chosen_circuits_take_it_and_one_that_somebody_saved_is_left_and_named(): void
    {
        $first = $this->circuit(null, 'KF-204');
        $second = $this->circuit($first->site, 'KF-205');
        $this->actingAs($this->person());
        $body = ['supply' => ['ambient' => '60'], 'key' => 'once', 'circuits' => [
            ['circuit' => $first->id, 'version' => 1], ['circuit' => $second->id, 'version' => 7],
        ]];
        $answer = $this->postJson("/api/sites/$first->site_id/trial/take", $body)->assertOk();
        self::assertSame('', $answer->json('circuits.0.problem'));
        self::assertStringStartsWith('Saved by ', (string) $answer->json('circuits.1.problem'));
        self::assertSame('60', CircuitDocument::of($first->refresh())->section('supply')['ambient'] ?? null);
        self::assertSame(1, $second->refresh()->version);
        // The answer was lost on its way: the same change sent again is answered like the first.
        self::assertSame('', $this->postJson("/api/sites/$first->site_id/trial/take", $body)->json('circuits.0.problem'));
        self::assertSame(2, $first->refresh()->version);
    }

    public function test_what_cannot_be_read_is_told_at_its_field(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        foreach ([['ambient' => 'hot'], ['ambient' => '400']] as $supply) {
            $refused = $this->tried($circuit, $supply);
            $this->assertProblem(422, $refused);
            self::assertSame('supply.ambient', $refused->json('errors.0.path'));
        }
        foreach ([[], ['ambient' => ' '], ['no_such_field' => '1']] as $supply) {
            $this->assertProblem(422, $this->tried($circuit, $supply));
        }
    }

    public function test_a_circuit_that_cannot_be_read_is_named_and_takes_down_no_list(): void
    {
        $circuit = $this->circuit(null, 'KF-204');
        $broken = $this->circuit($circuit->site, 'KF-205');
        Circuit::query()->whereKey($broken->id)->update(['draft' => '{"format":"brave-anvil.circuit/1","plate":"broken"}']);
        $this->actingAs($this->person('viewer'));
        $answer = $this->tried($circuit, ['ambient' => '60'])->assertOk();
        $problems = array_column((array) $answer->json('rows'), 'problem', 'tag');
        self::assertStringStartsWith('Cannot be read: ', $problems['KF-205']);
        self::assertSame('', $problems['KF-204']);
    }
}
