<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Tests\Browser\BrowserTestCase;

/** A board from nothing to its timetable, and the circuit that it feeds from then on. */
final class BoardTest extends BrowserTestCase
{
    public function test_a_board_is_made_fed_and_restarted(): void
    {
        $hand = $this->hand();
        $hand->signIn('electrician-a');
        $hand->open('/boards?site=1');
        $hand->see('LK-MCC1');
        $hand->fill('New board', 'LK-MCC9');
        $hand->press('Add board');
        $hand->see('Board LK-MCC9');
        $hand->fill('Add a circuit', 'SP-401');
        $hand->press('Add SP-401');
        $hand->see('Saved.');
        $hand->fill('Length', '60 m');
        $hand->choose('Insulation', 'XLPE, 90 °C');
        $hand->choose('Installation method', 'E, air or tray');
        $hand->fill('Circuits grouped', '1');
        $hand->choose('Protective device', 'gG fuse');
        $hand->see('One-line diagram');
        $hand->see('Demand current of the feeder');
        $hand->fill('Transformer rating', 'large');
        $hand->see('kVA from 1 to 100 000');
        self::assertSame('large', $hand->value('Transformer rating'), 'what was typed stays');
        $hand->fill('Transformer rating', '1000');
        $hand->see('Transformer 1000 kVA');
        $hand->choose('Restart', 'By itself');
        $hand->see('Restart, from the return of the supply');
        $hand->see('Saved.');
        // The circuit is solved behind it, and is told where it has typed another supply.
        $this->openCircuit($hand, 'SP-401');
        $hand->see('Board LK-MCC9');
        $hand->see('Supply differs from its board');
        $hand->press('LK-MCC9');
        $hand->see('One-line diagram');
        $hand->press('Circuits of this board, their groups and restart');
        $hand->press('Take SP-401 off this board');
        $hand->see('A board wants at least one circuit');
    }

    public function test_the_demo_board_restarts_in_steps_and_shows_what_is_not_selective(): void
    {
        $hand = $this->hand();
        $hand->signIn('planner');
        $hand->open('/boards?site=2');
        self::assertFalse($hand->has('Add board'), 'who only reads adds nothing');
        $hand->press('CB-MCC1');
        $hand->see('After a blackout not all may start at once');
        $hand->see('Restart, from the return of the supply');
        $hand->see('DB-525');
        $hand->see('standby');
        $hand->see('Ground');
    }
}
