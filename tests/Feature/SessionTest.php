<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;

final class SessionTest extends FeatureTestCase
{
    public function test_signing_in_and_out(): void
    {
        $this->person('electrician', 'electrician-a');
        $this->assertShape(
            'session',
            $this->getJson('/api/session')
                ->assertOk()
                ->assertJson(['person' => null]),
        );
        $this->assertShape(
            'session',
            $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'])
                ->assertOk()
                ->assertJsonPath('person.role', 'electrician'),
        );
        $this->getJson('/api/session')->assertJsonPath('person.login', 'electrician-a');
        $this->deleteJson('/api/session')->assertNoContent();
    }

    public function test_a_wrong_password_is_told_at_its_field(): void
    {
        $this->person('electrician', 'electrician-a');
        $response = $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'wrong']);
        $this->assertProblem(422, $response);
        $response->assertJsonPath('errors.0.path', 'password');
    }

    public function test_somebody_who_is_switched_off_cannot_sign_in(): void
    {
        $this->person('electrician', 'electrician-a')->update(['active' => false]);
        $this->assertProblem(422, $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg']));
    }

    public function test_guessing_is_slowed_down(): void
    {
        for ($i = 0; $i < 6; $i++) {
            $this->postJson('/api/session', ['login' => 'nobody', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->assertProblem(429, $this->postJson('/api/session', ['login' => 'nobody', 'password' => 'guess']));
    }

    public function test_the_standing_of_the_results_is_noted_once(): void
    {
        $person = $this->person();
        self::assertNull($person->standing_read_at);
        $this->assertShape(
            'session',
            $this->actingAs($person)->postJson('/api/session/standing')->assertOk()->assertJsonPath('person.standing_read', true),
        );
        self::assertNotNull(Person::query()->findOrFail($person->id)->standing_read_at);
    }

    public function test_every_route_is_closed_to_strangers(): void
    {
        foreach (
            [
                ['GET', 'sites'], ['POST', 'sites'], ['PUT', 'sites/1'], ['GET', 'circuits'], ['POST', 'circuits'], ['GET', 'circuits/1'],
                ['PUT', 'circuits/1'], ['DELETE', 'circuits/1'], ['GET', 'circuits/1/revisions'], ['POST', 'circuits/1/revisions'],
                ['GET', 'revisions/1'], ['GET', 'people'], ['POST', 'people'], ['PUT', 'people/1'], ['POST', 'solve'],
                ['POST', 'session/standing'],
            ] as [$method, $path]
        ) {
            $this->assertProblem(401, $this->json($method, "/api/$path", ['any' => 1]));
        }
        $this->assertProblem(404, $this->getJson('/api/nothing-here'));
    }

    public function test_the_page_carries_a_strict_policy(): void
    {
        $response = $this->get('/');
        $response->assertOk();
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertMatchesRegularExpression("/script-src 'self' 'nonce-([^']+)'/", $policy);
        preg_match("/'nonce-([^']+)'/", $policy, $m);
        self::assertStringContainsString('nonce="'.($m[1] ?? '').'"', (string) $response->getContent());
    }

    /** What is put around a name does not make it another one: the limit counts the login that is looked up. */
    public function test_guessing_is_not_quickened_by_what_stands_around_a_name(): void
    {
        $this->person('electrician', 'electrician-b');
        $around = ['electrician-b', ' electrician-b', 'electrician-b ', "electrician-b\u{200B}", 'ELECTRICIAN-B', "electrician-b\t"];
        foreach ($around as $i => $login) {
            $this->postJson('/api/session', ['login' => $login, 'password' => "guess $i"]);
        }
        $this->assertProblem(429, $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg']));
    }

    public function test_a_person_takes_another_password(): void
    {
        $person = $this->person('electrician', 'electrician-a');
        $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'])->assertOk();
        $wrong = $this->putJson('/api/session/password', ['present' => 'not it', 'password' => 'seven kilns and a saw']);
        $this->assertProblem(422, $wrong);
        self::assertSame('present', $wrong->json('errors.0.path'));
        foreach (['short', 'electrician12', 'password2026!', 'aaaaaaaaaaaaaa', 'larkrigg1234', str_repeat('kiln fan ', 9)] as $weak) {
            $answer = $this->putJson('/api/session/password', ['present' => 'larkrigg', 'password' => $weak]);
            $this->assertProblem(422, $answer);
            self::assertSame('password', $answer->json('errors.0.path'), $weak);
            $this->travel(2)->minutes();
        }
        $this->putJson('/api/session/password', ['present' => 'larkrigg', 'password' => 'seven kilns and a saw'])->assertOk();
        $this->getJson('/api/sites')->assertOk();
        self::assertTrue(\Illuminate\Support\Facades\Hash::check('seven kilns and a saw', $person->refresh()->password));
    }

    public function test_a_new_password_role_or_switch_ends_every_session_of_that_person(): void
    {
        $person = $this->person('electrician', 'electrician-a');
        $chief = $this->person('administrator', 'chief');
        foreach (
            [
                ['name' => 'A', 'role' => 'electrician', 'active' => true, 'password' => 'seven kilns and a saw'],
                ['name' => 'A', 'role' => 'viewer', 'active' => true, 'password' => null],
            ] as $change
        ) {
            $this->flushSession();
            $this->app?->make('auth')->forgetGuards();
            $password = \Illuminate\Support\Facades\Hash::check('larkrigg', $person->refresh()->password) ? 'larkrigg'
                : 'seven kilns and a saw';
            $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => $password])->assertOk();
            $session = $this->app?->make('session')->all() ?? [];
            self::assertNotSame([], $session);
            $this->postJson('/api/solve', ['rule_book' => 'iec'])->assertOk();
            $this->app?->make('auth')->forgetGuards();
            $this->flushSession();
            $this->actingAs($chief)->putJson("/api/people/$person->id", $change)->assertOk();
            $this->app?->make('auth')->forgetGuards();
            $this->flushSession();
            $this->withSession($session);
            $this->assertProblem(401, $this->postJson('/api/solve', ['rule_book' => 'iec']));
            $this->assertProblem(401, $this->getJson('/api/sites'));
        }
    }
}
