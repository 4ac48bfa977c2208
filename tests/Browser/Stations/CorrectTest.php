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
        $hand->see('55 µF: power factor 0.999');
        $hand->see('Standard values');
        $hand->see('Use a run capacitor, never a start capacitor');
        $hand->press('Test run');
        $hand->see('on the load side of the switch');
        $hand->see('prove the capacitor dead');
        $hand->press('After installation');
        $hand->see('The capacitor works as calculated.');
        $hand->fill('Current, capacitor on', '5.1');
        $hand->see('The capacitor does not work as calculated.');
        $hand->see('not seem to be connected');
        $hand->fill('Real power, capacitor on', '2 kW');
        $hand->see('more than volts times amperes');
        self::assertSame('2 kW', $hand->value('Real power, capacitor on'), 'what was typed stays');
        $hand->fill('Real power, capacitor on', '704');
        $hand->fill('Current, capacitor on', '3.06');
        $hand->see('The capacitor works as calculated.');
        $hand->saved();
    }

    public function test_a_capacitor_refused_at_its_motor_goes_to_the_board(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'DX-503', 'correct');
        $hand->see('No capacitor is allowed at this position');
        $hand->choose('Position of the capacitor', 'At the board');
        $hand->see(': power factor');
        $hand->see('Over the load');
        $hand->press('Test run');
        $hand->see('Position: at the board');
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
        $hand->see('switching operations');
        $hand->fill('Step rating', '25');
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
        $hand->press('Costs');
        $hand->see('By the largest kVA of each month');
        $hand->see('Payback of the correction');
        $hand->fill('Price of the correction', '€640');
        $hand->see('Enter the number only, without the currency');
        self::assertSame('€640', $hand->value('Price of the correction'));
        $hand->fill('Price of the correction', '640');
        $hand->see('Payback of the correction');
        $hand->fill('Better motor: efficiency', '95.4');
        $hand->see('Savings per year from the better motor');
        $hand->saved();
    }
}
