<?php

declare(strict_types=1);

namespace Tests\Browser\Away;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Hand;

/** What is typed while the service is away or the session is over is kept on the device and saved later: nothing of it is lost. */
final class AwayTest extends AwayTestCase
{
    /** It is saved in time, there after a reload, and put back for the next test. */
    private function assertKept(Hand $hand, string $power, float $seconds): void
    {
        $hand->saved($seconds);
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->typed('plate.power') === $power);
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    /**
     * Until something is in the browser's own store: under a key, or under any.
     */
    private function waitForDevice(Hand $hand, string $database, string $store, ?string $key, string $text): void
    {
        $hand->until(static fn (): bool => $hand->driver->executeAsyncScript(
            <<<'JS'
            const [database, store, key, text, done] = arguments;
            const opening = indexedDB.open(database);
            opening.onerror = () => done(false);
            opening.onsuccess = () => {
                const kept = opening.result.transaction(store).objectStore(store);
                const asked = key === null ? kept.getAll() : kept.get(key);
                asked.onerror = () => done(false);
                asked.onsuccess = () => {
                    opening.result.close();
                    done(JSON.stringify(asked.result ?? '').includes(text));
                };
            };
            JS,
            [$database, $store, $key, $text],
        ) === true, 40, "$database keeps no $text");
    }

    /** The bench of one circuit, opened by one who may type, on a device that does not calculate by itself. */
    private function bench(): Hand
    {
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();

        return $hand;
    }

    public function test_typed_while_the_service_is_away_it_is_saved_when_it_is_back(): void
    {
        $hand = $this->bench();
        $this->server->stop();
        $hand->type('plate.power', '38 kW');
        $hand->see('stored on this device, will be saved when online');
        // The bench stays, and typing goes on.
        $hand->see('Plate');
        $hand->type('plate.power', '39 kW');
        $hand->see('results are out of date');
        self::assertSame('39 kW', $hand->typed('plate.power'));
        $this->begin();
        $this->assertKept($hand, '39 kW', 45);
    }

    public function test_what_was_typed_before_a_crash_is_there_after_the_next_sign_in(): void
    {
        $hand = $this->bench();
        $path = $hand->path();
        $this->server->stop();
        $hand->type('plate.power', '40 kW');
        $hand->see('stored on this device, will be saved when online');
        // The page is gone; its store stays.
        $hand->isAtWork();
        $hand->driver->get('data:text/html,gone');
        $this->begin();
        $hand->open($path);
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '40 kW', 45);
        $hand->saved(30);
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    /** The page, the yard as last seen and a bench that was opened here: all of it without anything that answers. */
    public function test_without_a_network_the_page_opens_and_is_typed_into(): void
    {
        $hand = $this->bench();
        $bench = $hand->path();
        $hand->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $hand->open('/');
        $hand->see('circuits on');
        $hand->open($bench);
        $hand->see('Plate');
        $this->waitForDevice($hand, 'brave-anvil-seen', 'answers', 'solution:'.basename(dirname($bench)), 'figures');
        $this->server->stop();

        $hand->open('/');
        $hand->see('Offline. Showing data from', 45);
        $hand->see('KF-202');
        $hand->open($bench);
        $hand->see('results are out of date', 45);
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '37 kW');
        $hand->type('plate.power', '42 kW');
        $hand->see('stored on this device, will be saved when online');

        // Whoever leaves is asked, and what was typed goes up from wherever one is.
        $hand->press('Menu');
        $hand->press('Yard');
        $hand->see('Not saved yet');
        $hand->press('Stay here');
        $hand->press('Menu');
        $hand->press('Yard');
        $hand->press('Leave without saving');
        $hand->see('1 circuit changed on this device and not saved to the server yet: KF-202, will be saved when you are back online', 45);
        $hand->press('Menu');
        $hand->press('Sign out Shift electrician B');
        $hand->see('Your changes stay on this device');
        $hand->press('Sign out');
        $hand->see('Cannot reach the server, so you are still signed in');
        $hand->press('Stay signed in');

