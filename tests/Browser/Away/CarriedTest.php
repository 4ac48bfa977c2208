<?php

declare(strict_types=1);

namespace Tests\Browser\Away;

use Tests\Browser\Chromium;
use Tests\Browser\Hand;

/** Where there is no network, the device calculates by itself; and what can stand in the way of it is told. */
final class CarriedTest extends AwayTestCase
{
    /** What the menu says of it. */
    private static function says(Hand $hand, string $state): void
    {
        $hand->press('Menu');
        $hand->see("Works without a network: $state", 90);
        $hand->driver->getKeyboard()->sendKeys("\u{E00C}");
    }

    /** The bench of one circuit, on a device that carries the core. */
    private function bench(): Hand
    {
        $hand = $this->handOn($this->server->base);
        $hand->signIn('electrician-b', carrying: true);
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();
        self::says($hand, 'ready');

        return $hand;
    }

    public function test_without_a_service_this_device_calculates(): void
    {
        $hand = $this->bench();
        $bench = dirname($hand->path());
        $this->server->stop();
        $hand->type('plate.power', '30 kW');
        $hand->see('calculated on this device', 60);
        self::assertFalse($hand->has('results are out of date'));
        // The figures follow what is typed, at every station; what takes longer too.
        $hand->see('30 kW');
        $hand->isAtWork();
        $hand->open("$bench/start?view=methods");
        $hand->see('calculated on this device', 60);
        $hand->see('Autotransformer', 60);

        // The door card follows too, as a draft; by itself, from the browser, as it is printed.
        $paper = static fn (): string => (string) $hand->driver->executeScript(
            'return [...document.querySelectorAll("*")].map((e) => e.shadowRoot?.textContent ?? "").join(" ")',
        );
        foreach (["$bench/sheet", "$bench/paper/door"] as $page) {
            $hand->isAtWork();
            $hand->open($page);
            $hand->until(static fn (): bool => str_contains($paper(), 'DRAFT: not in force') && str_contains($paper(), '30 kW'), 60, $page);
        }
        $hand->open("$bench/start?view=methods");
        $hand->see('Autotransformer', 60);

        // It is back: it confirms, saves, and has nothing to complain of.
        $this->begin();
        $hand->until(static fn (): bool => ! $hand->has('calculated on this device'), 60, 'the service never confirmed it');
        $health = json_decode((string) file_get_contents($this->server->base.'/health'), true);
        self::assertIsArray($health);
        self::assertSame(0, $health['carried_differences']);
        $hand->isAtWork();
        $hand->open("$bench/plate");
        $hand->until(static fn (): bool => $hand->typed('plate.power') === '30 kW', 45);
        $hand->saved(45);
        $hand->type('plate.power', '37 kW');
        $hand->saved();
    }

    public function test_a_circuit_begun_without_a_service_goes_up_later(): void
    {
        $hand = $this->bench();
        $hand->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $hand->open('/');
        $hand->see('circuits on');
        $this->server->stop();
        $hand->press('New circuit');
        $hand->pressLike('^Larkrigg Mill');
        $hand->until(static fn (): bool => preg_match('~^/circuits/-\d+/plate$~', $hand->path()) === 1, 60, 'it does not begin');
        foreach (['power' => '7.5 kW', 'voltage' => '400/690', 'current' => '14.9/8.6', 'speed' => '1460'] as $stamp => $text) {
            $hand->type("plate.$stamp", $text);
        }
        $hand->see('calculated on this device', 60);
        $hand->see('stored on this device, will be saved when online', 60);
        // Gone and opened again, it is as it was typed.
        $hand->isAtWork();
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->typed('plate.speed') === '1460', 60, 'what was typed is gone');

