<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Tests\Browser\BrowserTestCase;

/** From a reading to a capacitor that is sold, tried, wired and read again; what refuses it; what it pays. */
final class CorrectTest extends BrowserTestCase
{
    public function test_a_measured_load_is_corrected_and_read_again(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'DE-410', 'correct');
        $hand->see('55 µF brings the power factor to 0.999');
        $hand->see('Values that are sold');
        $hand->see('A run capacitor, never a start capacitor');
        $hand->press('Try it first');
        $hand->see('never ahead of it');
        $hand->see('prove the capacitor dead');
        $hand->press('After fitting');
        $hand->see('It does what it should.');
        $hand->fill('Current after', '5.1');
        $hand->see('It does not do what it should.');
        $hand->see('not connected');
        $hand->fill('Real power after', '2 kW');
        $hand->see('more than volts times amperes');
        self::assertSame('2 kW', $hand->value('Real power after'), 'what was typed stays');
        $hand->fill('Real power after', '704');
        $hand->fill('Current after', '3.06');
        $hand->see('It does what it should.');
        $hand->saved();
    }

    public function test_a_capacitor_refused_at_its_motor_goes_to_the_board(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DX-503', 'correct');
        $hand->see('A capacitor is refused at this place');
        $hand->choose('Capacitor', 'At the board');
        $hand->see('brings the power factor to');
        $hand->see('Over the load');
        $hand->press('Try it first');
        $hand->see('Where it goes: at the board');
        $hand->saved();
    }

    public function test_a_bank_over_a_day(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'PP-301', 'correct');
        $hand->press('the capacitor bank of this site');
        $hand->see('Capacitor bank of Larkrigg Mill');
        $hand->see('Steps over the day');
        $hand->see('switchings');
        $hand->fill('Each step', '25');
        $hand->see('steps of 25 kvar');
        $hand->see('Saved.');
        $hand->fill('Target power factor', '1.2');
        $hand->see('A power factor from 0.5 to 1');
        $hand->driver->navigate()->refresh();
        $hand->see('Capacitor bank of Larkrigg Mill');
        self::assertSame('1.2', $hand->value('Target power factor'), 'what was typed is kept');
        $hand->fill('Target power factor', '0.95');
        $hand->see('steps of 25 kvar');
        $hand->see('Saved.');
    }

    public function test_the_tariff_of_the_site_tells_what_it_pays(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $this->openCircuit($hand, 'KF-203', 'correct');
        $hand->press('Money');
        $hand->see('By the largest kVA of each month');
        $hand->see('The correction pays after');
        $hand->fill('Price of the correction', '€640');
        $hand->see('The number alone is wanted, without its currency');
        self::assertSame('€640', $hand->value('Price of the correction'));
        $hand->fill('Price of the correction', '640');
        $hand->see('The correction pays after');
        $hand->fill('Efficiency of another motor', '95.4');
        $hand->see('Another motor saves in a year');
        $hand->saved();
    }
}
