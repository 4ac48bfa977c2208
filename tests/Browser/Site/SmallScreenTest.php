<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Hand;

/** A small phone, a phone on its side, a desk at 200 %: the answer has the room, fingers hit, and text can be read. */
final class SmallScreenTest extends BrowserTestCase
{
    /** Share of the height that belongs to the station. */
    private const STATION = 0.6;

    private const WAY_PX = 56;

    private const TARGET_PX = 44;

    private const TEXT_PX = 12;

    /** @return array<string, array{int, int}> */
    public static function sizes(): array
    {
        return ['small phone' => [320, 568], 'phone on its side' => [844, 390], 'desk at 200 %' => [640, 400]];
    }

    #[DataProvider('sizes')]
    public function test_most_of_a_small_screen_belongs_to_the_station(int $width, int $height): void
    {
        $hand = $this->hand($width, $height);
        $hand->signIn('electrician-a');
        foreach (['plate', 'guard', 'prove', 'sheet'] as $station) {
            $this->openCircuit($hand, 'KF-204', $station);
            $high = static fn (string $part): int => (int) $hand->driver->executeScript(
                'return document.querySelector(arguments[0]).getBoundingClientRect().height', [$part],
            );
            self::assertGreaterThanOrEqual(self::STATION * $height, $high('main'), $station);
            self::assertLessThanOrEqual(self::WAY_PX, $high('nav[aria-label=Stations]'), $station);
            $over = $hand->driver->executeScript('return document.documentElement.scrollWidth - innerWidth');
            self::assertLessThanOrEqual(0, $over, $station);
        }
    }

    public function test_fingers_hit_what_they_aim_at_and_text_can_be_read(): void
    {
        $hand = $this->hand(390, 844, touch: true);
        $hand->signIn('administrator');
        self::assertTrue($hand->driver->executeScript('return matchMedia("(pointer: coarse)").matches'));
        foreach (
            ['/' => 'circuits on', '/setup' => 'New user', '/what-if' => 'new circuits here', '/due' => 'Export (CSV)'] as $path => $seen
        ) {
            $hand->open($path);
            $hand->see($seen);
            self::assertSame([], $this->tooSmall($hand), $path);
        }
        foreach (
            [
                'KF-203' => ['plate', 'power', 'start', 'cable', 'guard', 'correct', 'sheet?view=review'],
                'KF-201' => ['start?view=wiring'], 'KF-204' => ['prove', 'prove?view=logbook', 'prove?view=instruments'],
            ] as $tag => $stations
        ) {
            foreach ($stations as $station) {
                $this->openCircuit($hand, $tag, $station);
                $hand->until(static fn (): bool => ! $hand->has('Drawing…'));
                self::assertSame([], $this->tooSmall($hand), "$tag $station");
            }
        }
    }

    /** @return list<string> texts and targets that are too small; links in a sentence may be as high as its line */
    private function tooSmall(Hand $hand): array
    {
        $found = $hand->driver->executeScript(<<<'JS'
            const [text, target] = arguments;
            const found = new Set();
            const seen = (e) => {
                const { width, height } = e.getBoundingClientRect();
                return width > 1 && height > 1 && e.closest('[aria-hidden=true]') === null;
            };
            const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            while (walk.nextNode()) {
                const e = walk.currentNode.parentElement;
                const says = walk.currentNode.textContent.trim();
                if (says === '' || e.closest('style, script, sub, sup') !== null || !seen(e)) {
                    continue;
                }
                const scale = e.closest('svg') === null ? 1 : e.getScreenCTM().a;
                const size = parseFloat(getComputedStyle(e).fontSize) * scale;
                if (size < text - 0.05) {
                    found.add(`${size.toFixed(1)} px: ${says}`);
                }
            }
            for (const e of document.querySelectorAll('a, button, input, select, summary, label:has(input)')) {
                const inSentence = e.tagName === 'A' && getComputedStyle(e).display === 'inline';
                const { height } = e.getBoundingClientRect();
                if (seen(e) && !inSentence && !['checkbox', 'radio', 'range'].includes(e.type) && height < target - 0.5) {
                    found.add(`${height.toFixed(0)} px high: ${e.innerText || e.getAttribute('aria-label') || e.tagName}`);
                }
            }
            return [...found];
            JS, [self::TEXT_PX, self::TARGET_PX]);

        return is_array($found) ? array_values(array_filter($found, is_string(...))) : ['nothing was measured'];
    }
}
