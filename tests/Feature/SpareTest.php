<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Core\Circuits;

/** The spares of a site, and the check whether one fits. */
final class SpareTest extends FeatureTestCase
{
    public function test_a_spare_is_listed_changed_and_taken_out(): void
    {
        $site = $this->site();
        $this->actingAs($this->person());
        $made = $this->postJson("/api/sites/$site->id/spares", [
            'name' => 'Store 3', 'place' => 'shelf B', 'plate' => ['power' => '37 kW', 'voltage' => ' 400/690 '],
        ]);
        $made->assertCreated()->assertJsonPath('plate.voltage', ' 400/690 ');
        $this->assertProblem(422, $this->postJson("/api/sites/$site->id/spares", ['name' => 'STORE 3', 'plate' => []]));
        $this->assertProblem(422, $this->postJson("/api/sites/$site->id/spares", ['name' => 'x', 'plate' => ['power' => [1, 2]]]));
        $id = $made->json('id');
        $this->putJson("/api/spares/$id", ['name' => 'Store 4', 'plate' => ['power' => '45 kW'], 'version' => 1])
            ->assertOk()
            ->assertJsonPath('name', 'Store 4')
            ->assertJsonPath('version', 2);
        $list = $this->getJson("/api/sites/$site->id/spares")
            ->assertOk()
            ->assertJsonCount(1, 'spares');
        $this->assertProblem(422, $this->deleteJson("/api/spares/$id"));
        $this->deleteJson("/api/spares/$id", ['version' => 2])->assertNoContent();
        $this->getJson("/api/sites/$site->id/spares")->assertJsonCount(0, 'spares');
    }

    public function test_two_people_do_not_overwrite_one_another(): void
    {
        $site = $this->site();
        $this->actingAs($this->person());
        $id = $this->postJson("/api/sites/$site->id/spares", ['name' => 'Store 3', 'plate' => ['power' => '37 kW']])->json('id');
        self::assertIsInt($id);
        $this->putJson("/api/spares/$id", ['name' => 'Store 3', 'place' => 'shelf B', 'plate' => [], 'version' => 1])->assertOk();
        $late = $this->putJson("/api/spares/$id", ['name' => 'Store 3', 'place' => 'yard', 'plate' => [], 'version' => 1]);
        $this->assertProblem(409, $late);
        self::assertSame('shelf B', $late->json('current.place'));
        $this->assertProblem(409, $this->deleteJson("/api/spares/$id", ['version' => 1]));
        $this->assertProblem(422, $this->putJson("/api/spares/$id", ['name' => 'Store 3', 'plate' => []]));
        $this->deleteJson("/api/spares/$id", ['version' => 2])->assertNoContent();
        $this->assertProblem(404, $this->putJson("/api/spares/$id", ['name' => 'Store 3', 'plate' => [], 'version' => 2]));
    }

    public function test_a_viewer_does_not_change_the_store(): void
    {
        $site = $this->site();
        $this->actingAs($this->person('viewer'));
        $this->assertProblem(403, $this->postJson("/api/sites/$site->id/spares", ['name' => 'x', 'plate' => []]));
        $this->getJson("/api/sites/$site->id/spares")->assertOk();
    }

    public function test_a_replacement_is_checked_point_by_point(): void
    {
        $this->actingAs($this->person());
        $circuit = Circuits::kilnFan();
        $response = $this->postJson('/api/replacement', [
            'circuit' => $circuit,
            'plate' => [...$circuit['plate'], 'voltage' => '230/400', 'speed' => '2950'],
        ]);
        $response->assertOk()->assertJsonPath('verdict', 'stop');
        $this->assertProblem(422, $this->postJson('/api/replacement', ['circuit' => 'x', 'plate' => []]));
    }
}