        $this->begin();
        $hand->until(static fn (): bool => preg_match('~^/circuits/\d+/plate$~', $hand->path()) === 1, 90, 'it never went up');
        $hand->saved();
        self::assertSame('7.5 kW', $hand->typed('plate.power'));
        $hand->until(static fn (): bool => ! $hand->has('calculated on this device'), 60);
    }

    public function test_a_fault_is_hidden_and_found_without_a_service(): void
    {
        $hand = $this->bench();
        $bench = dirname($hand->path());
        $this->server->stop();
        $hand->open("$bench/prove?view=fault");
        $hand->choose('Fault', 'Worn bearing');
        $hand->press('Hide the fault');
        $hand->see('This drill is kept on this device only.', 60);
        $hand->press('Read');
        $hand->see('Readings so far', 60);
        // It outlives a reload, and what it was is not told before it is named.
        $hand->isAtWork();
        $hand->driver->navigate()->refresh();
        $hand->see('Readings so far', 60);
        self::assertFalse($hand->has('Correct:'));
        $hand->choose('The fault is', 'Overload');
        $hand->press('Name the fault');
        $hand->see('It was worn bearing, not overload.', 60);

        // The service is back: its own drills come beside it.
        $this->begin();
        $hand->until(static fn (): bool => ! $hand->has('calculated on this device'), 60);
        $hand->choose('Fault', 'Overload');
        $hand->press('Hide the fault');
        $hand->see('A fault was hidden by', 60);
        self::assertFalse($hand->has('This drill is kept on this device only.'));
    }

    public function test_a_damaged_copy_is_noticed_and_fetched_anew(): void
    {
        $hand = $this->bench();
        $archive = <<<'JS'
            const [damage, done] = arguments;
            caches.open('brave-anvil-carried').then(async (cache) => {
                const request = (await cache.keys()).find((one) => one.url.includes('/core-'));
                if (damage) {
                    await cache.put(request, new Response('nothing of the kind'));
                }
                done(request === undefined ? 0 : (await (await cache.match(request)).blob()).size);
            });
            JS;
        $whole = $hand->driver->executeAsyncScript($archive, [false]);
        self::assertGreaterThan(100_000, $whole);
        $hand->driver->executeAsyncScript($archive, [true]);
        $hand->driver->navigate()->refresh();
        $hand->until(static fn (): bool => $hand->driver->executeAsyncScript($archive, [false]) === $whole, 90, 'it stays damaged');
        self::says($hand, 'ready');
    }

    public function test_one_takes_it_off_the_device_and_puts_it_back(): void
    {
        $hand = $this->bench();
        $hand->press('Menu');
        $hand->press('Works without a network: ready');
        $hand->press('Remove from this device');
        $hand->see('not on this device (removed)');
        self::assertFalse($hand->driver->executeAsyncScript("caches.has('brave-anvil-carried').then(arguments[0])"));
        $hand->driver->navigate()->refresh();
        self::says($hand, 'not on this device (removed)');
        $hand->press('Menu');
        $hand->press('Works without a network: not on this device (removed)');
        $hand->press('Store on this device');
        $hand->see('Works without a network: ready', 90);
    }

    /** The second tab asks the first: one holds the core, and both answer. */
    public function test_two_tabs_share_one(): void
    {
        $hand = $this->bench();
        $bench = $hand->path();
        $hand->driver->switchTo()->newWindow();
        $hand->open($bench);
        $hand->saved();
        self::says($hand, 'ready');
        $this->server->stop();
        $hand->type('plate.serial', 'LT 2');
        $hand->see('calculated on this device', 60);
        $locks = $hand->driver->executeAsyncScript(
            "navigator.locks.query().then(({held, pending}) => arguments[0]([held, pending].map((list) => list.filter((one) => one.name === 'brave-anvil-core').length)))",
        );
        self::assertSame([1, 1], $locks);
        $this->server->begin();
        $hand->saved(60);
        $hand->type('plate.serial', '');
        $hand->saved();
    }

    public function test_a_browser_without_it_says_so(): void
    {
        $hand = $this->handOn($this->server->base);
        Chromium::before($hand->driver, 'delete self.WebAssembly;');
        $hand->signIn('electrician-b', carrying: true);
        self::says($hand, 'not on this device (this browser cannot run it)');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();
    }

    public function test_a_device_without_room_says_so(): void
    {
        $hand = $this->handOn($this->server->base);
        Chromium::before($hand->driver, 'Cache.prototype.put = () => Promise.reject(new DOMException("full", "QuotaExceededError"));');
        $hand->signIn('electrician-b', carrying: true);
        self::says($hand, 'not on this device (no room on this device)');
        $this->openCircuit($hand, 'KF-202');
        $hand->saved();
    }
}
