<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\House;

/** The real interface in a headless Chromium. The console must stay clean: that is where a broken policy shows. */
abstract class BrowserTestCase extends TestCase
{
    /** @var list<Chromium> of this test */
    private array $browsers = [];

    /** @var list<Chromium> started for tests before and free: starting one costs more than most tests */
    private static array $free = [];

    private static bool $stopsAtTheEnd = false;

    /** A browser of one more person. */
    protected function hand(int $width = 1280, int $height = 800, bool $dark = false, bool $forced = false, bool $touch = false): Hand
    {
        $base = Server::get()->base;
        $browser = array_pop(self::$free);
        if ($browser === null) {
            $browser = new Chromium($width, $height, $dark);
        } else {
            $browser->forget($base);
        }
        $browser->show($width, $height, $dark, $forced);
        $browser->touch($touch);
        $this->browsers[] = $browser;

        return new Hand($browser->driver, $base);
    }

    /** A browser on a server of its own; it ends with the test. */
    protected function handOn(string $base): Hand
    {
        $browser = new Chromium;
        $this->browsers[] = $browser;

        return new Hand($browser->driver, $base);
    }

    /** Whether what a test leaves can serve the next one. */
    private function serves(Chromium $browser): bool
    {
        return ! $this->status()->isFailure() && ! $this->status()->isError() && count(self::$free) < 2
            && str_starts_with($browser->driver->getCurrentURL(), Server::get()->base);
    }

    protected function tearDown(): void
    {
        $severe = [];
        foreach ($this->browsers as $browser) {
            foreach ($browser->driver->manage()->getLog('browser') as $entry) {
                // A refused request shows as a network line; that the page copes is what tests look at.
                if ($entry['level'] === 'SEVERE' && ($entry['source'] ?? '') !== 'network') {
                    $severe[] = $entry['message'];
                }
            }
            if ($this->status()->isFailure() || $this->status()->isError()) {
                $browser->driver->takeScreenshot(House::var().'/log/failed-'.$this->name().'.png');
            }
            if ($this->serves($browser)) {
                self::$free[] = $browser;
            } else {
                $browser->stop();
            }
        }
        $this->browsers = [];
        if (! self::$stopsAtTheEnd) {
            self::$stopsAtTheEnd = true;
            register_shutdown_function(static function (): void {
                foreach (self::$free as $browser) {
                    $browser->stop();
                }
            });
        }
        self::assertSame([], $severe, 'the console is clean');
    }

    /** Opens a circuit of the demo by its tag. */
    protected function openCircuit(Hand $hand, string $tag, string $station = 'plate'): void
    {
        $hand->open('/?search='.$tag);
        $hand->see('1 circuit found');
        $hand->press($tag);
        $heading = static fn (): mixed => $hand->driver->executeScript('return document.querySelector("h1")?.innerText');
        $hand->until(static fn (): bool => $heading() === 'Plate', 90, static fn (): string => 'at '.$hand->path().': '.$hand->text());
        if ($station !== 'plate') {
            $hand->open(dirname($hand->path()).'/'.$station);
            $hand->until(
                static fn (): bool => $heading() === ucfirst((string) strtok($station, '?')), 90,
                static fn (): string => 'at '.$hand->path().': '.$hand->text(),
            );
        }
    }

    /** axe finds nothing to complain of. */
    protected function assertAccessible(Hand $hand, string $view): void
    {
        $hand->driver->executeAsyncScript('document.fonts.ready.then(() => setTimeout(arguments[0], 120))');
        $hand->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $result = $hand->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "best-practice"] }).then((r) => done(r.violations.map((v) => v.id + ": " + v.help + " at " + v.nodes.slice(0, 4).map((n) => n.target.join(" ") + " " + (n.any[0]?.message ?? "")).join(" | "))))',
        );
        self::assertSame([], $result, $view);
    }
}
