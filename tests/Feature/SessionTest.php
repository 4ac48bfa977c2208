<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;

final class SessionTest extends FeatureTestCase
{
    public function test_signing_in_and_out(): void
    {
        $this->person('electrician', 'electrician-a');
        $this->getJson('/api/session')
            ->assertOk()
            ->assertJson(['person' => null]);
        $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'])
            ->assertOk()
            ->assertJsonPath('person.role', 'electrician');
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
        $this->actingAs($person)->postJson('/api/session/standing')->assertOk()->assertJsonPath('person.standing_read', true);
        self::assertNotNull(Person::query()->findOrFail($person->id)->standing_read_at);
    }

    public function test_the_page_carries_a_strict_policy(): void
    {
        $response = $this->get('/');
        $response->assertOk();
        $policy = (string) $response->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        // Compiled code in a worker is no text that somebody could slip in.
        self::assertStringNotContainsString('unsafe', str_replace("'wasm-unsafe-eval'", '', $policy));
        self::assertMatchesRegularExpression("/script-src 'self' 'wasm-unsafe-eval' 'nonce-([^']+)'/", $policy);
        preg_match("/'nonce-([^']+)'/", $policy, $m);
        self::assertStringContainsString('nonce="'.($m[1] ?? '').'"', (string) $response->getContent());
    }

