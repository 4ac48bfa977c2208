<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use Tests\Browser\BrowserTestCase;

/** What a person meets on the way: archiving, a station that waits, an address that leads nowhere, a phone in one hand. */
final class YardTest extends BrowserTestCase
{
    public function test_archiving_asks_and_can_be_undone_and_found_again(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'SP-401');
        $hand->press('Menu');
        $hand->press('Tag and area');
        $hand->press('Archive…');
        $hand->see('Nothing is deleted');
        $hand->press('Cancel');
        $hand->press('Archive…');
        $hand->press('Archive');
        $hand->see('SP-401 is archived');
        $hand->press('Undo');
        $hand->open('/?search=SP-401');
        $hand->see('1 circuit found');
        $this->openCircuit($hand, 'SP-401');
        $hand->press('Menu');
        $hand->press('Tag and area');
        $hand->press('Archive…');
        $hand->press('Archive');
        $hand->see('SP-401 is archived');
        $hand->open('/?archived=1');
        $hand->see('Archived circuits');
        $hand->see('SP-401');
        $hand->press('Restore');
        $hand->open('/?search=SP-401');
        $hand->see('1 circuit found');
    }

    public function test_a_station_that_waits_leads_to_the_field_that_it_waits_for(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-202', 'cable');
        $hand->fill('Length, starter to motor', 'far');
        $hand->see('“far” cannot be read');
        $list = static fn (): string => (string) $hand->driver->executeScript(
            'return document.querySelector("[aria-label=\'Missing for this station\']")?.innerText ?? ""',
        );
        $hand->until(static fn (): bool => str_contains($list(), 'Length, starter to motor'));
        $hand->driver->executeScript('document.querySelector("[aria-label=\'Missing for this station\'] a").click()');
        $hand->until(
            static fn (): bool => $hand->driver->executeScript('return document.activeElement.closest("[data-path]")?.dataset.path') ===
                'cable.length',
            6,
            'the field never got the focus',
        );
        $hand->fill('Length, starter to motor', '60 m');
        $hand->see('Starter to motor: ');
    }

    public function test_an_address_that_leads_nowhere_says_so(): void
    {
        $hand = $this->hand();
        $hand->signIn('planner');
        $this->openCircuit($hand, 'KF-204');
        $circuit = dirname($hand->path());
        $hand->open("$circuit/colour");
        $hand->see('Unknown station');
        $hand->press('To the nameplate');
        $hand->see('Derived values');
        $hand->open('/nowhere');
        $hand->see('There is no page at this address');
    }

    public function test_a_new_circuit_can_be_thought_better_of(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $hand->press('New circuit');
        $hand->see('480Y/277 V, 60 Hz, NEC');
        $hand->press('Cancel');
        $hand->until(static fn (): bool => ! $hand->has('choose the site'));
        self::assertTrue($hand->has('circuits on 3 sites'));
    }

    public function test_on_a_phone_what_flows_comes_first(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'CV-115', 'start');
        $hand->until(
            static fn (): bool => str_contains((string) $hand->driver->executeScript(
                'const way = document.querySelector("nav[aria-label=Stations]"); return way.firstElementChild.innerText',
            ), 'running'),
            20,
            'the way does not begin with what flows',
        );
        self::assertStringContainsString('Findings and calculation:', (string) $hand->driver->executeScript(
            'return document.querySelector("header").innerText',
        ), 'what was found is in the head');
    }
}
