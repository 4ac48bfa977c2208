<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Chromium;
use Tests\Browser\EveryView;
use Tests\Browser\Hand;

/** Each view, light and dark: nothing for axe to complain of, nothing wider than its screen. */
final class EveryViewTest extends BrowserTestCase
{
    use EveryView;

    /** @return array<string, array{bool}> */
    public static function looks(): array
    {
        return ['light' => [false], 'dark' => [true]];
    }

    #[DataProvider('looks')]
    public function test_no_view_violates_axe(bool $dark): void
    {
        $hand = $this->hand(1280, 800, $dark);
        $this->everyView($hand, fn (string $view) => $this->assertAccessible($hand, $view));
        $this->openCircuit($hand, 'FP-405', 'power?view=waveform');
        $hand->press('Grinder, lagging');
        $hand->see('displacement power factor');
        $this->assertAccessible($hand, 'a waveform');
        $this->openCircuit($hand, 'KF-204', 'plate?view=replacement');
        $hand->choose('Spare motor', '37 kW from the old line, Motor store, floor');
        $hand->see('Voltage and connection');
        $this->assertAccessible($hand, 'a replacement');
        $hand->press('Menu');
        $hand->see('About these results');
        $this->assertAccessible($hand, 'menu');
    }

    /** A desk, a tablet, a phone on its side, a desk at 200 %, a phone, a small one. */
    private const SCREENS = [[1280, 800], [1024, 768], [844, 390], [640, 400], [390, 844], [320, 568]];

    public function test_every_view_fits_every_screen(): void
    {
        $hand = $this->hand();
        $this->everyView($hand, static fn (string $view) => self::assertFits($hand, $view));
        $this->openCircuit($hand, 'FP-405', 'power?view=waveform');
        $hand->press('Welding rectifier between welds, leading');
        $hand->see('displacement power factor');
        self::assertFits($hand, 'a waveform');
    }

    private static function assertFits(Hand $hand, string $view): void
    {
        foreach (self::SCREENS as [$width, $height]) {
            Chromium::size($hand->driver, $width, $height);
            // What is drawn by its own width is drawn anew.
            usleep(120_000);
            $over = $hand->driver->executeScript(
                'const m = document.querySelector("main"); return [document.documentElement.scrollWidth - innerWidth,
                m === null ? 0 : m.scrollWidth - m.clientWidth - 1].map((px) => Math.max(0, px))',
            );
            self::assertSame([0, 0], $over, "$view at $width × $height");
        }
        Chromium::size($hand->driver, 1280, 800);
    }
}