    /** What is put around a name does not make it another one: the limit counts the login that is looked up. */
    public function test_guessing_is_not_quickened_by_what_stands_around_a_name(): void
    {
        $this->person('electrician', 'electrician-b');
        // The first delay is one second: it must not pass while the requests are under way.
        $this->freezeTime();
        $around = ['electrician-b', ' electrician-b', 'electrician-b ', "electrician-b\u{200B}", 'ELECTRICIAN-B', "electrician-b\t"];
        foreach ($around as $i => $login) {
            $this->postJson('/api/session', ['login' => $login, 'password' => "guess $i"]);
        }
        $this->assertProblem(429, $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg']));
    }

    /** Each wrong one is answered later than the one before; the right one, once its time has come, is taken. */
    public function test_guessing_takes_longer_each_time(): void
    {
        $this->person('electrician', 'electrician-b');
        $wait = 0;
        for ($i = 0; $i < 9; $i++) {
            $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => "guess $i"])->assertStatus(422);
            $answer = $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg'], $i < 5 ? [
                'X-Forwarded-For' => '192.0.2.7',
            ] : []);
            if ($i < 5) {
                $answer->assertOk();
                $this->flushSession();
                $this->app?->make('auth')->forgetGuards();

                continue;
            }
            $this->assertProblem(429, $answer);
            self::assertGreaterThan($wait, $wait = (int) $answer->headers->get('Retry-After'));
            $this->travel($wait)->seconds();
        }
        $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg'])->assertOk();
    }

    public function test_whoever_guesses_at_a_name_locks_out_nobody_who_sits_elsewhere(): void
    {
        $person = $this->person('electrician', 'electrician-b');
        for ($i = 0; $i < 40; $i++) {
            $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => "guess $i"], ['X-Forwarded-For' => '192.0.2.1']);
            $this->postJson('/api/session', ['login' => '', 'password' => "guess $i"], ['X-Forwarded-For' => '192.0.2.9']);
        }
        $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg'], ['X-Forwarded-For' => '192.0.2.9'])
            ->assertOk();
        $this->actingAs($person)->putJson('/api/session/password', ['present' => 'larkrigg', 'password' => 'nine kilns and a fan'],
            ['X-Forwarded-For' => '192.0.2.1'])->assertOk();
    }

    public function test_only_json_of_this_origin_signs_in(): void
    {
        $this->person('electrician', 'electrician-b');
        $token = new \App\Session\SessionToken($this->app, $this->app->make('encrypter'));
        $taken = static function (string $type, ?string $origin) use ($token): bool {
            $request = \Illuminate\Http\Request::create('http://localhost/api/session', 'POST', [], [], [], [
                'CONTENT_TYPE' => $type, ...$origin === null ? [] : ['HTTP_ORIGIN' => $origin],
            ]);

            return (bool) (new \ReflectionMethod($token, 'inExceptArray'))->invoke($token, $request);
        };
        self::assertTrue($taken('application/json', null));
        self::assertTrue($taken('application/json; charset=utf-8', 'http://localhost'));
        self::assertFalse($taken('text/plain; x=+json', null));
        self::assertFalse($taken('application/json', 'http://elsewhere.example'));
        self::assertFalse($taken('application/json', 'null'));
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
            app()->make('auth')->forgetGuards();
            $this->flushSession();
            $this->actingAs($chief)->putJson("/api/people/$person->id", [...$change, 'version' => $person->refresh()->version])->assertOk();
            $this->app?->make('auth')->forgetGuards();
            $this->flushSession();
            $this->withSession($session);
            $this->assertProblem(401, $this->postJson('/api/solve', ['rule_book' => 'iec']));
            $this->assertProblem(401, $this->getJson('/api/sites'));
        }
    }

    /** Whether a name is known is not told by how much is worked out for it. */
    public function test_an_unknown_name_is_checked_like_a_known_one(): void
    {
        $this->person('electrician', 'electrician-a');
        $counting = new class extends \Illuminate\Hashing\BcryptHasher
        {
            public int $checks = 0;

            /** @param  array<array-key, mixed>  $options */
            public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
            {
                $this->checks++;

                return parent::check($value, $hashedValue, $options);
            }
        };
        \Illuminate\Support\Facades\Hash::swap($counting);
        foreach (['electrician-a', 'nobody', 'electrician-a ', ''] as $i => $login) {
            $answer = $this->postJson('/api/session', ['login' => $login, 'password' => 'wrong']);
            self::assertSame(422, $answer->getStatusCode());
        }
        self::assertSame(3, $counting->checks);
        self::assertSame(12, password_get_info((string) (new \ReflectionClassConstant(
            \App\Http\Controllers\SessionController::class, 'NOBODY'))->getValue())['options']['cost'] ?? null);
    }

    public function test_a_stranger_leaves_nothing_behind(): void
    {
        foreach (['/', '/api/session', '/sign-in'] as $path) {
            self::assertSame([], $this->get($path)->assertOk()->headers->getCookies(), $path);
        }
        self::assertSame([], $this->postJson('/api/session', ['login' => 'nobody', 'password' => 'x'])->headers->getCookies());
        $this->person('electrician', 'electrician-a');
        $answer = $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'])->assertOk();
        self::assertCount(2, $answer->headers->getCookies(), 'a session and its token');
    }

    public function test_over_tls_the_cookie_is_bound_to_this_host(): void
    {
        $this->person('electrician', 'electrician-a');
        $answer = $this->postJson(
            '/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'], ['X-Forwarded-Proto' => 'https'],
        )->assertOk();
        $cookies = $answer->headers->getCookies();
        self::assertCount(2, $cookies);
        foreach ($cookies as $cookie) {
            self::assertTrue($cookie->isSecure(), $cookie->getName());
            self::assertSame(['/', null], [$cookie->getPath(), $cookie->getDomain()]);
        }
        $names = array_map(static fn ($cookie): string => $cookie->getName(), $cookies);
        self::assertCount(1, array_filter($names, static fn (string $name): bool => str_starts_with($name, '__Host-')));
        // What a stranger on the way claims counts for nothing where it does not come from this machine's proxy.
        $this->app?->make('auth')->forgetGuards();
        $this->flushSession();
        config(['session.cookie' => 'kept', 'session.secure' => null]);
        $far = $this->call('POST', 'http://localhost/api/session', [], [], [], [
            'REMOTE_ADDR' => '192.0.2.7', 'HTTP_X_FORWARDED_PROTO' => 'https', 'CONTENT_TYPE' => 'application/json',
            'HTTP_ACCEPT' => 'application/json',
        ], (string) json_encode(['login' => 'electrician-a', 'password' => 'larkrigg']));
        foreach ($far->assertOk()->headers->getCookies() as $cookie) {
            self::assertFalse($cookie->isSecure());
        }
    }

    public function test_one_sees_where_one_is_signed_in_and_ends_it(): void
    {
        $this->person('electrician', 'electrician-a');
        $this->person('electrician', 'electrician-b');
        $sessions = [];
        foreach (['Mozilla/5.0 (Android 16) Firefox/150.0', 'Mozilla/5.0 (X11; Linux x86_64) Chrome/156.0 Safari/537.36'] as $agent) {
            $this->app?->make('auth')->forgetGuards();
            $this->flushSession();
            $this->postJson('/api/session', ['login' => 'electrician-a', 'password' => 'larkrigg'], ['User-Agent' => $agent])->assertOk();
            $sessions[] = $this->app?->make('session')->all() ?? [];
        }
        $list = $this->getJson('/api/session/sign-ins')->assertOk();
        self::assertEqualsCanonicalizing(['Firefox on Android', 'Chrome on Linux'],
            array_column((array) $list->json('sign_ins'), 'machine'));
        $present = array_column((array) $list->json('sign_ins'), 'present', 'machine');
        self::assertSame([true, false], [$present['Chrome on Linux'], $present['Firefox on Android']]);
        $other = array_column((array) $list->json('sign_ins'), 'id', 'machine')['Firefox on Android'];
        $this->deleteJson("/api/session/sign-ins/$other")->assertNoContent();
        $this->getJson('/api/session/sign-ins')->assertJsonCount(1, 'sign_ins');

        // It is over there, for what needs no database too; here it goes on.
        app()->make('auth')->forgetGuards();
        $this->flushSession();
        $this->withSession($sessions[0]);
        $this->assertProblem(401, $this->postJson('/api/solve', ['rule_book' => 'iec']));
        $this->app?->make('auth')->forgetGuards();
        $this->flushSession();
        $this->withSession($sessions[1]);
        $this->postJson('/api/solve', ['rule_book' => 'iec'])->assertOk();

        // Nobody ends another's.
        $mine = $this->getJson('/api/session/sign-ins')->json('sign_ins.0.id');
        $this->app?->make('auth')->forgetGuards();
        $this->flushSession();
        $this->postJson('/api/session', ['login' => 'electrician-b', 'password' => 'larkrigg'])->assertOk();
        $this->assertProblem(404, $this->deleteJson('/api/session/sign-ins/'.(is_int($mine) ? $mine : 0)));
        $this->getJson('/api/session/sign-ins')->assertJsonCount(1, 'sign_ins');
    }

    public function test_too_many_tries_are_written_down_once_a_minute(): void
    {
        for ($i = 0; $i < 9; $i++) {
            $this->postJson('/api/session', ['login' => 'nobody', 'password' => "guess $i"]);
        }
        $this->assertProblem(429, $this->postJson('/api/session', ['login' => 'nobody', 'password' => 'guess']));
        self::assertSame(1, \App\Models\Event::query()->where('what', 'too_many_tries')->count());
    }
}
