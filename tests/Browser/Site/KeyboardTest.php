<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Hand;

/** Hands that stay on the keyboard: out of a field, along the stations, past the head, into the first stamp. */
final class KeyboardTest extends BrowserTestCase
{
    private static function focus(Hand $hand): string
    {
        return (string) $hand->driver->executeScript(
            'const e = document.activeElement; return e.dataset.path ?? (e.id || e.innerText)',
        );
    }

    private static function heading(Hand $hand): mixed
    {
        return $hand->driver->executeScript('return document.querySelector("h1")?.innerText');
    }

    public function test_from_a_stamp_to_another_station_in_two_keys(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-204');
        $before = $hand->typed('plate.power_factor');
        $hand->type('plate.power_factor', $before);
        // A digit belongs to the field as long as it has the focus.
        $hand->keys('5', WebDriverKeys::BACKSPACE);
        self::assertStringEndsWith('/plate', $hand->path());
        $hand->keys(WebDriverKeys::ESCAPE, '5');
        $hand->until(static fn (): bool => self::heading($hand) === 'Guard', 10, 'Escape and 5 do not lead to Guard');
        $hand->keys('1');
        $hand->until(static fn (): bool => self::heading($hand) === 'Plate', 10);
        self::assertSame($before, $hand->typed('plate.power_factor'), 'what stood in the stamp stands there');
    }

    public function test_the_first_stop_leads_past_the_head(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-204');
        $hand->leave();
        $hand->keys(WebDriverKeys::TAB);
        self::assertSame('Skip to the content', self::focus($hand));
        $hand->keys(WebDriverKeys::ENTER);
        self::assertSame('content', self::focus($hand));
        $hand->keys(WebDriverKeys::TAB);
        self::assertTrue($hand->driver->executeScript('return document.querySelector("main").contains(document.activeElement)'));
    }

    public function test_a_new_circuit_begins_in_its_first_stamp(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $hand->press('New circuit');
        $hand->press('Larkrigg Mill: 400 V, 50 Hz, IEC 60364');
        $hand->until(static fn (): bool => self::focus($hand) === 'plate.power', 45, 'the first stamp has no focus');
        $hand->keys('11 kW', WebDriverKeys::ESCAPE, '2');
        $hand->until(static fn (): bool => self::heading($hand) === 'Power', 10);
    }

    public function test_the_sheet_of_findings_takes_the_focus_and_gives_it_back(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'CV-115', 'start');
        $hand->pressLike('^Findings and calculation');
        $inside = static fn (): bool => $hand->driver->executeScript(
            'return document.querySelector("aside")?.contains(document.activeElement) ?? false',
        ) === true;
        $hand->until($inside, 10, 'the focus did not go in');
        // The way stays in reach beside it.
        self::assertTrue($hand->driver->executeScript(
            'const w = document.querySelector("nav[aria-label=Stations] a.active").getBoundingClientRect();
            return document.elementFromPoint(w.x + w.width / 2, w.y + w.height / 2).closest("nav") !== null',
        ));
        $hand->keys(WebDriverKeys::ESCAPE);
        $hand->until(static fn (): bool => $hand->driver->executeScript('return document.querySelector("aside") === null') === true);
        self::assertStringContainsString('Findings and calculation', self::focus($hand));
    }
}
