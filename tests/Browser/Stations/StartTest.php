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
        $hand->see('changes over by the timer');
        $hand->fill('After', '');
        $hand->see('Set the timer to');
        $timer = preg_match('/Set the timer to ([\d.]+)/', $hand->text(), $found) === 1 ? $found[1] : self::fail('no timer is told');
        $hand->fill('After', $timer);
        $hand->see('changes over by the timer');
        $hand->see('after '.$timer);
        $hand->see('Setting card');
        self::assertFalse($hand->has('Early changeover'));
        $hand->fill('After', '3');
        $hand->see('Far too early a changeover');
        $hand->see('has gained next to nothing');
        $hand->fill('After', '60');
        $hand->see('The timer is longer than the run-up');
        $hand->fill('After', $timer);
        $hand->saved();
    }

    public function test_a_drum_that_does_not_break_away_in_star_is_refused(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DB-101', 'start');
        $hand->see('does not bring this drum up: it does not break away');
        $hand->see('It does not break away');
        $hand->see('stays at 0 rpm');
        $hand->press('Starters compared');
        $hand->see('is recommended');
        $hand->press('Star-delta');
        $hand->see('Star-delta: stays behind');
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
        $hand->fill('Transformer', '250');
        $hand->leave();
        $hand->keys('3');
        $hand->see('The start pulls the bus down');
        $hand->press('Starters compared');
        $hand->see('bus dips too far');
        $hand->press('Undo');
        $hand->saved();
    }

    public function test_a_starter_is_taken_over_with_a_touch(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'KF-204', 'start?view=methods');
        $hand->see('is recommended');
        $hand->press('Autotransformer 65 %');
        $hand->press('Take this starter');
        $hand->press('Run-up');
        $hand->see('Autotransformer carries this fan to');
        self::assertSame('65', $hand->value('Tap'));
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
        $hand->see('delta takes over where star left off');
        $hand->choose('At U2', 'L1');
        $hand->see('a pulsating field');
        $hand->see('the dead winding');
        $hand->press('Unmarked leads');
        $hand->choose('1 rings with', '4');
        $hand->choose('2 rings with', '5');
        $hand->see('So the third winding is 3 and 6');
        $hand->press('back');
        $hand->see('V1');
        $hand->press('Terminal box');
        $hand->choose('Links as found', 'Star');
        $hand->see('Not right: 231');
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
        $hand->press('Keep this start');
        $hand->see('Kept with the time and your name.');
        $hand->see('Timed starts of this circuit');
        $hand->press('Take it instead of the typed inertia');
        $hand->see('the inertia follows from it');
        $hand->press('Run-up');
        $hand->see('Inertia from the stopwatch');
        $hand->saved();
    }
}
