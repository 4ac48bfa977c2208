<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** The real interface in a headless Chromium. The console must stay clean: that is where a broken policy shows. */
abstract class BrowserTestCase extends TestCase
{
    /** @var list<Chromium> */
    private array $browsers = [];

    /** A browser of one more person. */
    protected function hand(int $width = 1280, int $height = 800, bool $dark = false): Hand
    {
        return $this->handOn(Server::get()->base, $width, $height, $dark);
    }

    /** A browser on a server of its own. */
    protected function handOn(string $base, int $width = 1280, int $height = 800, bool $dark = false): Hand
    {
        $browser = new Chromium($width, $height, $dark);
        $this->browsers[] = $browser;

        return new Hand($browser->driver, $base);
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
                $browser->driver->takeScreenshot(dirname(__DIR__, 2).'/var/log/failed-'.$this->name().'.png');
            }
            $browser->stop();
        }
        $this->browsers = [];
        self::assertSame([], $severe, 'the console is clean');
    }

    /** Opens a circuit of the demo by its tag. */
    protected function openCircuit(Hand $hand, string $tag, string $station = 'plate'): void
    {
        $hand->open('/?search='.$tag);
        $hand->see('1 circuit found');
        $hand->press($tag);
        $hand->until(static fn (): bool => $hand->driver->executeScript('return document.querySelector("h1")?.innerText') === 'Plate');
        if ($station !== 'plate') {
            $hand->open(dirname($hand->path()).'/'.$station);
            $hand->until(
                static fn (): bool => $hand->driver->executeScript('return document.querySelector("h1")?.innerText') ===
                    ucfirst((string) strtok($station, '?')),
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
