<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\RatedPower;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** From output to input to apparent power to current, and the three sources of full-load current. */
final class PowerStation
{
    public static function solve(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        if ($circuit->choice('subject') === 'bench_load') {
            BenchLoad::solve($circuit, $sheet);

            return;
        }
        $output = $sheet->get('plate.output');
        if ($output !== null) {
            $sheet->put(new Figure('power.output', 'Shaft output', $output->number(), 'W', $output->formula, $output->working, $output->source, $output->assumptions));
        }
        self::chain($circuit, $sheet);
        $stamped = $sheet->get('plate.current');
        if ($stamped !== null) {
            $sheet->put(new Figure('power.plate_current', 'Plate current', $stamped->number(), 'A', '', $stamped->working, 'plate', $stamped->assumptions));
        }
        if (! $circuit->bad('plate.power', 'plate.voltage', 'supply.voltage')) {
            $table = $book->tableCurrent($circuit, $sheet);
            if ($table !== null) {
                $sheet->put($table);
            }
        }
        if (! $sheet->bad('plate.current')) {
            $design = $book->designCurrent($circuit, $sheet);
            if ($design !== null) {
                $sheet->put($design);
            }
            $overload = $sheet->get('power.plate_current');
            $computed = $sheet->get('power.computed_current') ?? $sheet->get('power.table_current');
            if ($overload !== null) {
                $sheet->put($overload->named('power.overload_current', 'Current for the overload', 'plate current, under every rule book'));
            } elseif ($computed !== null) {
                $sheet->put($computed->named('power.overload_current', 'Current for the overload', 'no stamped current')->withAssumption('the plate gives no current'));
            }
        }
        self::check($sheet);
        self::table($sheet);
        PartLoad::solve($circuit, $sheet);
        Schools::compare($circuit, $book, $sheet);
        $sheet->say(Station::Power, self::sentence($book, $sheet));
    }

    private static function chain(Circuit $circuit, Sheet $sheet): void
    {
        $output = $sheet->get('power.output');
        $efficiency = $sheet->get('plate.efficiency');
        $factor = $sheet->get('plate.power_factor');
        if ($output === null || $efficiency === null) {
            return;
        }
        $input = $sheet->work('power.input', 'Input power', $output->number() / $efficiency->number(), 'W', 'P_out / η', '{P} ÷ {eta}', ['P' => $output, 'eta' => $efficiency]);
        if ($factor === null) {
            return;
        }
        $apparent = $sheet->work('power.apparent', 'Apparent power', $input->number() / $factor->number(), 'VA', 'P_in / cos φ', '{P} ÷ {pf}', ['P' => $input, 'pf' => $factor]);
        $reactive = $sheet->work('power.reactive', 'Reactive power', sqrt(max(0.0, $apparent->number() ** 2 - $input->number() ** 2)), 'var', '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $input]);
        $volts = $sheet->get('plate.rated_voltage');
        if ($volts !== null) {
            $k = RatedPower::phaseFactor($circuit);
            $sheet->work('power.computed_current', 'Computed current', $apparent->number() / ($k * $volts->number()), 'A', $k > 1 ? 'S / (√3 V)' : 'S / V', $k > 1 ? '{S} ÷ (√3 × {V})' : '{S} ÷ {V}', ['S' => $apparent, 'V' => $volts]);
        }
        $sheet->curve('triangle', ['output' => $output->number(), 'input' => $input->number(), 'reactive' => $reactive->number(), 'apparent' => $apparent->number(), 'power_factor' => $factor->number()]);
    }

    private static function check(Sheet $sheet): void
    {
        $computed = $sheet->get('power.computed_current');
        $plate = $sheet->get('power.plate_current');
        if ($computed === null || $plate === null) {
            return;
        }
        $off = 100 * ($plate->number() / $computed->number() - 1);
        $sheet->work('power.current_difference', 'Plate current against computed', $off, '%', '(I_plate − I) / I', '({Ip} − {I}) ÷ {I}', ['Ip' => $plate, 'I' => $computed]);
        $size = abs($off);
        if ($size <= 5) {
            return;
        }
        $grade = match (true) {
            // A typical efficiency or power factor may be that far off on an old motor.
            $size > 20 => $computed->assumed() || $plate->assumed() ? Grade::Caution : Grade::Stop,
            $size > 10 => Grade::Caution,
            default => Grade::Note,
        };
        $sheet->find($grade, Station::Plate, 'current_disagrees', 'The plate current does not follow from the plate', 'Stamped '.$plate->shown().', computed '.$computed->shown().': '.Show::number($size, 3).' % apart.'.($computed->assumed() ? ' Part of the computed one is assumed.' : ''),
            'Read output, voltage, current, power factor and efficiency again on the plate.', 'I = P / (√3 V η cos φ)', ['power.plate_current', 'power.computed_current'], ['plate.current']);
    }

    /** How far the table stands from this motor's own current: it is written for every motor of the size. */
    private static function table(Sheet $sheet): void
    {
        $table = $sheet->get('power.table_current');
        $plate = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        if ($table !== null && $plate !== null) {
            $sheet->work('power.table_difference', 'Table current against the motor’s own', 100 * ($table->number() / $plate->number() - 1), '%', '(I_table − I) / I', '({It} − {I}) ÷ {I}', ['It' => $table, 'I' => $plate]);
        }
    }

    private static function sentence(RuleBook $book, Sheet $sheet): string
    {
        $input = $sheet->get('power.input');
        $design = $sheet->get('power.design_current');
        if ($input === null || $design === null) {
            return 'Power follows from output, efficiency and power factor; the current from apparent power.';
        }

        return 'At full load it draws '.$input->shown(3).' and '.($sheet->get('power.reactive')?->shown(3) ?? '').'. '.$book->words()['name'].' sizes this circuit on '.$design->shown(3).'.';
    }
}
