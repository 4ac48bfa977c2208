<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\DemoData;
use App\Models\Circuit;
use App\Models\Event;
use App\Models\Revision;
use BraveAnvil\Ground\Version;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Core\Circuits;

final class CircuitTest extends FeatureTestCase
{
    public function test_a_new_circuit_starts_with_its_sites_supply(): void
    {
        $site = $this->site();
        $response = $this->actingAs($this->person())->postJson('/api/circuits', ['site_id' => $site->id]);
        $response
            ->assertCreated()
            ->assertJsonPath('circuit.tag', 'NEW-1')
            ->assertJsonPath('circuit.supply.voltage', '400')
            ->assertJsonPath('version', 1);
        $this->postJson('/api/circuits', ['site_id' => $site->id])->assertJsonPath('circuit.tag', 'NEW-2');
    }

    public function test_what_is_typed_is_kept_as_it_was_typed(): void
    {
        $circuit = $this->circuit();
        $typed = [
            ...Circuits::kilnFan(),
            'plate' => ['voltage' => ' 400/690 ', 'power' => 'thirty-seven', 'zz_unknown' => 'x', 'current' => '', 'speed' => null],
        ];
        $this->actingAs($this->person())
            ->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => $typed])
            ->assertOk();
        $kept = $this->getJson("/api/circuits/$circuit->id")
            ->assertOk()
            ->json('circuit');
        self::assertSame($typed['plate'], $kept['plate']);
        self::assertSame(array_keys($typed), array_keys($kept), 'the order of keys is kept too');
    }

    public function test_the_yard_finds_filters_and_sorts(): void
    {
        $site = $this->site();
        $this->circuit($site, 'KF-204');
        $this->circuit($site, 'KF-100');
        $person = $this->person();
        $stopped = $this->circuit($site, 'CV-9');
        $this->actingAs($person)
            ->putJson("/api/circuits/$stopped->id", [
                'version' => 1,
                'circuit' => [...Circuits::conveyor(), 'tag' => 'CV-9', 'drives' => 'Log conveyor'],
            ])
            ->assertOk();
        $all = $this->getJson('/api/circuits')->assertOk()->assertJsonPath('total', 3)->assertJsonPath('circuits.0.tag', 'CV-9');
        $this->getJson('/api/circuits?search=conveyor')->assertJsonPath('total', 1)->assertJsonPath('circuits.0.worst', 'stop');
        $this->getJson('/api/circuits?worst=stop')->assertJsonPath('total', 1);
        $this->getJson('/api/circuits?search=100%25')->assertJsonPath('total', 0);
        $this->getJson('/api/circuits?sort=output&down=1')->assertJsonPath('circuits.0.output', "37\u{00A0}kW");
        $this->getJson('/api/circuits?sort=worst')->assertJsonPath('circuits.0.tag', 'CV-9');
        // What is not understood is as if it was not asked.
        $this->getJson('/api/circuits?sort=password&worst=terrible')->assertOk()->assertJsonPath('total', 3);
        // Why it is marked, and what protects it.
        $this->getJson('/api/circuits?search=conveyor')->assertJsonPath('circuits.0.worst_station', 'start');
        $this->getJson('/api/circuits?search=gG fuse 125 A')->assertJsonPath('total', 2);
        $this->getJson('/api/circuits?search=relay 66 A')->assertJsonPath('total', 2);
        $this->getJson('/api/circuits?sort=device&down=1')->assertJsonPath('circuits.0.tag', 'KF-204');
        $this->getJson('/api/circuits?group=device')
            ->assertJsonPath('groups', [['value' => $device = "gG fuse 125\u{00A0}A", 'label' => $device, 'count' => 2]]);
        $this->getJson('/api/circuits?device='.rawurlencode($device))->assertJsonPath('total', 2);
    }

    public function test_two_people_at_one_circuit(): void
    {
        $circuit = $this->circuit();
        $first = $this->person('electrician', 'first');
        $second = $this->person('electrician', 'second');
        $this->actingAs($first)
            ->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => [...Circuits::kilnFan(), 'drives' => 'by the first']])
            ->assertOk()
            ->assertJsonPath('version', 2);
        $refused = $this->actingAs($second)->putJson("/api/circuits/$circuit->id", [
            'version' => 1,
            'circuit' => [...Circuits::kilnFan(), 'drives' => 'by the second'],
        ]);
        $this->assertProblem(409, $refused);
        $refused
            ->assertJsonPath('current.circuit.drives', 'by the first')
            ->assertJsonPath('current.version', 2)
            ->assertJsonPath('current.updated_by', 'First');
        self::assertSame('by the first', Circuit::query()->findOrFail($circuit->id)->drives);
        $this->putJson("/api/circuits/$circuit->id", [
            'version' => 2,
            'circuit' => [...Circuits::kilnFan(), 'drives' => 'by the second'],
        ])->assertOk();
    }

    public function test_a_tag_is_wanted_and_unique_in_its_site(): void
    {
        $site = $this->site();
        $this->circuit($site, 'A-1');
        $other = $this->circuit($site, 'A-2');
        $this->actingAs($this->person());
        $taken = $this->putJson("/api/circuits/$other->id", ['version' => 1, 'circuit' => [...Circuits::kilnFan(), 'tag' => 'a-1']]);
        $this->assertProblem(422, $taken);
        $taken->assertJsonPath('errors.0.path', 'tag');
        $this->assertProblem(
            422,
            $this->putJson("/api/circuits/$other->id", ['version' => 1, 'circuit' => [...Circuits::kilnFan(), 'tag' => ' ']]),
        );
        self::assertSame('A-2', Circuit::query()->findOrFail($other->id)->tag);
    }

    public function test_a_viewer_reads_and_changes_nothing(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('viewer', 'planner'));
        $this->getJson("/api/circuits/$circuit->id")->assertOk();
        $this->postJson('/api/solve', Circuits::kilnFan())->assertOk();
        $this->assertProblem(403, $this->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => Circuits::kilnFan()]));
        $this->assertProblem(403, $this->postJson('/api/circuits', ['site_id' => $circuit->site_id]));
        $this->assertProblem(403, $this->deleteJson("/api/circuits/$circuit->id", ['version' => 1]));
        $this->assertProblem(403, $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'x', 'version' => 1]));
    }

    public function test_a_revision_keeps_circuit_and_solution_for_ever(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('electrician', 'keeper'));
        $kept = $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'as built', 'version' => 1])
            ->assertCreated()
            ->assertJsonPath('number', 1)
            ->assertJsonPath('created_by', 'Keeper');
        $this->putJson("/api/circuits/$circuit->id", [
            'version' => 1,
            'circuit' => [...Circuits::kilnFan(), 'cable' => ['length' => '200 m']],
        ])->assertOk();
        $this->assertProblem(409, $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'late', 'version' => 1]));
        $this->postJson("/api/circuits/$circuit->id/revisions", ['name' => 'longer', 'version' => 2])->assertJsonPath('number', 2);
        $this->getJson("/api/circuits/$circuit->id/revisions")
            ->assertOk()
            ->assertJsonCount(2, 'revisions');
        $revision = $this->getJson('/api/revisions/'.$kept->json('id'))
            ->assertOk()
            ->assertJsonPath('circuit.cable.length', '60 m')
            ->assertJsonPath('core', Version::CORE);
        foreach (['UPDATE revisions SET name = \'changed\'', 'DELETE FROM revisions'] as $statement) {
            try {
                DB::transaction(static fn () => DB::statement($statement));
                self::fail('the database let a revision be changed');
            } catch (QueryException $refused) {
                self::assertStringContainsString('never changed', $refused->getMessage());
            }
        }
        self::assertSame('as built', Revision::query()->orderBy('number')->firstOrFail()->name);
    }

    public function test_an_archived_circuit_is_found_and_restored(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person())->deleteJson("/api/circuits/$circuit->id", ['version' => 1])->assertNoContent();
        $this->getJson('/api/circuits')->assertJsonPath('total', 0);
        $this->getJson('/api/circuits?archived=1')->assertJsonPath('total', 1)->assertJsonPath('circuits.0.tag', $circuit->tag);
        $this->postJson("/api/circuits/$circuit->id/restore")->assertOk()->assertJsonPath('id', $circuit->id);
        $this->getJson('/api/circuits')->assertJsonPath('total', 1);
        $this->getJson('/api/circuits?archived=1')->assertJsonPath('total', 0);
    }

    public function test_an_archived_circuit_whose_tag_is_taken_by_now_is_not_restored(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person())->deleteJson("/api/circuits/$circuit->id", ['version' => 1]);
        $this->postJson('/api/circuits', ['site_id' => $circuit->site_id, 'circuit' => ['tag' => $circuit->tag, 'rule_book' => 'iec']])
            ->assertCreated();
        $this->postJson("/api/circuits/$circuit->id/restore")
            ->assertStatus(422)
            ->assertJsonPath('type', 'urn:brave-anvil:problem:tag_taken');
        $this->getJson('/api/circuits?archived=1')->assertJsonPath('total', 1);
    }

    public function test_the_yard_reads_outputs_as_the_site_does(): void
    {
        $this->circuit();
        $nec = $this->site();
        $nec->forceFill(['rule_book' => 'nec'])->save();
        $this->actingAs($this->person())->postJson('/api/circuits', ['site_id' => $nec->id, 'circuit' => Circuits::fiftyHorsepower()]);
        $outputs = array_column((array) $this->getJson('/api/circuits')->json('circuits'), 'output', 'tag');
        self::assertSame("50\u{00A0}hp, 37.3\u{00A0}kW", $outputs['DF-50']);
    }

    public function test_what_somebody_else_saved_since_is_not_archived(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $this->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => Circuits::kilnFan()])->assertOk();
        $answer = $this->deleteJson("/api/circuits/$circuit->id", ['version' => 1]);
        $this->assertProblem(409, $answer);
        self::assertSame(2, $answer->json('current.version'));
        $this->assertProblem(422, $this->deleteJson("/api/circuits/$circuit->id"));
        $this->getJson('/api/circuits')->assertJsonPath('total', 1);
        $this->deleteJson("/api/circuits/$circuit->id", ['version' => 2])->assertNoContent();
        // Twice is once: it stands in the record a single time.
        $this->deleteJson("/api/circuits/$circuit->id", ['version' => 2])->assertNoContent();
        self::assertSame(1, Event::query()->where('what', 'circuit_archived')->count());
    }

    public function test_an_archived_circuit_leaves_the_yard(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $this->deleteJson("/api/circuits/$circuit->id", ['version' => 1])->assertNoContent();
        $this->getJson('/api/circuits')->assertJsonPath('total', 0);
        $this->assertProblem(410, $this->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => Circuits::kilnFan()]));
    }

    public function test_the_columns_of_the_yard_are_those_of_the_solution(): void
    {
        $row = $this->circuit()->row();
        self::assertSame(["37\u{00A0}kW", "66\u{00A0}A", 'Direct-on-line'], [$row['output'], $row['dial'], $row['starting']]);
        self::assertSame("3 × 16\u{00A0}mm²", $row['cable']);
        self::assertSame('caution', $row['worst']);
    }

    public function test_the_demo_data_shows_what_it_is_there_for(): void
    {
        $demo = $this->app?->make(DemoData::class);
        self::assertInstanceOf(DemoData::class, $demo);
        self::assertTrue($demo->load());
        self::assertFalse($demo->load(), 'only once');
        self::assertGreaterThanOrEqual(16, Circuit::query()->count());
        $codes = [];
        foreach (Circuit::query()->with('site')->get() as $circuit) {
            $solved = $this->actingAs($this->person('viewer', 'reader-'.$circuit->id))
                ->postJson('/api/solve', json_decode($circuit->draft, true))
                ->assertOk();
            $codes[$circuit->tag] = array_column($solved->json('findings'), 'code');
        }
        foreach (
            [
                'CV-115' => 'star_delta_refused', 'DX-503' => 'capacitor_excluded', 'DB-521' => 'installed_device_too_large',
                'PL-511' => 'voltage_off', 'BH-201' => 'slow_class', 'KF-204' => 'inertia_above_limit',
                'SP-401' => 'synchronous_speed_stamped', 'RW-402' => 'plate_value_assumed', 'DB-525' => 'slow_motor_uses_plate',
                'DB-101' => 'reclosing_peak', 'PP-301' => 'capacitor_needs_contactor', 'FP-405' => 'overload_reduced_by_capacitor',
            ] as $tag => $code
        ) {
            self::assertContains($code, $codes[$tag], $tag);
        }
    }

    /** An answer that was lost on its way: the same save again is answered like the first, and opens no conflict with oneself. */
    public function test_the_same_save_again_is_answered_like_the_first(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person());
        $draft = json_decode($circuit->draft, true);
        self::assertIsArray($draft);
        $body = ['version' => 1, 'circuit' => [...$draft, 'drives' => 'mine'], 'key' => 'one'];
        $first = $this->putJson("/api/circuits/$circuit->id", $body)->assertOk();
        $again = $this->putJson("/api/circuits/$circuit->id", $body)->assertOk();
        self::assertSame([2, 2], [$first->json('version'), $again->json('version')]);
        $this->assertProblem(409, $this->putJson("/api/circuits/$circuit->id", [...$body, 'key' => 'another']));
        $this->assertProblem(409, $this->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => $draft]));
        // The same key with other content is another save.
        $other = [...$body, 'circuit' => [...$draft, 'drives' => 'something else']];
        $this->assertProblem(409, $this->putJson("/api/circuits/$circuit->id", $other));
        self::assertSame('one', $this->getJson("/api/circuits/$circuit->id")->json('save_key'));
        // Nobody else gets through with it.
        $this->actingAs($this->person('electrician', 'other'));
        $this->assertProblem(409, $this->putJson("/api/circuits/$circuit->id", $body));
    }
}
