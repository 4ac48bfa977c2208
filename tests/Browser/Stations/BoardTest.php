<?php

declare(strict_types=1);

namespace Tests\Browser\Stations;

use Tests\Browser\BrowserTestCase;
use Tests\Browser\Hand;

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

    public function test_a_board_is_reviewed_and_signed_and_its_sheet_printed(): void
    {
        $hand = $this->hand();
        $hand->signIn('supervisor');
        $hand->open('/due');
        $hand->choose('Site', 'Cold Brook Yard');
        $hand->press('CB-MCC1');
        $hand->see('Review revision 1');
        $hand->see('No sheet of this board is in force.');
        foreach (['DX-503: ', 'DB-521: '] as $defect) {
            $hand->fill($this->labelOf($hand, $defect), 'Barred until the next shutdown.');
        }
        $boxes = $hand->driver->executeScript(
            'return [...document.querySelectorAll("form label")].filter((e) => e.querySelector("input[type=checkbox]"))'.
            '.map((e) => e.innerText.replace("✓", "").trim())',
        );
        foreach (is_array($boxes) ? $boxes : [] as $box) {
            $hand->tick((string) $box);
        }
        $this->assertAccessible($hand, 'board in review');
        $hand->fill('Your password, to sign', 'larkrigg');
        $hand->press('Sign and issue');
        $hand->see('Revision 1, as found, is in force.');
        $hand->press('Board sheet');
        $paper = static fn (): string => (string) preg_replace('/\s+/u', ' ', (string) $hand->driver->executeScript(
            'return [...document.querySelectorAll("*")].map((e) => e.shadowRoot?.textContent ?? "").join(" ")',
        ));
        $hand->until(static fn (): bool => str_contains($paper(), 'Schedule of circuits'));
        foreach (['DEFECTS', 'reviewed and issued by Licensed supervisor', 'DB-521', 'Test day',
            'Barred until the next shutdown.'] as $said) {
            self::assertStringContainsString($said, $paper());
        }
        // Whoever changes a circuit on it is told by the board, and nothing of the sheet moves.
        $other = $this->hand();
        $other->signIn('electrician-a');
        $this->openCircuit($other, 'DX-501');
        $other->type('plate.serial', 'CB 77');
        $other->saved();
        $hand->press('Back to the board');
        $hand->see('have changed since.');
    }

    /** The field beside a defect that wants a decision in words. */
    private function labelOf(Hand $hand, string $defect): string
    {
        $label = '';
        $hand->until(static function () use ($hand, $defect, &$label): bool {
            $found = $hand->driver->executeScript(
                'return [...document.querySelectorAll("label")].map((e) => e.textContent.trim()).find((one) => one.includes(arguments[0])) ?? ""',
                [$defect],
            );
            $label = is_string($found) ? $found : '';

            return $label !== '';
        }, 40, "no decision is asked on $defect");

        return $label;
    }
}
