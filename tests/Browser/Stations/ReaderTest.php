<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\EveryView;
use Tests\Browser\Hand;

/** Every view for whoever has colours of his own, reads at 200 %, or has the keyboard alone. */
final class ReaderTest extends BrowserTestCase
{
    use EveryView;

    /** More stops than any view has. */
    private const MOST_STOPS = 400;

    /** @return array<string, array{int, int, bool}> width, height, with the colours of the reader */
    public static function looks(): array
    {
        return ['forced colours' => [1280, 800, true], 'at 200 %' => [640, 400, false]];
    }

    #[DataProvider('looks')]
    public function test_no_view_violates_axe(int $width, int $height, bool $forced): void
    {
        $hand = $this->hand($width, $height, forced: $forced);
        $this->everyView($hand, fn (string $view) => $this->assertAccessible($hand, $view));
    }

    /** Tab goes through a whole view and comes back to its beginning; each stop is in sight, and nothing lies over it. */
    public function test_the_keyboard_goes_through_every_view(): void
    {
        $hand = $this->hand();
        $this->everyView($hand, function (string $view) use ($hand): void {
            $hand->driver->executeScript('document.activeElement?.blur(); window.walked = new Set()');
            $hidden = [];
            // A view may begin at a field of its own: the walk goes over the end of the page to what lies before it.
            $ends = 0;
            for ($stops = 0; $stops < self::MOST_STOPS; $stops++) {
                $hand->keys(WebDriverKeys::TAB);
                $stop = self::stop($hand);
                if ($stop === 'again' || ($stop === 'end' && ++$ends > 2)) {
                    break;
                }
                if ($stop !== '' && $stop !== 'end') {
                    $hidden[] = $stop;
                }
            }
            self::assertLessThan(self::MOST_STOPS, $stops, "$view: the keyboard does not come back");
            self::assertGreaterThan(2, $stops, "$view: nothing can be reached");
            self::assertSame([], $hidden, $view);
        });
    }

    /** `again` where it was there before, `end` out of the page; what is wrong with the stop; empty where it is well. */
    private static function stop(Hand $hand): string
    {
        $said = $hand->driver->executeScript(<<<'JS'
            const e = document.activeElement;
            if (e === null || e === document.body) {
                return 'end';
            }
            if (window.walked.has(e)) {
                return 'again';
            }
            window.walked.add(e);
            const name = (e.innerText || e.getAttribute('aria-label') || e.dataset.path || e.id || e.tagName).slice(0, 40);
            // What stands for a control that is out of sight itself: a box, a slider's handle.
            const behind = e.matches('input[type=checkbox], input[type=radio], input[type=range], input[type=file]');
            const seen = behind ? e.closest('label, [role=group]') ?? e.parentElement : e;
            const { left, top, right, bottom } = seen.getBoundingClientRect();
            const x = (Math.max(left, 0) + Math.min(right, innerWidth)) / 2;
            const y = (Math.max(top, 0) + Math.min(bottom, innerHeight)) / 2;
            if (right <= 0 || bottom <= 0 || left >= innerWidth || top >= innerHeight) {
                return `out of sight: ${name}`;
            }
            const over = document.elementFromPoint(x, y);
            return over === null || seen.contains(over) || over.contains(seen) ? '' : `covered: ${name}`;
            JS);

        return is_string($said) ? $said : 'nothing was read';
    }
}
