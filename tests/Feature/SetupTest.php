<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitStore;
use App\Circuits\Recompute;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Site;

final class SetupTest extends FeatureTestCase
{
    public function test_only_administrators_change_sites_and_people(): void
    {
        $site = $this->site();
        foreach (['viewer', 'electrician'] as $role) {
            $this->actingAs($this->person($role, "a-$role"));
            $this->getJson('/api/sites')->assertOk();
            $this->assertProblem(403, $this->postJson('/api/sites', ['name' => 'x', 'rule_book' => 'iec']));
            $this->assertProblem(403, $this->putJson("/api/sites/$site->id", ['name' => 'x', 'rule_book' => 'iec', 'version' => 1]));
            $this->assertProblem(403, $this->getJson('/api/people'));
            $this->assertProblem(403, $this->postJson('/api/people', []));
        }
    }

    public function test_a_sites_settings_are_read_by_the_core_and_reach_its_circuits(): void
    {
        $this->actingAs($this->person('administrator', 'admin'));
        $bad = $this->postJson('/api/sites', [
            'name' => 'New mill', 'rule_book' => 'iec', 'supply' => ['voltage' => '1,500'], 'settings' => ['drop_limit_running' => 'low'],
        ]);
        $this->assertProblem(422, $bad);
        self::assertEqualsCanonicalizing(['supply.voltage', 'settings.drop_limit_running'], array_column($bad->json('errors'), 'path'));
        $made = $this->postJson('/api/sites', [
            'name' => 'New mill', 'rule_book' => 'iec', 'supply' => ['voltage' => '400'], 'settings' => ['drop_limit_running' => '1 %'],
            'areas' => ['Kilns'],
        ])->assertCreated();
        $site = $made->json();
        self::assertIsArray($site);
        $id = $site['id'];
        unset($site['id'], $site['facts']);
        $this->putJson("/api/sites/$id", [...$site, 'settings' => ['drop_limit_running' => '2 %']])
            ->assertOk()
            ->assertJsonPath('version', 2);
        $this->assertProblem(409, $this->putJson("/api/sites/$id", $site));
        $this->assertProblem(422, $this->postJson('/api/sites', ['name' => 'New mill', 'rule_book' => 'iec']));
        $circuit = $this->circuit(Site::query()->whereKey($id)->sole());
        self::assertSame("3 × 25\u{00A0}mm²", $circuit->cable, 'the site’s 2 % makes the cable a size larger');
    }

    public function test_changed_settings_reach_the_yard_and_leave_drafts_alone(): void
    {
        $site = $this->site();
        $circuit = $this->circuit($site);
        self::assertSame("3 × 16\u{00A0}mm²", $circuit->cable);
        $this->actingAs($this->person('administrator', 'admin'));
        $this->putJson("/api/sites/$site->id", [
            'name' => $site->name, 'rule_book' => $site->rule_book, 'supply' => $site->supply, 'areas' => $site->areas,
            'settings' => ['drop_limit_running' => '2 %'], 'version' => 1,
        ])->assertOk();
        $after = Circuit::query()->findOrFail($circuit->id);
        self::assertSame("3 × 25\u{00A0}mm²", $after->cable);
        self::assertSame([$circuit->version, $circuit->draft], [$after->version, $after->draft]);
    }

    public function test_circuits_of_another_core_are_solved_anew(): void
    {
        $circuit = $this->circuit();
        Circuit::query()->whereKey($circuit->id)->toBase()->update(['core' => '0.0.1', 'cable' => 'old']);
        $recompute = new Recompute(new CircuitStore);
        self::assertSame(1, $recompute->ofOtherCores());
        self::assertSame(0, $recompute->ofOtherCores());
        self::assertSame("3 × 16\u{00A0}mm²", Circuit::query()->findOrFail($circuit->id)->cable);
    }

    public function test_people_are_made_changed_and_switched_off(): void
    {
        $admin = $this->person('administrator', 'admin');
        $this->actingAs($admin);
        $made = $this->postJson('/api/people', [
            'name' => 'Shift electrician C', 'login' => 'electrician-c', 'role' => 'electrician', 'password' => 'seven kilns and a saw',
        ])->assertCreated();
        self::assertArrayNotHasKey('password', (array) $made->json());
        $this->getJson('/api/people')->assertOk();
        $this->assertProblem(
            422,
            $this->postJson('/api/people', ['name' => 'x', 'login' => 'electrician-c', 'role' => 'boss', 'password' => 'short']),
        );
        $this->putJson(
            '/api/people/'.$made->json('id'), ['name' => 'Shift electrician C', 'role' => 'viewer', 'active' => false, 'version' => 1],
        )
            ->assertOk()
            ->assertJsonPath('role', 'viewer');
        $this->assertProblem(
            422, $this->putJson("/api/people/$admin->id", ['name' => 'x', 'role' => 'viewer', 'active' => true, 'version' => 1]),
        );
        $this->actingAs(Person::query()->whereKey($made->json('id'))->sole());
        $this->assertProblem(401, $this->getJson('/api/sites'));
    }
}
