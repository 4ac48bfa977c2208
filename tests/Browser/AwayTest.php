<?php

declare(strict_types=1);

namespace Tests\Browser;

/** What is typed while the service is away or the session is over is kept on the device and saved later: nothing of it is lost. */
final class AwayTest extends BrowserTestCase
{
    private OwnServer $server;

    protected function setUp(): void
    {
        $this->server = new OwnServer;
        $this->server->begin();
        self::assertTrue($this->server->answers(25));
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        $this->server->stop();
    }

    public function test_typed_while_the_service_is_away_it_is_saved_when_it_is_back(): void
    {
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();
        $this->server->stop();
        $hand->type('plate.power', '38 kW');
        $hand->see('kept on this device, will be saved');
        // The bench stays, and typing goes on.
        $hand->see('Plate');
        $hand->type('plate.power', '39 kW');
        $hand->see('figures are not recomputed');
        self::assertSame('39 kW', $hand->typed('plate.power'));
        $this->server->begin();
        self::assertTrue($this->server->answers(25));
        $hand->saved(45);
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '39 kW');
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    public function test_what_was_typed_before_a_crash_is_there_after_the_next_sign_in(): void
    {
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202');
        $path = $hand->path();
        $hand->saved();
        $this->server->stop();
        $hand->type('plate.power', '40 kW');
        $hand->see('kept on this device, will be saved');
        // The page is gone; its store stays.
        $hand->driver->executeScript(
            'window.addEventListener("beforeunload", (event) => event.stopImmediatePropagation(), true)',
        );
        $hand->driver->get('data:text/html,gone');
        $this->server->begin();
        self::assertTrue($this->server->answers(25));
        $hand->open($path);
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '40 kW', 20);
        $hand->saved(30);
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    public function test_when_the_session_is_over_one_signs_in_over_the_bench(): void
    {
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();
        $hand->driver->manage()->deleteAllCookies();
        $hand->type('plate.power', '41 kW');
        $hand->see('Your session is over');
        $hand->fill('Password', 'larkrigg');
        $hand->press('Sign in and save');
        $hand->saved(20);
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '41 kW');
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }
}
