<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** A load of one or three phases that is no motor: two of real power, current and power factor give the third. */
final class BenchLoad
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        foreach ([Station::Plate, Station::Start, Station::Cable, Station::Guard, Station::Correct] as $station) {
            $sheet->block($station, 'A bench load has no plate of a motor: only its power is computed.');
        }
        $volts = $circuit->number('supply.voltage');
        if ($volts === null && ! $circuit->bad('supply.voltage')) {
            $sheet->missing('supply.voltage', 'The supply voltage is wanted.');
        }
        if ($volts === null || $circuit->bad('bench.power', 'bench.current', 'bench.power_factor')) {
            return;
        }
        $volts = $sheet->put(new Figure('power.voltage', 'Supply voltage', $volts->number(), 'V', '', '', 'typed', $volts->assumptions));
        $power = $circuit->number('bench.power');
        $current = $circuit->number('bench.current');
        $factor = $circuit->number('bench.power_factor');
        $three = $circuit->phases() === 3;
        $k = $three ? sqrt(3) : 1.0;
        $root = $three ? '√3 × ' : '';
        if ($power !== null && $current !== null) {
            self::check($circuit, $sheet, $power, $k * $volts->number() * $current->number(), $factor);
            if ($sheet->bad('bench.power')) {
                return;
            }
            $amperes = $sheet->put($current->named('power.computed_current', 'Current', 'typed'));
            $input = $sheet->put($power->named('power.input', 'Real power', 'typed'));
            $apparent = $sheet->work('power.apparent', 'Apparent power', $k * $volts->number() * $amperes->number(), 'VA', $three ? '√3 V I' : 'V I', $root.'{V} × {I}', ['V' => $volts, 'I' => $amperes]);
            $sheet->work('power.power_factor', 'Power factor', min(1.0, $input->number() / $apparent->number()), '', 'P / S', '{P} ÷ {S}', ['P' => $input, 'S' => $apparent]);
        } elseif ($power !== null && $factor !== null) {
            $input = $sheet->put($power->named('power.input', 'Real power', 'typed'));
            $pf = $sheet->put($factor->named('power.power_factor', 'Power factor', 'typed'));
            $apparent = $sheet->work('power.apparent', 'Apparent power', $input->number() / $pf->number(), 'VA', 'P / cos φ', '{P} ÷ {pf}', ['P' => $input, 'pf' => $pf]);
            $sheet->work('power.computed_current', 'Current', $apparent->number() / ($k * $volts->number()), 'A', $three ? 'S / (√3 V)' : 'S / V', '{S} ÷ ('.$root.'{V})', ['S' => $apparent, 'V' => $volts]);
        } elseif ($current !== null && $factor !== null) {
            $amperes = $sheet->put($current->named('power.computed_current', 'Current', 'typed'));
            $pf = $sheet->put($factor->named('power.power_factor', 'Power factor', 'typed'));
            $apparent = $sheet->work('power.apparent', 'Apparent power', $k * $volts->number() * $amperes->number(), 'VA', $three ? '√3 V I' : 'V I', $root.'{V} × {I}', ['V' => $volts, 'I' => $amperes]);
            $input = $sheet->work('power.input', 'Real power', $apparent->number() * $pf->number(), 'W', 'S cos φ', '{S} × {pf}', ['S' => $apparent, 'pf' => $pf]);
        } else {
            foreach (['bench.power' => $power, 'bench.current' => $current, 'bench.power_factor' => $factor] as $path => $figure) {
                if ($figure === null) {
                    $sheet->missing($path, 'Two of real power, current and power factor are wanted.');
                }
            }
            $sheet->say(Station::Power, 'Type two of real power, current and power factor.');

            return;
        }
        $reactive = $sheet->work('power.reactive', 'Reactive power', sqrt(max(0.0, $apparent->number() ** 2 - $input->number() ** 2)), 'var', '√(S² − P²)', '√({S}² − {P}²)', ['S' => $apparent, 'P' => $input], 'definition');
        $pf = $sheet->need('power.power_factor');
        $sense = $circuit->choice('bench.sense');
        $sheet->curve('triangle', ['output' => $input->number(), 'input' => $input->number(), 'reactive' => $reactive->number(), 'apparent' => $apparent->number(), 'power_factor' => $pf->number()]);
        $sheet->say(Station::Power, 'It draws '.$input->shown(3).' and '.$reactive->shown(3).($sense === null ? ' (lagging or leading is not said)' : ', '.$sense).': '.$sheet->need('power.computed_current')->shown(3).' at a power factor of '.Show::number($pf->number(), 3).'.');
    }

    private static function check(Circuit $circuit, Sheet $sheet, Figure $power, float $apparent, ?Figure $factor): void
    {
        if ($power->number() > $apparent * 1.005) {
            $sheet->error('bench.power', Show::quantity($power->number(), 'W').' is more than volts times amperes, '.Show::quantity($apparent, 'VA').': real power is never more than apparent power.', 'Less real power, or more current.', FieldError::IMPOSSIBLE);
        } elseif ($factor !== null && abs($factor->number() - $power->number() / $apparent) > 0.03) {
            $sheet->error('bench.power_factor', 'Power and current mean a power factor of '.Show::number($power->number() / $apparent, 3).'.', 'Leave one of the three empty.', FieldError::IMPOSSIBLE);
        }
    }
}
