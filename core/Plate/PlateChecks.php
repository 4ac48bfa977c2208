<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Cross-checks of the plate against itself and its surroundings. */
final class PlateChecks
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        self::horsepower($circuit, $sheet);
        self::slip($sheet);
        self::efficiencyClass($circuit, $sheet);
        self::serviceFactor($circuit, $sheet);
        self::serviceFactorAmps($circuit, $sheet);
        self::temperatureRise($circuit, $sheet);
        self::surroundings($circuit, $sheet);
        Derating::solve($circuit, $sheet);
        self::assumptions($sheet);
    }

    private static function horsepower(Circuit $circuit, Sheet $sheet): void
    {
        $power = $circuit->power();
        if ($power !== null && ! $power->unitTyped) {
            $sheet->find(Grade::Note, Station::Plate, 'power_unit_assumed', 'Read as '.($power->unit === 'hp' ? 'horsepower' : 'kilowatts'),
                'The output has no unit. Under this rule book it is read as '.$power->echo().'.', 'Type the unit to be sure: kW or hp.', '', ['plate.output'], ['plate.power']);
        }
        if ($power === null || $power->horsepowerWatts === null) {
            return;
        }
        $off = 100 * abs($power->horsepowerWatts / $power->watts - 1);
        if ($off > 3) {
            $sheet->find($off > 8 ? Grade::Caution : Grade::Note, Station::Plate, 'horsepower_disagrees', 'Kilowatts and horsepower differ',
                Show::quantity($power->watts, 'W').' and '.Show::number($power->horsepowerWatts / 746).' hp ('.Show::quantity($power->horsepowerWatts, 'W').') are '.Show::number($off, 3).' % apart.'.($off > 8 ? '' : ' A standard series of sizes may explain it.'),
                'Read both again on the plate.', '1 hp = 746 W in code practice, 745.7 W exactly', ['plate.output'], ['plate.power']);
        }
    }

    private static function slip(Sheet $sheet): void
    {
        $slip = $sheet->get('plate.slip');
        if ($slip === null) {
            return;
        }
        if ($sheet->need('plate.speed')->source !== 'plate') {
            $sheet->find(Grade::Note, Station::Plate, 'synchronous_speed_stamped', 'The plate gives no slip', 'The stamped speed is a synchronous speed. A slip of '.$slip->shown(3).' is assumed.', 'Measure the speed under load, or take it from the data sheet.', '', ['plate.slip'], ['plate.speed']);

            return;
        }
        if ($slip->number() < 0.2 || $slip->number() > 10) {
            $sheet->find(Grade::Caution, Station::Plate, 'slip_unusual', 'Unusual slip', 'A slip of '.$slip->shown(3).' is outside the usual 0.2 to 10 %.', 'Read speed and frequency again on the plate.', 'common practice, no source', ['plate.slip'], ['plate.speed']);
        }
    }

    private static function efficiencyClass(Circuit $circuit, Sheet $sheet): void
    {
        $class = $circuit->choice('plate.efficiency_class');
        $efficiency = $circuit->number('plate.efficiency');
        $poles = $sheet->get('plate.poles');
        $output = $sheet->get('plate.output');
        if ($class === null || $efficiency === null || $poles === null || $output === null) {
            return;
        }
        $nominal = TypicalMotor::classEfficiency($class, $output->number(), (int) $poles->number());
        if ($nominal !== null && 100 * $efficiency->number() < $nominal - 0.05) {
            $sheet->find(Grade::Caution, Station::Plate, 'efficiency_below_class', 'Efficiency below its class', 'The plate gives '.Show::number(100 * $efficiency->number()).' %, '.$class.' wants '.Show::number($nominal).' %.', 'Read both again on the plate.', 'IEC 60034-30-1 (2014, from memory)', ['plate.efficiency'], ['plate.efficiency']);
        }
    }

    private static function serviceFactor(Circuit $circuit, Sheet $sheet): void
    {
        $factor = $circuit->number('plate.service_factor');
        if ($factor !== null && $factor->number() > 1) {
            $output = $sheet->get('plate.output');
            if ($output !== null) {
                $sheet->work('plate.service_factor_output', 'Output with service factor', $output->number() * $factor->number(), 'W', 'P · SF', '{P} × {k}', ['P' => $output, 'k' => $factor], 'NEMA MG 1 (from memory)');
            }
            $sheet->find(Grade::Note, Station::Plate, 'service_factor', 'Service factor '.Show::number($factor->number()),
                'The motor bears '.Show::number($factor->number() * 100).' % of its output at rated voltage, frequency and ambient, hotter and with a shorter life. It does not hold on a drive, at another voltage, or above 1000 m or 40 °C.',
                'Do not take it as the basis of a continuous design.', 'NEMA MG 1 (from memory)', [], ['plate.service_factor']);
        }
    }

    private static function surroundings(Circuit $circuit, Sheet $sheet): void
    {
        $place = $circuit->choice('surroundings');
        $code = $circuit->stamped('plate.ip');
        if ($place === null) {
            return;
        }
        $need = Table::of('practice/surroundings')->numbers($place);
        $name = str_replace('_', ' ', $place);
        if ($code === null) {
            if ($place !== 'dry' && ! $circuit->bad('plate.ip')) {
                $sheet->find(Grade::Note, Station::Plate, 'protection_unknown', 'Its protection is not known', 'The surroundings are '.$name.', and no IP code is typed.', 'Read the IP code, or look how the motor is closed.', 'common practice, no source', [], ['plate.ip', 'surroundings']);
            }
        } elseif (preg_match('/^IP([0-9X])([0-9X])/', $code, $m) === 1) {
            $less = static fn (string $digit, float $least): bool => $digit === 'X' || (float) $digit < $least;
            $short = array_keys(array_filter(['solids' => $less($m[1], $need[0]), 'water' => $less($m[2], $need[1])]));
            if ($short !== []) {
                $sheet->find(Grade::Caution, Station::Plate, 'protection_too_low', $code.' is too open for this place', 'The surroundings are '.$name.': at least IP'.Show::number($need[0]).Show::number($need[1]).' is usual, '.$code.' keeps out too little '.implode(' and ', $short).'.',
                    'Choose a closer motor, or shield it.', 'common practice, no source', [], ['plate.ip', 'surroundings']);
            }
        }
        if ($place === 'combustible_dust') {
            $sheet->find(Grade::Caution, Station::Plate, 'combustible_dust', 'Combustible dust', 'Where dust can burn, the motor, its seals and its surface temperature must be certified for the zone or class. That is not checked here.', 'Have the area’s classification at hand, and the motor’s certificate.', 'IEC 60079-31, NEC 502 (from memory)', [], ['surroundings']);
        }
    }

    private static function serviceFactorAmps(Circuit $circuit, Sheet $sheet): void
    {
        $groups = $circuit->plateCurrent('plate.service_factor_amps')?->groups;
        $pair = $sheet->get('plate.pair');
        $rated = $sheet->get('plate.current');
        if ($groups === null || $pair === null || $rated === null) {
            return;
        }
        // Paired with the voltages like the rated currents: the lower voltage takes more.
        usort($groups, static fn (array $a, array $b): int => max([0.0, ...$b]) <=> max([0.0, ...$a]));
        $group = $groups[(int) $pair->number() - 1] ?? $groups[0];
        $amps = $sheet->put(new Figure('plate.service_factor_amps', 'Current at the service factor', $group[0], 'A', '', 'the one that belongs to '.$rated->shown(), 'plate'));
        $factor = $circuit->number('plate.service_factor');
        if ($factor === null) {
            return;
        }
        $ratio = $amps->number() / $rated->number();
        if ($ratio < 1 || $ratio > 1.15 * $factor->number()) {
            $sheet->find(Grade::Caution, Station::Plate, 'service_factor_amps', 'Service-factor amperes do not fit', 'They are '.Show::number($ratio, 3).' times the rated current, the service factor is '.Show::number($factor->number(), 3).'. They lie between the rated current and about that many times it.',
                'Read both again, and see that they belong to one voltage.', 'common practice, no source', ['plate.current'], ['plate.service_factor_amps']);
        }
    }

    private static function temperatureRise(Circuit $circuit, Sheet $sheet): void
    {
        $class = $circuit->stamped('plate.insulation_class');
        $rise = $circuit->number('plate.temperature_rise');
        if ($class === null || $rise === null) {
            return;
        }
        $limit = Table::of('iec/rating_and_performance')->number('temp_rise_resistance_method', $class[0]);
        if ($limit !== null && $rise->number() > $limit + 10) {
            $sheet->find(Grade::Caution, Station::Plate, 'rise_above_class', 'The rise is more than its insulation bears', 'A rise of '.$rise->shown().' is stamped, class '.$class[0].' bears '.Show::number($limit).' K above 40 °C.', 'Read both again on the plate.', 'IEC 60034-1 (from memory)', [], ['plate.temperature_rise', 'plate.insulation_class']);
        }
    }

    private static function assumptions(Sheet $sheet): void
    {
        $names = [];
        foreach (['plate.efficiency' => 'efficiency', 'plate.power_factor' => 'power factor'] as $key => $name) {
            $figure = $sheet->get($key);
            if ($figure !== null && $figure->assumed()) {
                $names[$key] = $name.' '.($key === 'plate.efficiency' ? Show::number(100 * $figure->number(), 3).' %' : Show::number($figure->number(), 3));
            }
        }
        if ($names !== []) {
            $sheet->find(Grade::Note, Station::Plate, 'plate_value_assumed', 'Assumed: '.implode(' and ', $names),
                'The plate does not give '.(count($names) > 1 ? 'them' : 'it').'. Every figure that rests on '.(count($names) > 1 ? 'them' : 'it').' is marked with a dotted line.', 'Take it from the data sheet, or measure it.', '', array_keys($names), array_keys($names));
        }
    }
}
