<?php

declare(strict_types=1);

namespace Tests\Browser\Site;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;

/** The work as people do it. */
final class WholeJobTest extends BrowserTestCase
{
    public function test_from_the_plate_to_a_saved_circuit(): void
    {
        $hand = $this->hand();
        $hand->open('/');
        // Electrician C signs in here and nowhere else, so that it is the first time in whatever order tests run.
        $hand->fill('Name', 'electrician-c');
        $hand->fill('Password', 'larkrigg');
        $hand->press('Sign in');
        $hand->see('About these results');
        $hand->press('I have read this');
        $hand->see('circuits on 3 sites');
        $hand->press('New circuit');
        $hand->press('Larkrigg Mill: 400 V, 50 Hz, IEC 60364');
        $hand->see('Enter the nameplate');
        foreach (
            [
                'Output, kW or hp' => '22 kW', 'Volts' => '400/690', 'Amps' => '40,6/23,5', 'rpm' => '1475', 'cos φ' => '0,84',
                'Efficiency, %' => '93.0', 'Ia/In' => '7.3', 'Tst/Tn' => '2.4',
            ] as $label => $stamped
        ) {
            $hand->fill($label, $stamped);
        }
        $hand->see('connect in delta');
        $hand->see('calculated 40.6 A, nameplate 40.6 A');
        $hand->see('3 × 6 mm²');
        $hand->see('relay 40.6 A');

        $hand->leave();
        $hand->keys('3');
        $hand->see('Direct-on-line: 296 A');
        $hand->choose('Starting method', 'Star-delta');
        $hand->see('98.8 A instead of 296 A');
        $hand->see('relay 23.4 A in the motor leads');
        $hand->see('6 × 2.5 mm²');
        $hand->see('23.4 A in each lead');
        $hand->press('Starting');
        $hand->see('direct-on-line 296 A');

        $hand->keys('6');
        $hand->fill('Target power factor', '0.95');
        $hand->choose('Position of the capacitor', 'At the motor terminals');
        $hand->see('No capacitor at a star-delta motor');
        $hand->see('No capacitor is allowed at this position');

        $tag = preg_match('/\bNEW-\d+\b/', $hand->text(), $found) === 1 ? $found[0] : self::fail('the new circuit has no tag');
        $hand->press("Tag $tag: name, area and site of this circuit");
        $hand->fill('Tag, unique in its site', 'TEST-22');
        $hand->fill('Drives', 'Sorting table');
        $hand->press('Close');
        $hand->saved();
        $hand->driver->navigate()->refresh();
        $hand->see('TEST-22');
        $hand->see('No capacitor is allowed at this position');
        self::assertSame('0.95', $hand->value('Target power factor'));

        $hand->open('/');
        $hand->see('circuits on 3 sites');
        $hand->leave();
        $hand->keys('/');
        $hand->keys('sorting');
        $hand->see('1 circuit found');
        $hand->see('TEST-22');
        $hand->see('22 kW');
    }

    public function test_a_bad_entry_is_told_at_its_field_and_kept(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-202');
        $hand->fill('Volts', '1,500');
        $hand->see('could be a decimal comma or a thousands separator');
        $hand->see('Volts: “1,500” could be');
        $hand->see('Volts as on the nameplate, such as 400, 230/400');
        $hand->fill('rpm', '1502');
        $hand->see('just above 1500 rpm');
        $hand->leave();
        $hand->keys('2');
        $hand->see('39.4 kW');
        $hand->see('37 kW');
        $hand->keys('1');
        $hand->saved();
        $hand->driver->navigate()->refresh();
        $hand->see('could be a decimal comma or a thousands separator');
        self::assertSame('1,500', $hand->value('Volts'));
        self::assertSame('1502', $hand->value('rpm'));
        $hand->fill('Volts', '400/690');
        $hand->fill('rpm', '1482');
        $hand->see('connect in delta');
        $hand->saved();
    }

    public function test_undo_redo_and_the_switches_of_the_run(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-203');
        $hand->see('20 kvar');
        $hand->press('Corrected');
        $hand->see('cos φ 0.982');
        $hand->press('Starting');
        $hand->see('direct-on-line 462 A');
        $hand->fill('Ia/In', '6.0');
        $hand->see('direct-on-line 396 A');
        $hand->press('Undo');
        $hand->see('direct-on-line 462 A');
        $hand->press('Redo');
        $hand->see('direct-on-line 396 A');
        $hand->press('Undo');
        $hand->saved();
    }

