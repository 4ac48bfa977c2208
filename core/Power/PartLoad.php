<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Machine\Fit;
use BraveAnvil\Machine\Machine;
use BraveAnvil\Machine\Plate;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/** What the motor draws from no load to 125 % of its output: from the machine that fits the plate, else by approximation. */
final class PartLoad
{
    private const STEP = 25;

    private const LINE_POINTS = 30;

    private const HIGHEST = 125;

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        if (! $sheet->has('power.output', 'power.input', 'power.reactive', 'power.computed_current', 'plate.rated_voltage') || $circuit->phases() !== 3) {
            return;
        }
        $sources = [];
        $fit = self::fit($circuit, $sheet, $sources);
        $machine = $fit?->machine;
        $flags = $fit === null ? [] : $fit->flags;
        $why = $fit === null ? 'poles and slip are wanted' : ($fit->refusal ?? '');
        $draw = $machine === null ? self::approximation($sheet) : self::model($machine);
        $assumption = $machine === null ? 'part load by approximation' : 'part load by the machine model'.($sources === [] ? '' : ' with a typical '.implode(', ', $sources));
        $sheet->put(new Figure('power.part_load_way', 'Part load', $machine === null ? 'approximation' : 'machine model', '', '', $machine === null ? $why : implode('; ', $flags),
            $machine === null ? 'own approximation: losses 0.4 + 0.6 x², reactive power Q_0 + (Q_n − Q_0) x²' : 'equivalent circuit fitted to the plate', $sources === [] ? [] : ['a typical '.implode(', ', $sources)]));
        if ($machine !== null) {
            $sheet->put(new Figure('power.no_load_current', 'No-load current', $machine->noLoadCurrent(), 'A', 'equivalent circuit at no load', 'from the machine that fits the plate', 'own computation', ['no-load current by the machine model']));
        }
        if ($fit !== null && $machine === null) {
            $sheet->find(Grade::Note, Station::Power, 'no_machine_model', 'Part load by approximation', 'No machine model: '.$why, 'Read efficiency, power factor, speed and the starting values again.', 'own computation', ['power.part_load_way']);
        } elseif ($flags !== []) {
            $sheet->find(Grade::Note, Station::Power, 'model_flags', 'The machine model does not fit every stamp', implode('; ', $flags).'.', 'Part-load figures hold; starting ones with care.', 'own computation', ['power.part_load_way']);
        }
        $rows = [];
        for ($percent = 0; $percent <= self::HIGHEST; $percent += self::STEP) {
            $point = $draw($percent / 100);
            if ($point !== null) {
                $rows[] = ['percent' => $percent, ...$point];
            }
        }
        $sheet->curve('part_load', ['way' => $machine === null ? 'approximation' : 'machine model', 'rows' => $rows, 'line' => self::line($machine, $draw)]);
        $chosen = $circuit->number('load.output_percent');
        $point = $chosen === null ? null : $draw($chosen->number() / 100);
        if ($chosen !== null && $point !== null) {
            self::figures($sheet, $chosen, $point, $assumption);
        }
    }

    /**
     * Points close enough to draw a line through. A machine is asked by slip, which costs no search.
     *
     * @param  \Closure(float): (array{output: float, input: float, reactive: float, current: float, efficiency: float, power_factor: float, slip: float|null}|null)  $draw
     * @return list<array{percent: float, efficiency: float, power_factor: float, current: float}>
     */
    private static function line(?Machine $machine, \Closure $draw): array
    {
        $idle = $draw(0.0);
        $line = $idle === null || $machine === null ? [] : [['percent' => 0.0, 'efficiency' => 0.0, 'power_factor' => $idle['power_factor'], 'current' => $idle['current']]];
        $rated = $machine?->at($machine->ratedSlip)['output'];
        for ($i = 0; $i <= self::LINE_POINTS; $i++) {
            $share = self::HIGHEST / 100 * $i / self::LINE_POINTS;
            if ($machine === null || $rated === null) {
                $at = $draw($share);
                if ($at !== null) {
                    $line[] = ['percent' => 100 * $share, 'efficiency' => $at['efficiency'], 'power_factor' => $at['power_factor'], 'current' => $at['current']];
                }

                continue;
            }
            $at = $machine->at(max(1e-9, $machine->ratedSlip * 1.1 * $share));
            if ($at['output'] > 0 && $at['output'] <= self::HIGHEST / 100 * $rated) {
                $line[] = ['percent' => 100 * $at['output'] / $rated, 'efficiency' => $at['output'] / $at['real'], 'power_factor' => $at['real'] / hypot($at['real'], $at['reactive']), 'current' => $at['current']];
            }
        }

        return $line;
    }

    /** @param  list<string>  $typical  what was not stamped */
    private static function fit(Circuit $circuit, Sheet $sheet, array &$typical): ?Fit
    {
        $poles = $sheet->get('plate.poles');
        $slip = $sheet->get('plate.slip');
        if ($poles === null || $slip === null) {
            return null;
        }
        $output = $sheet->need('power.output')->number();
        $read = [];
        foreach (['plate.start_current_ratio' => ['Ist_In', 'starting current'], 'plate.start_torque_ratio' => ['Tst_Tn', 'starting torque'], 'plate.breakdown_torque_ratio' => ['Tmax_Tn', 'breakdown torque']] as $path => [$column, $name]) {
            $typed = $circuit->number($path)?->number();
            if ($typed === null) {
                $typical[] = $name;
            }
            $value = $typed ?? TypicalMotor::value($column, $output, (int) $poles->number());
            if ($value === null) {
                return null;
            }
            $read[] = $value;
        }

        return Fit::to(new Plate($output, $sheet->need('plate.rated_voltage')->number(), $sheet->need('plate.efficiency')->number(), $sheet->need('plate.power_factor')->number(),
            $sheet->need('plate.synchronous_speed')->number(), $slip->number() / 100, ...$read));
    }

    /** @return \Closure(float): (array{output: float, input: float, reactive: float, current: float, efficiency: float, power_factor: float, slip: float|null}|null) of the share of rated output */
    private static function model(Machine $machine): \Closure
    {
        $rated = $machine->at($machine->ratedSlip)['output'];

        return static function (float $share) use ($machine, $rated): ?array {
            $slip = $machine->slipFor($share * $rated);
            if ($slip === null) {
                return null;
            }
            $at = $machine->at($slip);

            return ['output' => $share * $rated, 'input' => $at['real'], 'reactive' => $at['reactive'], 'current' => $at['current'], 'efficiency' => $share * $rated / $at['real'], 'power_factor' => $at['real'] / hypot($at['real'], $at['reactive']), 'slip' => 100 * $slip];
        };
    }

    /** @return \Closure(float): array{output: float, input: float, reactive: float, current: float, efficiency: float, power_factor: float, slip: null} */
    private static function approximation(Sheet $sheet): \Closure
    {
        $rated = $sheet->need('power.output')->number();
        $losses = $sheet->need('power.input')->number() - $rated;
        $full = $sheet->need('power.reactive')->number();
        $cos = $sheet->need('plate.power_factor')->number();
        $volts = $sheet->need('plate.rated_voltage')->number();
        $idle = sqrt(3) * $volts * $sheet->need('power.computed_current')->number() * min(2 * (1 - $cos), sqrt(max(0.0, 1 - $cos ** 2)));

        return static function (float $share) use ($rated, $losses, $full, $idle, $volts): array {
            $input = $share * $rated + $losses * (0.4 + 0.6 * $share ** 2);
            $reactive = $idle + ($full - $idle) * $share ** 2;

            return ['output' => $share * $rated, 'input' => $input, 'reactive' => $reactive, 'current' => hypot($input, $reactive) / (sqrt(3) * $volts), 'efficiency' => $share * $rated / $input, 'power_factor' => $input / hypot($input, $reactive), 'slip' => null];
        };
    }

    /** @param  array{output: float, input: float, reactive: float, current: float, efficiency: float, power_factor: float, slip: float|null}  $point */
    private static function figures(Sheet $sheet, Figure $chosen, array $point, string $assumption): void
    {
        $volts = $sheet->need('plate.rated_voltage');
        $output = $sheet->work('power.load_output', 'Shaft output at this load', $point['output'], 'W', 'x · P_out', '{x} of {P}', ['x' => $chosen, 'P' => $sheet->need('power.output')]);
        $efficiency = $sheet->put(new Figure('power.load_efficiency', 'Efficiency at this load', $point['efficiency'], '', $sheet->need('power.part_load_way')->shown(), 'at '.$chosen->shown().' of rated output', 'own computation', [$assumption]));
        $factor = $sheet->put(new Figure('power.load_power_factor', 'Power factor at this load', $point['power_factor'], '', $sheet->need('power.part_load_way')->shown(), 'at '.$chosen->shown().' of rated output', 'own computation', [$assumption]));
        // Without output the losses are all it takes; dividing by an efficiency of zero would say nothing.
        $input = $point['efficiency'] > 0
            ? $sheet->work('power.load_input', 'Input power at this load', $point['input'], 'W', 'P_out / η', '{P} ÷ {eta}', ['P' => $output, 'eta' => $efficiency])
            : $sheet->put(new Figure('power.load_input', 'Input power at no load', $point['input'], 'W', $sheet->need('power.part_load_way')->shown(), 'losses of idling', 'own computation', [$assumption]));
        $apparent = $sheet->work('power.load_apparent', 'Apparent power at this load', hypot($point['input'], $point['reactive']), 'VA', 'P_in / cos φ', '{P} ÷ {pf}', ['P' => $input, 'pf' => $factor]);
        $sheet->work('power.load_reactive', 'Reactive power at this load', $point['reactive'], 'var', '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $input]);
        $sheet->work('power.load_current', 'Current at this load', $point['current'], 'A', 'S / (√3 V)', '{S} ÷ (√3 × {V})', ['S' => $apparent, 'V' => $volts]);
    }
}
