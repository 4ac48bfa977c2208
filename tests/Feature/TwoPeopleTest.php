<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\SimulatedPanel;
use App\Models\Drill;
use App\Models\Person;

/** What two people change at once: the second is told, and nothing that was acknowledged is lost. */
final class TwoPeopleTest extends FeatureTestCase
{
    public function test_the_second_of_two_corrections_is_told_that_the_first_was_there(): void
    {
        $site = $this->site();
        $this->actingAs($this->person('administrator'));
        $correction = fn (string $path, int $version): array => [
            'path' => $path, 'value' => '60', 'why' => 'printed', 'version' => $version,
        ];
        $this->postJson("/api/sites/$site->id/corrections", $correction('iec.iec60364_5_52.b52_17_grouping.D2.1', 1))->assertCreated();
        $second = $correction('iec.iec60364_5_52.b52_17_grouping.D1.1', 1);
        $this->assertProblem(409, $this->postJson("/api/sites/$site->id/corrections", $second));
        $answer = $this->postJson("/api/sites/$site->id/corrections", ['version' => 2] + $second)->assertCreated();
        self::assertCount(2, (array) $answer->json('corrections'));
        $this->assertProblem(409, $this->deleteJson("/api/sites/$site->id/corrections", ['path' => $second['path'], 'version' => 2]));
    }

    public function test_a_bank_is_changed_from_what_stands(): void
    {
        $site = $this->site();
        $this->actingAs($this->person());
        $this->putJson("/api/sites/$site->id/bank", ['version' => 0, 'typed' => ['step_kvar' => '25']])->assertOk();
        $this->assertProblem(409, $this->putJson("/api/sites/$site->id/bank", ['version' => 0, 'typed' => ['step_kvar' => '50']]));
        self::assertSame('25', $this->getJson("/api/sites/$site->id/bank")->json('typed.step_kvar'));
    }

    public function test_readings_of_one_drill_stand_behind_one_another(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($person = $this->person());
        $this->postJson("/api/circuits/$circuit->id/drills", [])->assertCreated();
        $drill = Drill::query()->where('circuit_id', $circuit->id)->firstOrFail();
        $id = $drill->id;
        $taken = '[{"kind":"speed","values":{"rpm":"1480"}}]';
        Drill::query()->whereKey($id)->update(['taken' => $taken]);
        $this->app?->make(SimulatedPanel::class)->noteReading($drill, 'current', ['amps_1' => '60']);
        self::assertSame(['speed', 'current'], array_column($drill->refresh()->takenReadings(), 'kind'));

        $this->postJson("/api/drills/$id/name", ['fault' => 'lost_phase'])->assertStatus(200);
        $again = $this->postJson("/api/drills/$id/name", ['fault' => 'low_voltage']);
        $this->assertProblem(409, $again);
        self::assertSame($person->id, $drill->refresh()->named_by);
    }

    public function test_one_administrator_stays(): void
    {
        $first = $this->person('administrator', 'first');
        $second = $this->person('administrator', 'second');
        $take = static fn (Person $person): array => ['name' => $person->name, 'role' => 'viewer', 'active' => true, 'version' => 1];
        $this->actingAs($first)->putJson("/api/people/$second->id", $take($second))->assertOk();
        // The other one was asked for by a session that was an administrator’s a moment ago.
        $this->actingAs($second)->putJson("/api/people/$first->id", $take($first))->assertStatus(403);
        self::assertSame(1, Person::query()->where('role', 'administrator')->where('active', true)->count());
        $this->assertProblem(409, $this->actingAs($first)->putJson("/api/people/$second->id", $take($second)));
    }

    public function test_somebody_elses_word_on_a_round_is_replaced_only_once_it_was_seen(): void
    {
        $circuit = $this->circuit();
        $this->actingAs($this->person('electrician', 'first'));
        $round = $this->postJson("/api/sites/$circuit->site_id/rounds", ['area' => ''])->assertCreated()->json('id');
        $address = "/api/rounds/$round/motors/$circuit->id";
        $item = $this->getJson($address)->json('items.0.item');
        $this->postJson($address, ['item' => $item, 'same' => true])->assertOk();
        $this->actingAs($this->person('electrician', 'second'));
        $this->assertProblem(409, $this->postJson($address, ['item' => $item, 'same' => true]));
        $this->postJson($address, ['item' => $item, 'same' => true, 'seen' => true])->assertOk();
    }
}
