<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Tests\Browser\BrowserTestCase;

/** A generator set and a battery as the source, and ohms read at the starter of a motor that runs on it. */
final class SourcesTest extends BrowserTestCase
{
    public function test_a_generator_that_is_too_small_is_told_with_the_one_that_is_not(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'WS-610', 'plate');
        $hand->see('Generator set');
        $hand->fill('Generator rating', '20');
        $hand->leave();
        $hand->keys('3');
        $hand->see('Smallest generator');
        $hand->see('Generator too small for this start');
        $hand->see('a generator of at least');
        $hand->press('Undo');
        $hand->saved();
    }

    public function test_a_load_on_a_battery_is_told_its_hours(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'WS-621', 'power');
        $hand->see('On the inverter');
        $hand->see('12.4 h');
        $hand->fill('Battery capacity', '110');
        $hand->see('6.18 h');
        $hand->fill('Inverter rating', '300');
        $hand->see('Inverter overloaded');
        $hand->press('Undo');
        $hand->press('Undo');
        $hand->saved();
    }

    public function test_ohms_at_the_starter_name_the_exchanged_leads(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-b');
        $this->openCircuit($hand, 'WS-610', 'prove?step=panel_ohms');
        $hand->see('Contactor held in');
        $hand->choose('Contactor held in', 'None');
        $hand->fill('U1–U2', 'OL');
        $hand->fill('V1–V2', 'OL');
        $hand->fill('W1–W2', '1.2');
        $hand->fill('U1–V2', '1.2');
        $hand->fill('V1–U2', '1.2');
        $hand->fill('Instrument', 'ohmmeter');
        $hand->press('Save this reading');
        $hand->see('The leads U2 and V2 are exchanged.');
    }
}