        $this->begin();
        $hand->until(static fn (): bool => ! $hand->has('not saved to the server yet'), 60, 'it never went up');
        $hand->until(static fn (): bool => ! $hand->has('Offline. Showing data from'), 45);
        $hand->open($bench);
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '42 kW');
        $hand->type('plate.power', '37 kW');
        $hand->saved();
        // A circuit that was never opened here says so, and the next person sees nothing of this one.
        $hand->press('Menu');
        $hand->press('Sign out Shift electrician B');
        $hand->see('Sign in');
        $this->server->stop();
        $hand->open($bench);
        $hand->see('Cannot reach the server', 45);
        self::assertFalse($hand->has('KF-202'));
        $this->server->begin();
        $hand->see('Sign in', 45);
    }

    public function test_while_the_database_is_down_typing_goes_on_and_is_saved_later(): void
    {
        $pg = escapeshellarg(dirname(__DIR__, 3).'/bin/pg');
        $hand = $this->bench();
        exec("$pg stop");
        try {
            $hand->type('plate.power', '43 kW');
            $hand->see('stored on this device, will be saved when online');
            // Solving needs no database: the figures follow what is typed.
            self::assertFalse($hand->has('results are out of date', 2));
        } finally {
            exec("$pg start");
        }
        self::assertTrue($this->server->answers(60));
        $this->assertKept($hand, '43 kW', 45);
    }

    public function test_what_was_typed_in_a_tab_that_was_closed_is_there_in_the_next_one(): void
    {
        $hand = $this->bench();
        $bench = $hand->path();
        $first = $hand->driver->getWindowHandle();
        $hand->driver->switchTo()->newWindow();
        $second = $hand->driver->getWindowHandle();
        $hand->open($bench);
        $hand->saved();
        $hand->driver->switchTo()->window($first);
        $this->server->stop();
        $hand->type('plate.power', '44 kW');
        $this->waitForDevice($hand, 'brave-anvil', 'drafts by tab', null, '44 kW');
        $hand->driver->close();
        $hand->driver->switchTo()->window($second);
        $this->begin();
        $hand->open($bench);
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '44 kW', 45);
        $hand->saved(30);
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    public function test_two_tabs_without_a_network_keep_each_its_own_text(): void
    {
        $hand = $this->bench();
        $bench = $hand->path();
        $hand->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $hand->open($bench);
        $hand->saved();
        $first = $hand->driver->getWindowHandle();
        $hand->driver->switchTo()->newWindow();
        $second = $hand->driver->getWindowHandle();
        $hand->open($bench);
        $hand->saved();
        $this->waitForDevice($hand, 'brave-anvil-seen', 'answers', 'solution:'.basename(dirname($bench)), 'figures');
        $this->server->stop();
        $hand->type('plate.serial', 'LT second');
        $hand->see('stored on this device, will be saved when online');
        $hand->driver->switchTo()->window($first);
        $hand->type('plate.serial', 'LT first');
        $hand->see('stored on this device, will be saved when online');
        foreach ([$second => 'LT second', $first => 'LT first'] as $tab => $text) {
            $hand->driver->switchTo()->window($tab);
            $hand->isAtWork();
            $hand->open($bench);
            $hand->until(static fn (): bool => $hand->typed('plate.serial') === $text, 45, "$text is not in its tab");
        }
        // Whichever is saved first, the other is asked.
        $this->begin();
        $settled = WebDriverBy::cssSelector('[data-save=saved], [data-save=conflict]');
        $hand->until(static fn (): bool => $hand->driver->findElements($settled) !== [], 60);
        if (! $hand->has('saved this circuit while you were editing')) {
            $hand->driver->switchTo()->window($second);
        }
        $hand->see('saved this circuit while you were editing', 60);
        $hand->press('Keep my version');
        $hand->saved();
        $hand->type('plate.serial', '');
        $hand->saved();
    }

    public function test_when_the_session_is_over_one_signs_in_over_the_bench(): void
    {
        $hand = $this->bench();
        $hand->driver->manage()->deleteAllCookies();
        $hand->type('plate.power', '41 kW');
        $hand->see('Your session has ended');
        $hand->fill('Password', 'larkrigg');
        $hand->press('Sign in and save');
        $this->assertKept($hand, '41 kW', 45);
    }
}
