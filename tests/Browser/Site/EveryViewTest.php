<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;

/** Each view, light and dark: nothing for axe to complain of, nothing wider than a phone. */
final class EveryViewTest extends BrowserTestCase
{
    /** @return array<string, array{int, int, bool, bool, bool}> width, height, dark, with the colours of the reader, every view or the main ones */
    public static function looks(): array
    {
        return [
            'light' => [1280, 800, false, false, true], 'dark' => [1280, 800, true, false, true],
            'forced colours' => [1280, 800, false, true, false], 'at 200 %' => [640, 400, false, false, false],
        ];
    }

    #[DataProvider('looks')]
    public function test_no_view_violates_axe(int $width, int $height, bool $dark, bool $forced, bool $every): void
    {
        $hand = $this->hand($width, $height, $dark, $forced);
        $hand->open('/sign-in');
        $hand->see('Sign in');
        $this->assertAccessible($hand, 'sign-in');
        $hand->signIn('administrator');
        foreach (
            [
                '/' => 'circuits on', '/setup' => 'New user', '/standing' => 'from memory', '/what-if' => 'What if the supply changes?',
            ] as $path => $seen
        ) {
            $hand->open($path);
            $hand->see($seen);
            $this->assertAccessible($hand, $path);
        }
        foreach (
            [
                'KF-203' => ['plate', 'power', 'start', 'cable', 'guard', 'correct', 'prove', 'sheet'],
                ...$every
                    ? ['CV-115' => ['plate', 'start', 'cable'], 'DX-502' => ['guard', 'cable'], 'DE-410' => ['plate', 'guard']] : [],
            ] as $tag => $stations
        ) {
            foreach ($stations as $station) {
                $this->openCircuit($hand, $tag, $station);
                $this->assertAccessible($hand, "$tag $station");
            }
        }
        if (! $every) {
            return;
        }
        foreach (
            [
                'FP-405' => [
                    'power?view=measure', 'power?view=phasors', 'power?view=windings', 'power?view=waveform', 'plate?view=replacement',
                ],
                'DE-410' => ['power', 'power?view=measure'],
                'KF-201' => ['start', 'start?view=methods', 'start?view=wiring', 'start?view=stopwatch'], 'DB-101' => ['start'],
            ] as $tag => $views
        ) {
            foreach ($views as $view) {
                $this->openCircuit($hand, $tag, $view);
                $this->assertAccessible($hand, "$tag $view");
            }
        }
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

    public function test_every_view_fits_a_phone(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('administrator');
        $width = static fn (): int => (int) $hand->driver->executeScript('return document.documentElement.scrollWidth');
        foreach (['/' => 'circuits on', '/setup' => 'New user', '/standing' => 'from memory', '/register' => 'Schedules',
            '/round' => 'Start a round', '/due' => 'Export (CSV)', '/record' => 'Activity log'] as $path => $seen) {
            $hand->open($path);
            $hand->see($seen);
            self::assertLessThanOrEqual(390, $width(), $path);
        }
        foreach (['plate', 'power', 'start', 'cable', 'guard', 'correct', 'sheet', 'sheet?view=revisions'] as $station) {
            $this->openCircuit($hand, 'KF-203', $station);
            self::assertLessThanOrEqual(390, $width(), $station);
            self::assertLessThanOrEqual(
                391,
                (int) $hand->driver->executeScript('return document.querySelector("main").scrollWidth'),
                "$station inside",
            );
        }
        foreach (
            ['power?view=measure', 'power?view=phasors', 'power?view=windings', 'power?view=waveform', 'plate?view=replacement'] as $view
        ) {
            $this->openCircuit($hand, 'FP-405', $view);
            if (str_ends_with($view, 'waveform')) {
                $hand->press('Welding rectifier between welds, leading');
                $hand->see('displacement power factor');
            }
            self::assertLessThanOrEqual(390, $width(), $view);
            self::assertLessThanOrEqual(
                391,
                (int) $hand->driver->executeScript('return document.querySelector("main").scrollWidth'),
                "$view inside",
            );
        }
        foreach (['start?view=methods', 'start?view=wiring', 'start?view=stopwatch'] as $view) {
            $this->openCircuit($hand, 'KF-201', $view);
            $hand->until(static fn (): bool => ! $hand->has('Calculating all starting methods…') && ! $hand->has('Drawing…'));
            self::assertLessThanOrEqual(390, $width(), $view);
            self::assertLessThanOrEqual(
                391,
                (int) $hand->driver->executeScript('return document.querySelector("main").scrollWidth'),
                "$view inside",
            );
        }
        $this->openCircuit($hand, 'KF-203');
        // What was found is one touch away, with its number.
        $hand->pressLike('^Findings and calculation');
        $hand->see('Findings');
        $hand->press('Close');
    }
}