    /** From a result to the stamp that it rests on, by touch alone. */
    public function test_a_working_leads_to_what_was_put_in(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-204');
        $hand->keys('2');
        $hand->press('Shaft output');
        $focus = static fn (): string => (string) $hand->driver->executeScript(
            'return document.activeElement.dataset.path ?? document.activeElement.id',
        );
        $hand->until(static fn (): bool => $focus() === 'figure-power.output', 6, 'the figure never got the focus');
        $hand->press('Rated output');
        $hand->until(static fn (): bool => $focus() === 'figure-plate.output', 6, 'the figure of the plate never got the focus');
        self::assertStringEndsWith('/plate', $hand->path());
        $hand->press('Rated output, entered');
        $hand->until(static fn (): bool => $focus() === 'plate.power', 6, 'the stamp never got the focus');
    }

    /** On a phone the working lies over the station: it makes way for the field that it leads to. */
    public function test_on_a_phone_the_working_makes_way_for_the_field(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-204');
        $hand->pressLike('^Findings and calculation');
        $hand->press('Rated output, entered');
        $seen = static fn (): bool => $hand->driver->executeScript(
            'const e = document.activeElement, b = e.getBoundingClientRect();
            return e.dataset.path === "plate.power" && document.elementFromPoint(b.x + b.width / 2, b.y + b.height / 2) === e',
        ) === true;
        $hand->until($seen, 6, 'the stamp is covered or has no focus');
    }

    public function test_two_people_at_one_circuit_choose(): void
    {
        $first = $this->hand();
        $first->signIn('electrician-a');
        $this->openCircuit($first, 'HP-210');
        $second = $this->hand();
        $second->signIn('electrician-b');
        $this->openCircuit($second, 'HP-210');
        $first->fill('Serial no.', 'by the first');
        $first->saved();
        usleep(1_300_000);
        $second->fill('Year', '1999');
        $second->see('Shift electrician A saved this circuit while you were editing');
        $second->see('by the first');
        self::assertTrue($second->has('1999'), 'what the second typed is still there');
        $second->press('Use their version');
        $second->until(fn (): bool => $second->value('Serial no.') === 'by the first');
        $second->press('Undo');
        $second->until(fn (): bool => $second->value('Year') === '1999', 6, 'what was typed comes back by undo');
    }

    public function test_a_revision_is_named_and_opened(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DX-501');
        $hand->press('Menu');
        $hand->press('Revisions');
        $hand->fill('Name of the revision', 'as built');
        $hand->press('Save revision');
        $hand->see('Shift electrician B,');
        $hand->press('as built');
        $hand->see('DX-501, revision 1: as built');
        $hand->see('A revision cannot be changed');
        $hand->see('Inverse-time breaker');
    }

    public function test_a_viewer_reads_only(): void
    {
        $hand = $this->hand();
        $hand->signIn('planner');
        self::assertFalse($hand->has('New circuit'));
        $this->openCircuit($hand, 'KF-204');
        $hand->see('read only');
        self::assertNotNull($hand->field('Volts')->getAttribute('readonly'));
    }

    public function test_the_keyboard_alone(): void
    {
        $hand = $this->hand();
        $hand->open('/sign-in');
        $hand->see('Sign in');
        $hand->keys('electrician-a', WebDriverKeys::TAB, 'larkrigg', WebDriverKeys::ENTER);
        $hand->see('circuits on 3 sites');
        $hand->keys('/', 'kf-204');
        $hand->see('1 circuit found');
        $focused = static fn (): string => trim(
            (string) $hand->driver->executeScript(
                'const e = document.activeElement; return e.innerText || e.getAttribute("aria-label") || e.id',
            ),
        );
        for ($i = 0; $i < 30 && $focused() !== 'KF-204'; $i++) {
            $hand->keys(WebDriverKeys::TAB);
        }
        self::assertSame('KF-204', $focused(), 'Tab reaches the circuit');
        $hand->keys(WebDriverKeys::ENTER);
        $hand->see('Derived values');
        foreach (
            [
                '4' => 'Starter to motor: all sizes', '5' => 'gG fuse: ratings that carry', '2' => 'Power triangle, to scale',
                '1' => 'Derived values',
            ] as $key => $seen
        ) {
            $hand->keys((string) $key);
            $hand->see($seen);
        }
        $open = static fn (): bool => $hand->driver->executeScript('return document.querySelector("aside") !== null') === true;
        $hand->until($open);
        $hand->keys('w');
        $hand->until(static fn (): bool => ! $open());
        $hand->keys('w');
        $hand->until($open);
        $hand->keys('?');
        $hand->see('They work while no field is active');
        $hand->keys(WebDriverKeys::ESCAPE);
        $hand->field('Frame')->click();
        $hand->keys(WebDriverKeys::END, '2', '/', 'w');
        self::assertSame('225S2/w', $hand->value('Frame'), 'keys are dead while a field has focus');
        self::assertStringEndsWith('/plate', $hand->path());
        $hand->fill('Frame', '225S');
        $hand->saved();
    }
}
