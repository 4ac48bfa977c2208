<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Tests\Browser\BrowserTestCase;

/** A circuit proved by readings, and a hidden fault found with stand-ins, in a real browser over the real protocol. */
final class ProveTest extends BrowserTestCase
{
    public function test_a_reading_that_disagrees_is_kept_judged_and_withdrawn(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'SP-403', 'prove');
        $hand->see('No measurements yet.');
        $hand->see('prove dead with a tester');
        $hand->open($hand->path().'?step=winding_resistance');
        $hand->choose('Winding connection', 'delta');
        $typed = ['U–V' => '0.512', 'V–W' => '0.5l8', 'W–U' => '0.455', 'Winding temperature' => '22', 'Instrument' => 'micro-ohmmeter 2'];
        foreach ($typed as $field => $text) {
            $hand->fill($field, $text);
        }
        $hand->press('Save this reading');
        // What cannot be read is told at its field, and nothing that was typed is lost.
        $hand->see('“l8” is not a unit for this field');
        self::assertSame('0.455', $hand->value('W–U'));
        $hand->fill('V–W', '0.518');
        $hand->press('Save this reading');
        $hand->see('Saved with the time and your name.');
        $hand->see('Not as expected');
        $hand->see('Winding WU reads');
        $hand->see('Readings of 1 kind: 1 not as expected.');

        $hand->open(strtok($hand->path(), '?').'?view=kept');
        $hand->see('micro-ohmmeter 2');
        $hand->press('Withdraw');
        $hand->fill('Reason', 'leads of the meter swapped');
        $hand->press('Withdraw reading');
        $hand->see('withdrawn by Shift electrician B: leads of the meter swapped');
        $hand->see('No measurements yet.');
    }

    public function test_a_plan_is_worked_through_on_the_stand_ins(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'HP-210', 'prove');
        $base = $hand->path();
        foreach (
            [
                ['On its terminals', 'Winding resistance'], ['On its terminals', 'Insulation resistance'], ['Between the lines', null],
                ['Before the motor', 'Line currents'], ['On the shaft', 'Vibration'], ['On the shaft', 'Bearing temperatures'],
            ] as [$point, $reading]
        ) {
            $hand->open($base.'?view=instruments');
            $hand->press($point);
            if ($reading !== null) {
                $hand->press($reading);
            }
            $hand->press('Read');
            $hand->see('As expected: Compared with the calculation');
            $hand->press('Save');
            $hand->see('Saved, marked as simulated.');
        }
        $hand->open($base);
        $hand->see('Readings of 6 kinds: 6 as expected; all simulated only.');
        // Simulated readings prove nothing: the plan still begins at its first step.
        $next = 'return [...document.querySelectorAll("button[aria-expanded]")].find((b) => b.innerText.includes("next"))?.innerText ?? ""';
        $hand->until(static fn (): bool => str_contains((string) $hand->driver->executeScript($next), 'Winding resistance'));
        $hand->open($base.'?view=kept');
        $hand->see('simulated; Motor test bench, simulated');
    }

    public function test_a_hidden_fault_is_found(): void
    {
        $first = $this->hand();
        $first->signIn('electrician-a');
        $this->openCircuit($first, 'KF-202', 'prove?view=fault');
        $first->choose('Fault', 'Damp winding');
        $first->press('Hide the fault');
        $first->see('A fault was hidden by Shift electrician A');

        $second = $this->hand();
        $second->signIn('electrician-b');
        $this->openCircuit($second, 'KF-202', 'prove?view=fault');
        $second->see('A fault was hidden by Shift electrician A');
        self::assertStringNotContainsString('damp', $second->text());
        $second->press('Between the lines');
        $second->press('Read');
        $second->see('As expected: Compared with the calculation');
        $second->press('On its terminals');
        $second->press('Insulation resistance');
        $second->press('Read');
        $second->see('Not as expected: Compared with the calculation');
        $second->choose('The fault is', 'Damp winding');
        $second->press('Name the fault');
        $second->see('Correct: damp winding.');
        $second->see('Shown by: insulation resistance.');
        $second->see('Not needed: supply voltages.');
    }

    public function test_the_ways_of_measuring_follow_what_is_at_hand(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'CH-305', 'prove?view=method');
        $hand->see('Tick the instruments you have');
        $hand->tick('Two wattmeters');
        $hand->see('Real power of a three-wire load');
        $hand->see('One wattmeter alone tells you nothing');
        $hand->tick('Oscilloscope');
        $hand->see('never float the oscilloscope by lifting its ground');
        $hand->see('withstands that');
    }

    public function test_a_greasing_is_written_down_in_three_touches_and_is_no_longer_due(): void
    {
        $hand = $this->hand(390, 844);
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'HP-210', 'prove?view=logbook');
        $hand->see('Greasing is overdue');
        $hand->see('without a known cause');
        $hand->press('Greased');
        $hand->fill('Grams', '18');
        $hand->press('Add entry');
        $hand->see('Entry added.');
        $hand->see('Greasing due in');
        $hand->open('/due');
        $hand->see('HP-210');
        $hand->see('PP-301');
        $hand->see('in time');
    }
}
