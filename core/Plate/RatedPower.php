<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;

/**
 * Output, efficiency and power factor. What the plate leaves out comes, in this order, from the other values, from the
 * efficiency class, from typical data; each way is marked.
 */
final class RatedPower
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        self::output($circuit, $sheet);
        $efficiency = self::efficiency($circuit, $sheet);
        if ($efficiency !== null) {
            $sheet->put($efficiency);
        }
        $factor = self::powerFactor($circuit, $sheet);
        if ($factor !== null) {
            $sheet->put($factor);
        }
    }

    /** √3 for three phases, 1 for one. */
    public static function phaseFactor(Circuit $circuit): float
    {
        return $circuit->phases() === 1 ? 1.0 : sqrt(3);
    }

    /** @return list<string> */
    private static function why(Circuit $circuit, string $path): array
    {
        $assumption = $circuit->assumed($path);

        return $assumption === null ? [] : [$assumption];
    }

    private static function output(Circuit $circuit, Sheet $sheet): void
    {
        $power = $circuit->power();
        if ($power !== null) {
            $sheet->put(new Figure('plate.output', 'Rated output', $power->watts, 'W', '', $power->echo(), $power->unit === 'hp' ? 'plate; 1 hp = 746 W in code practice' : 'plate', self::why($circuit, 'plate.power')));

            return;
        }
        if ($circuit->bad('plate.power')) {
            return;
        }
        $volts = $sheet->get('plate.rated_voltage');
        $amperes = $sheet->get('plate.current');
        $factor = $circuit->number('plate.power_factor');
        $efficiency = $circuit->number('plate.efficiency');
        if ($volts !== null && $amperes !== null && $factor !== null && $efficiency !== null) {
            $k = self::phaseFactor($circuit);
            $sheet->work('plate.output', 'Rated output', $k * $volts->number() * $amperes->number() * $factor->number() * $efficiency->number(), 'W', '√3 V I cos φ η',
                ($k > 1 ? '√3 × ' : '').'{V} × {I} × {pf} × {eta}', ['V' => $volts, 'I' => $amperes, 'pf' => $factor, 'eta' => $efficiency], 'derived from the other plate values');

            return;
        }
        $sheet->missing('plate.power', 'The rated output is wanted.');
    }

    private static function efficiency(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $key = 'plate.efficiency';
        $label = 'Efficiency';
        if ($circuit->bad('plate.efficiency', 'plate.efficiency_class', 'plate.power')) {
            return null;
        }
        $typed = $circuit->number('plate.efficiency');
        if ($typed !== null) {
            return new Figure($key, $label, $typed->number(), '', '', Show::number($typed->number() * 100).' %', 'plate', $typed->assumptions);
        }
        $output = $sheet->get('plate.output');
        if ($output === null) {
            return null;
        }
        $factor = $circuit->number('plate.power_factor');
        $amperes = $sheet->get('plate.current');
        $volts = $sheet->get('plate.rated_voltage');
        if ($factor !== null && $amperes !== null && $volts !== null) {
            $k = self::phaseFactor($circuit);
            $value = $output->number() / ($k * $volts->number() * $amperes->number() * $factor->number());
            if ($value < 0.25 || $value > 0.99) {
                $sheet->error('plate.efficiency', 'Output, voltage, current and power factor would mean an efficiency of '.Show::number(100 * $value, 3).' %: they do not belong together.', 'The stamped efficiency, or check the other four.', FieldError::IMPOSSIBLE);

                return null;
            }

            return Sheet::worked($key, $label, $value, '', 'P / (√3 V I cos φ)', '{P} ÷ ('.($k > 1 ? '√3 × ' : '').'{V} × {I} × {pf})', ['P' => $output, 'V' => $volts, 'I' => $amperes, 'pf' => $factor], 'derived from the other plate values');
        }
        $poles = $sheet->get('plate.poles');
        $class = $circuit->choice('plate.efficiency_class');
        if ($class !== null && $poles !== null) {
            $value = TypicalMotor::classEfficiency($class, $output->number(), (int) $poles->number());
            if ($value !== null) {
                $sixty = abs(($sheet->get('plate.frequency')?->number() ?? 50) - 60) < 1;

                return new Figure($key, $label, $value / 100, '', 'table', $class.', '.$output->shown().', '.$poles->shown().' poles: '.Show::number($value).' %', Table::of('iec/efficiency_class_50hz')->cited(),
                    ['efficiency as the nominal value of '.$class.($sixty ? ', taken from the 50 Hz table' : '')]);
            }
        }
        if ($class !== null && $poles === null) {
            return null;
        }
        $typical = TypicalMotor::value('eff', $output->number(), $poles === null ? null : (int) $poles->number());
        if ($typical !== null) {
            return new Figure($key, $label, $typical / 100, '', 'typical', Show::number($typical).' % for '.$output->shown(), Table::of('practice/typical_motor')->cited(), ['a typical efficiency of a 4-pole motor']);
        }
        $sheet->missing('plate.efficiency', 'The efficiency is wanted: no typical value is known for this output.');

        return null;
    }

    private static function powerFactor(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $key = 'plate.power_factor';
        $label = 'Power factor';
        $typed = $circuit->number('plate.power_factor');
        if ($typed !== null) {
            return new Figure($key, $label, $typed->number(), '', '', '', 'plate', $typed->assumptions);
        }
        $output = $sheet->get('plate.output');
        $efficiency = $sheet->get('plate.efficiency');
        if ($circuit->bad('plate.power_factor') || $output === null || $efficiency === null) {
            return null;
        }
        $amperes = $sheet->get('plate.current');
        $volts = $sheet->get('plate.rated_voltage');
        if ($amperes !== null && $volts !== null) {
            $k = self::phaseFactor($circuit);
            $value = $output->number() / ($k * $volts->number() * $amperes->number() * $efficiency->number());
            if ($value >= 0.25 && $value <= 0.99) {
                return Sheet::worked($key, $label, $value, '', 'P / (√3 V I η)', '{P} ÷ ('.($k > 1 ? '√3 × ' : '').'{V} × {I} × {eta})', ['P' => $output, 'V' => $volts, 'I' => $amperes, 'eta' => $efficiency], 'derived from the other plate values');
            }
            if (! $efficiency->assumed()) {
                $sheet->error('plate.power_factor', 'Output, voltage, current and efficiency would mean a power factor of '.Show::number($value, 3).': they do not belong together.', 'The stamped power factor, or check the other four.', FieldError::IMPOSSIBLE);

                return null;
            }
        }
        $poles = $sheet->get('plate.poles');
        $typical = TypicalMotor::value('pf', $output->number(), $poles === null ? null : (int) $poles->number());
        if ($typical !== null) {
            return new Figure($key, $label, $typical, '', 'typical', Show::number($typical, 3).' for '.$output->shown(), Table::of('practice/typical_motor')->cited(), ['a typical power factor'.($poles === null ? ' of a 4-pole motor' : '')]);
        }
        $sheet->missing('plate.power_factor', 'The power factor is wanted: no typical value is known for this output.');

        return null;
    }
}
