<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;

/** Starts as people meet them: one that comes up, one that stalls, one that changes over too early, and the wires of it. */
final class StartTest extends BrowserTestCase
{
    public function test_a_fan_is_carried_by_star_delta_with_the_timer_set_from_the_answer(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-202', 'start');
        $hand->see('changeover (timer)');
        $hand->fill('After', '');
        $hand->see('Set the timer to');
        $timer = preg_match('/Set the timer to ([\d.]+)/', $hand->text(), $found) === 1 ? $found[1] : self::fail('no timer is told');
        $hand->fill('After', $timer);
        $hand->see('changeover (timer)');
        $hand->see('after '.$timer);
        $hand->see('Setting card');
        self::assertFalse($hand->has('Changeover too early'));
        $hand->fill('After', '3');
        $hand->see('Changeover much too early');
        $hand->see('gains almost nothing');
        $hand->fill('After', '60');
        $hand->see('Timer set too long');
        $hand->fill('After', $timer);
        $hand->saved();
    }

    public function test_a_drum_that_does_not_break_away_in_star_is_refused(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DB-101', 'start');
        $hand->see('cannot start this drum: it does not break away');
        $hand->see('The motor cannot start this load');
        $hand->see('stalls at 0 rpm');
        $hand->press('Starters compared');
        $hand->see('Recommended: ');
        $hand->press('Star-delta');
        $hand->see('Star-delta: stalls');
    }

    public function test_the_cursor_runs_through_the_start_by_keyboard(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-201', 'start');
        $hand->see('Slide through the start');
        $hand->driver->executeScript('document.querySelector("input[type=range]").focus()');
        $hand->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $hand->see('In each line at ');
        $hand->see('at the motor');
        $first = $hand->text();
        $hand->keys(WebDriverKeys::END);
        $hand->until(static fn (): bool => $hand->text() !== $first);
        $hand->see('full voltage:');
    }

    public function test_a_start_that_pulls_a_weak_bus_down_is_refused(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'CH-305', 'plate');
        $hand->see('Supply');
        $hand->fill('Transformer rating', '250');
        $hand->leave();
        $hand->keys('3');
        $hand->see('Voltage dip at the bus too large');
        $hand->press('Starters compared');
        $hand->see('voltage dip at the bus too large');
        $hand->press('Undo');
        $hand->saved();
    }

    public function test_a_starter_is_taken_over_with_a_touch(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-204', 'start?view=methods');
        $hand->see('Recommended: ');
        $hand->press('Autotransformer 65 %');
        $hand->press('Use this starter');
        $hand->press('Run-up');
        $hand->see('Autotransformer start: the first stage reaches');
        self::assertSame('65', $hand->value('Transformer tap'));
        $hand->saved();
    }

    public function test_leads_are_crossed_and_named(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-201', 'start?view=wiring');
        $hand->see('Power circuit with six leads');
        $hand->see('Contactors over time');
        $hand->press('Crossed leads');
        $hand->see('delta continues where star ended');
        $hand->choose('At U2', 'L1');
        $hand->see('a pulsating field');
        $hand->see('the dead winding');
        $hand->press('Unmarked leads');
        $hand->choose('Lead 1 has continuity with', '4');
        $hand->choose('Lead 2 has continuity with', '5');
        $hand->see('The third winding is 3 and 6');
        $hand->press('back');
        $hand->see('V1');
        $hand->press('Terminal box');
        $hand->choose('Links as found', 'Star');
        $hand->see('Not correct: 231');
    }

    public function test_the_stopwatch_keeps_a_start_on_a_phone(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DX-501', 'start?view=stopwatch');
        $hand->press('Switching on');
        usleep(1_300_000);
        $hand->press('Full speed');
        $hand->see('Full speed after');
        $hand->press('Save this start');
        $hand->see('Saved with the time and your name.');
        $hand->see('Timed starts of this circuit');
        $hand->press('Replace the entered inertia');
        $hand->see('Inertia, timer and trip class now follow');
        $hand->press('Run-up');
        $hand->see('Inertia calculated from the timed start');
        $hand->saved();
    }

    public function test_a_workshop_compressor_on_two_wires_is_followed_from_its_plate_to_its_wires(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $hand->press('New circuit');
        $hand->press('Larkrigg Mill: 400 V, 50 Hz, IEC 60364');
        $hand->see('Enter the nameplate');
        $stamps = ['Phases' => '1~', 'Output, kW or hp' => '2.2 kW', 'Volts' => '230', 'Amps' => '13.8', 'rpm' => '1420'];
        foreach ($stamps as $label => $stamp) {
            $hand->fill($label, $stamp);
        }
        $hand->see('set the supply to one phase');
        $hand->fill('Supply voltage', '230');
        $hand->choose('Phases of the supply', 'One');
        $hand->see('M 1 ~');
        $hand->see('2 × 1.5 mm²');
        $hand->fill('Run capacitor', '50 µF 450 V');
        $hand->fill('Start capacitor', '189-227 µF 250 V');
        $bench = dirname($hand->path());
        $hand->isAtWork();
        $hand->saved();
        $hand->open("$bench/start");
        $hand->see('standstill, at most');
        $hand->see('Replace it by one for 450 V or more');
        $hand->press('Wiring');
        $hand->see('all three poles in series');
        $hand->see('C1 start');
        $hand->see('swap Z1 and Z2');
        $hand->press('Run-up');
        $hand->choose('Starting method', 'Star-delta');
        $hand->see('No star-delta for a single-phase motor');
        $hand->choose('Starting method', 'Direct-on-line');
        $hand->saved();
        $hand->open("$bench/prove?step=motor_capacitor");
        $hand->choose('Which capacitor', 'Run capacitor');
        $hand->fill('Capacitance by meter', '31');
        $hand->fill('Instrument', 'clamp meter 7');
        $hand->press('Save this reading');
        $hand->see('a worn-out capacitor');
        $hand->open("$bench/prove?step=rotation");
        $hand->see('the ends of the start winding exchanged');
    }
}
