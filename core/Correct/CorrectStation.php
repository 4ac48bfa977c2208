<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Power factor correction: how much, which step, where it may go, and what the line carries after it. */
final class CorrectStation
{
    private const AT_MOTOR = ['after_controller', 'at_motor'];

    public static function solve(Circuit $circuit, RuleBook $book, Sizing $sizing, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Correct)) {
            return;
        }
        if (! $sheet->has('power.input', 'power.reactive', 'power.overload_current', 'plate.power_factor', 'plate.rated_voltage', 'plate.supply_voltage') || $circuit->bad('correction.load_percent', 'correction.lowest_load_percent', 'correction.target_power_factor', 'correction.place', 'correction.rated_voltage', 'correction.rated_kvar', 'correction.own_contactor', 'correction.tap_length', 'plate.no_load_current', 'plate.current')) {
            $sheet->block(Station::Correct, 'Waits for the motor’s power and current.');

            return;
        }
        $load = new LoadPoint($circuit, $sheet);
        $place = $circuit->choice('correction.place') ?? 'none';
        $required = self::required($circuit, $sheet, $load);
        $limit = in_array($place, self::AT_MOTOR, true) ? self::limit($sheet) : null;
        if ($place === 'none') {
            $sheet->say(Station::Correct, $required === null ? 'Type a target power factor to see what a capacitor would have to give.'
                : ($required->number() <= 0 ? 'No capacitor is needed for this target.' : 'No capacitor. '.$required->shown(3).' would be needed for '.Show::number($circuit->number('correction.target_power_factor')?->number() ?? 0, 3).'.'));

            return;
        }
        if (self::excluded($circuit, $book, $sizing, $sheet, $place)) {
            $sheet->say(Station::Correct, 'A capacitor is refused at this place.');

            return;
        }
        $unit = Unit::choose($circuit, $sheet, $load, $required, $limit);
        if ($unit === null) {
            $sheet->say(Station::Correct, 'No capacitor is chosen.');

            return;
        }
        $unit->figures($circuit, $sheet, $sizing->capacitorRules());
        self::afterwards($sheet, $load, $unit);
        Placement::solve($circuit, $sizing, $sheet, $place);
        self::cautions($sheet);
        $sheet->say(Station::Correct, $sheet->need('correct.capacitor_rating')->shown(3).' brings the power factor to '.Show::number($sheet->need('correct.corrected_power_factor')->number(), 3).' and the line to '.$sheet->need('correct.corrected_current')->shown(3).'.');
    }

    private static function required(Circuit $circuit, Sheet $sheet, LoadPoint $load): ?Figure
    {
        $target = $circuit->number('correction.target_power_factor');
        if ($target === null) {
            return null;
        }
        $tan = sqrt(1 - $target->number() ** 2) / $target->number();
        $wanted = max(0.0, $load->reactive->number() - $load->power->number() * $tan);

        return $sheet->work('correct.reactive_required', 'Reactive power required', $wanted, 'var', 'P (tan φ1 − tan φ2)', '{Q} − {P} × tan φ2, cos φ2 {pf}', ['Q' => $load->reactive, 'P' => $load->power, 'pf' => $target]);
    }

    private static function limit(Sheet $sheet): ?Figure
    {
        $noLoad = $sheet->get('correct.no_load_current');
        $volts = $sheet->need('plate.rated_voltage');
        if ($noLoad === null) {
            return null;
        }
        $share = Table::of('practice/capacitor')->number('no_load_share') ?? 0.9;

        return $sheet->work('correct.reactive_limit', 'Limit at the motor', $share * sqrt(3) * $volts->number() * $noLoad->number(), 'var', '0.9 √3 V I_0', Show::number($share).' × √3 × {V} × {I}', ['V' => $volts, 'I' => $noLoad], 'IEC 60831-1 (from memory): no self-excitation');
    }

    /** Starters and places that a capacitor must not share. */
    private static function excluded(Circuit $circuit, RuleBook $book, Sizing $sizing, Sheet $sheet, string $place): bool
    {
        $method = $sheet->get('start.method')?->value;
        if ($method !== 'star_delta') {
            return false;
        }
        $name = $book->words()['star_delta'];
        $own = $circuit->flag('correction.own_contactor');
        if (in_array($place, self::AT_MOTOR, true)) {
            $sheet->find(Grade::Stop, Station::Correct, 'capacitor_excluded', 'No capacitor at a '.$name.' motor', 'While the starter changes over, the capacitor would keep the open windings excited and be reclosed out of phase: overvoltage and a burst of current.', 'Put it on the supply side with its own contactor, or at the board.', $sizing->capacitorRules()->exclusionSource, ['correct.reactive_required']);

            return true;
        }
        if ($own === false) {
            $sheet->find(Grade::Stop, Station::Correct, 'capacitor_needs_contactor', 'It needs its own contactor', 'At a '.$name.' motor the capacitor must be switched by its own contactor, closed only in run.', 'Give it a capacitor-duty contactor.', 'common practice, no source', []);

            return true;
        }
        if ($own === null) {
            $sheet->find(Grade::Caution, Station::Correct, 'capacitor_needs_contactor', 'Give it its own contactor', 'At a '.$name.' motor the capacitor goes on the supply side with its own contactor, closed only in run.', 'Say so under “Own contactor” once it has one.', 'common practice, no source', []);
        }

        return false;
    }

    private static function afterwards(Sheet $sheet, LoadPoint $load, Unit $unit): void
    {
        $chosen = $sheet->need('correct.reactive_chosen');
        $supply = $sheet->need('plate.supply_voltage');
        $current = $sheet->need('power.overload_current');
        $factor = $sheet->need('plate.power_factor');
        $active = $current->number() * $factor->number();
        $reactive = $current->number() * sqrt(max(0.0, 1 - $factor->number() ** 2));
        $capacitor = $sheet->need('correct.capacitor_current');
        $left = $reactive - $capacitor->number();
        $line = sqrt($active ** 2 + $left ** 2);
        $sheet->work('correct.corrected_current', 'Line current after correction', $line, 'A', '√((I cos φ)² + (I sin φ − I_c)²)', '√(({I} × {pf})² + ('.Show::number($reactive, 5).' A − {Ic})²)', ['I' => $current, 'pf' => $factor, 'Ic' => $capacitor], 'upstream of the capacitor, at full load');
        $sheet->work('correct.corrected_power_factor', 'Power factor after correction', $active / $line, '', 'I cos φ / I_corr', '({I} × {pf}) ÷ {Ik}', ['I' => $current, 'pf' => $factor, 'Ik' => $sheet->need('correct.corrected_current')]);
        $noLoad = $sheet->get('correct.no_load_reactive');
        if ($noLoad !== null && $chosen->number() > $noLoad->number()) {
            $sheet->find(Grade::Caution, Station::Correct, 'above_no_load_reactive', 'More than the motor takes at no load', 'The capacitor gives '.$chosen->shown(3).', the idling motor takes only '.$noLoad->shown(3).': the supply sees a leading current then.', 'Switch it off with the motor, never leave it on alone.', 'common practice, no source', ['correct.reactive_chosen', 'correct.no_load_reactive']);
        }
        $sheet->curve('correction', [
            'power' => $load->power->number(), 'reactive' => $load->reactive->number(), 'chosen' => $chosen->number(), 'left' => $load->reactive->number() - $chosen->number(),
            'full_load' => ['power' => $sheet->need('power.input')->number(), 'reactive' => $sheet->need('power.reactive')->number()],
            'current_before' => $current->number(), 'current_after' => $line, 'supply' => $supply->number(), 'steps' => $unit->steps,
        ]);
    }

    private static function cautions(Sheet $sheet): void
    {
        $sheet->find(Grade::Note, Station::Correct, 'stored_charge', 'A capacitor holds charge', 'Switched off it keeps up to '.Show::quantity(sqrt(2) * $sheet->need('plate.supply_voltage')->number(), 'V', 3).' or more. Wait for the discharge time, prove it dead, then short and earth it before touching.', 'Check that the resistors are whole; a blown fuse leaves an element charged.', 'usual practice; local rules and licensed people decide', ['correct.discharge_resistance']);
        if (! $sheet->has('guard.prospective_current')) {
            return;
        }
        $fault = sqrt(3) * $sheet->need('plate.supply_voltage')->number() * $sheet->need('guard.prospective_current')->number();
        $order = $sheet->work('correct.resonance_order', 'Resonance order', sqrt($fault / $sheet->need('correct.reactive_chosen')->number()), '', '√(S_sc / Q_c)', '√('.Show::quantity($fault, 'VA').' ÷ {Q})', ['Q' => $sheet->need('correct.reactive_chosen')]);
        foreach ([5, 7, 11, 13] as $harmonic) {
            if (abs($order->number() - $harmonic) < 0.08 * $harmonic) {
                $sheet->find(Grade::Caution, Station::Correct, 'resonance', 'Close to a harmonic', 'Capacitor and supply resonate near order '.$order->shown(3).', close to '.$harmonic.'. Other capacitors on the bus shift it.', 'With drives or rectifiers on the bus use a detuned unit.', 'common practice, no source', ['correct.resonance_order']);
            }
        }
    }
}
