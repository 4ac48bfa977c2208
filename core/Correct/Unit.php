<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** The capacitor unit: a standard step, or the one installed. A three-phase unit is delta inside. */
final readonly class Unit
{
    /** @param  list<array{kvar: float, site: float, chosen: bool, reason: string}>  $steps */
    private function __construct(private float $ratedVar, private Figure $ratedVoltage, private bool $installed, public array $steps)
    {
    }

    /** The smallest step that gives what is required; the next lower one when that passes a limit; null with a finding when none is left. */
    public static function choose(Circuit $circuit, Sheet $sheet, LoadPoint $load, ?Figure $required, ?Figure $limit): ?self
    {
        $supply = $sheet->need('plate.supply_voltage');
        $rated = $circuit->number('correction.rated_voltage') ?? $supply->named('correction.rated_voltage', 'Capacitor rated voltage', 'the supply’s')->withAssumption('capacitor rated for the supply voltage');
        $scale = ($supply->number() / $rated->number()) ** 2;
        if ($supply->number() > $rated->number() * (1 + 1e-9)) {
            $sheet->find(Grade::Stop, Station::Correct, 'capacitor_voltage', 'The supply is above the capacitor’s voltage', 'A unit for '.$rated->shown().' on '.$supply->shown().'.', 'Choose one rated for the supply voltage or above.', 'IEC 60831-1 (from memory)', []);

            return null;
        }
        $lowest = $circuit->number('correction.lowest_load_percent') ?? $circuit->number('correction.load_percent');
        $unity = $load->reactiveAt(($lowest?->number() ?? 100.0) / 100);
        $most = min($unity, $limit?->number() ?? INF);
        $typed = $circuit->number('correction.rated_kvar');
        if ($typed !== null) {
            if ($typed->number() * $scale > $most) {
                $sheet->find(Grade::Stop, Station::Correct, 'installed_capacitor_too_large', 'The installed capacitor is too large', Show::quantity($typed->number() * $scale, 'var', 3).' at this supply, at most '.Show::quantity($most, 'var', 3).' is allowed here.', 'Use a smaller unit, or move it to the board.', $limit->source ?? 'no leading power factor', ['correct.reactive_limit']);
            }

            return new self($typed->number(), $rated, true, []);
        }
        if ($required === null) {
            $sheet->missing('correction.target_power_factor', 'A target power factor is wanted to choose a capacitor.');

            return null;
        }
        if ($required->number() <= 0) {
            $sheet->find(Grade::Note, Station::Correct, 'no_capacitor_needed', 'No capacitor needed', 'The power factor is already at the target.', '', '', []);

            return null;
        }
        $steps = [];
        $chosen = null;
        $reached = false;
        foreach (Table::of('practice/capacitor')->numbers('steps_kvar') as $kvar) {
            $site = 1000 * $kvar * $scale;
            if ($site > $most * (1 + 1e-6)) {
                $reason = $limit !== null && $site > $limit->number() ? 'above the limit at the motor' : 'would lead at the lowest load';
            } elseif ($reached) {
                $reason = 'more than is needed';
            } else {
                $chosen = $kvar;
                $reached = $site >= $required->number() * (1 - 1e-6);
                $reason = $reached ? 'gives what is required' : 'less than required';
            }
            $steps[] = ['kvar' => $kvar, 'site' => $site, 'chosen' => false, 'reason' => $reason];
        }
        if ($chosen === null) {
            $sheet->find(Grade::Note, Station::Correct, 'no_step_fits', 'No standard step fits', 'Even the smallest step is above '.Show::quantity($most, 'var', 3).'.', 'Correct several motors together at the board.', '', ['correct.reactive_required']);

            return null;
        }
        foreach ($steps as $i => $step) {
            $steps[$i]['chosen'] = $step['kvar'] === $chosen;
        }
        if (! $reached) {
            $sheet->find(Grade::Note, Station::Correct, 'target_not_reached', 'The target is not reached', $required->shown(3).' would be needed. The limit here is '.Show::quantity($most, 'var', 3).', and the largest standard step below it gives '.Show::quantity(1000 * $chosen * $scale, 'var', 3).': '.($limit !== null && $most === $limit->number() ? 'more could excite the motor after it is switched off.' : 'more would lead at the lowest load.'), 'Accept it, or correct the rest at the board.', $limit->source ?? '', ['correct.reactive_required']);
        }

        return new self(1000 * $chosen, $rated, false, $steps);
    }

    public function figures(Circuit $circuit, Sheet $sheet, CapacitorRules $rules): void
    {
        $supply = $sheet->need('plate.supply_voltage');
        $frequency = $circuit->number('supply.frequency') ?? $sheet->need('plate.frequency');
        $rating = $sheet->put(new Figure('correct.capacitor_rating', 'Capacitor rating', $this->ratedVar, 'var', $this->installed ? '' : 'standard step', 'at '.$this->ratedVoltage->shown(), $this->installed ? 'typed' : Table::of('practice/capacitor')->cited(), $this->ratedVoltage->assumptions));
        $volts = $this->ratedVoltage->number();
        $chosen = $sheet->work('correct.reactive_chosen', 'Reactive power given at site', $this->ratedVar * ($supply->number() / $volts) ** 2, 'var', 'Q_n (V / V_n)²', '{Q} × ({V} ÷ {Vn})²', ['Q' => $rating, 'V' => $supply, 'Vn' => $this->ratedVoltage]);
        $omega = 2 * M_PI * $frequency->number();
        $star = $sheet->work('correct.capacitance_star', 'Capacitance a phase, star', $this->ratedVar / ($omega * $volts ** 2), 'F', 'Q / (2π f V_n²)', '{Q} ÷ (2π × {f} × {V}²)', ['Q' => $rating, 'f' => $frequency, 'V' => $this->ratedVoltage]);
        $delta = $sheet->work('correct.capacitance_delta', 'Capacitance a phase, delta', $star->number() / 3, 'F', 'C_star / 3', '{C} ÷ 3', ['C' => $star]);
        $current = $sheet->work('correct.capacitor_current', 'Capacitor current at site', $chosen->number() / (sqrt(3) * $supply->number()), 'A', 'Q / (√3 V)', '{Q} ÷ (√3 × {V})', ['Q' => $chosen, 'V' => $supply]);
        $sheet->work('correct.capacitor_rated_current', 'Capacitor rated current', $this->ratedVar / (sqrt(3) * $volts), 'A', 'Q_n / (√3 V_n)', '{Q} ÷ (√3 × {V})', ['Q' => $rating, 'V' => $this->ratedVoltage]);
        $this->discharge($sheet, $rules, $delta, $current);
    }

    private function discharge(Sheet $sheet, CapacitorRules $rules, Figure $delta, Figure $current): void
    {
        $volts = $this->ratedVoltage->number();
        $ohm = $rules->dischargeSeconds / ($delta->number() * log(sqrt(2) * $volts / $rules->residualVolts));
        $figure = $sheet->work('correct.discharge_resistance', 'Discharge resistor, at most', $ohm, 'Ω', 't / (C ln(√2 V_n / V_r))', Show::number($rules->dischargeSeconds).' s ÷ ({C} × ln(√2 × {V} ÷ '.Show::number($rules->residualVolts).' V))', ['C' => $delta, 'V' => $this->ratedVoltage], $rules->dischargeSource.': across each element in delta');
        $practice = Table::of('practice/capacitor');
        $most = ($practice->number('resistor_share') ?? 0.8) * $ohm;
        $decade = 10 ** floor(log10($most));
        $best = 0.82 * $decade;
        foreach ($practice->numbers('resistor_series') as $value) {
            if ($value * $decade <= $most * (1 + 1e-9)) {
                $best = $value * $decade;
            }
        }
        $take = $sheet->work('correct.discharge_recommended', 'Discharge resistor to take', $best, 'Ω', 'standard value ≤ 0.8 of it', '0.8 × {R}, next standard value below', ['R' => $figure], 'poles clear one after another and leave more than √2 V on one element');
        $sheet->work('correct.discharge_power', 'Heat in each resistor', $volts ** 2 / $best, 'W', 'V_n² / R', '{V}² ÷ {R}', ['V' => $this->ratedVoltage, 'R' => $take]);
    }
}
