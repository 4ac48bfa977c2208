<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\TypicalMotor;
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
        self::surroundings($circuit, $sheet);
        self::assumptions($sheet);
    }

    private static function horsepower(Circuit $circuit, Sheet $sheet): void
    {
        $power = $circuit->power();
        if ($power !== null && ! $power->unitTyped) {
            $sheet->find(Grade::Note, Station::Plate, 'power_unit_assumed', 'Read as '.($power->unit === 'hp' ? 'horsepower' : 'kilowatts'),
                'The output has no unit. Under this rule book it is read as '.$power->echo().'.', 'Type the unit to be sure: kW or hp.', '', ['plate.output']);
        }
        if ($power === null || $power->horsepowerWatts === null) {
            return;
        }
        $off = 100 * abs($power->horsepowerWatts / $power->watts - 1);
        if ($off > 3) {
            $sheet->find($off > 8 ? Grade::Caution : Grade::Note, Station::Plate, 'horsepower_disagrees', 'Kilowatts and horsepower differ',
                Show::quantity($power->watts, 'W').' and '.Show::number($power->horsepowerWatts / 746).' hp ('.Show::quantity($power->horsepowerWatts, 'W').') are '.Show::number($off, 3).' % apart.'.($off > 8 ? '' : ' A standard series of sizes may explain it.'),
                'Read both again on the plate.', '1 hp = 746 W in code practice, 745.7 W exactly', ['plate.output']);
        }
    }

    private static function slip(Sheet $sheet): void
    {
        $slip = $sheet->get('plate.slip');
        if ($slip === null) {
            return;
        }
        if ($sheet->need('plate.speed')->source !== 'plate') {
            $sheet->find(Grade::Note, Station::Plate, 'synchronous_speed_stamped', 'The plate gives no slip', 'The stamped speed is a synchronous speed. A slip of '.$slip->shown(3).' is assumed.', 'Measure the speed under load, or take it from the data sheet.', '', ['plate.slip']);

            return;
        }
        if ($slip->number() < 0.2 || $slip->number() > 10) {
            $sheet->find(Grade::Caution, Station::Plate, 'slip_unusual', 'Unusual slip', 'A slip of '.$slip->shown(3).' is outside the usual 0.2 to 10 %.', 'Read speed and frequency again on the plate.', 'common practice, no source', ['plate.slip']);
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
            $sheet->find(Grade::Caution, Station::Plate, 'efficiency_below_class', 'Efficiency below its class', 'The plate gives '.Show::number(100 * $efficiency->number()).' %, '.$class.' wants '.Show::number($nominal).' %.', 'Read both again on the plate.', 'IEC 60034-30-1 (2014, from memory)', ['plate.efficiency']);
        }
    }

    private static function serviceFactor(Circuit $circuit, Sheet $sheet): void
    {
        $factor = $circuit->number('plate.service_factor');
        if ($factor !== null && $factor->number() > 1) {
            $sheet->find(Grade::Note, Station::Plate, 'service_factor', 'Service factor '.Show::number($factor->number()),
                'The motor bears '.Show::number($factor->number() * 100).' % of its output at rated voltage, frequency and ambient, hotter and with a shorter life. It does not hold on a drive, at another voltage, or above 1000 m or 40 °C.',
                'Do not take it as the basis of a continuous design.', 'NEMA MG 1 (from memory)', []);
        }
    }

    private static function surroundings(Circuit $circuit, Sheet $sheet): void
    {
        $ambient = $circuit->number('supply.ambient');
        $rated = $circuit->number('plate.ambient')?->number() ?? 40.0;
        if ($ambient !== null && $ambient->number() > $rated) {
            $sheet->find(Grade::Caution, Station::Plate, 'ambient_above_rating', 'Hotter than the motor is rated for', 'The ambient is '.$ambient->shown().', the motor is rated for '.Show::number($rated).' °C.', 'Derate the motor, or find it a cooler place.', 'IEC 60034-1 (from memory)', []);
        }
        $altitude = $circuit->number('supply.altitude');
        $limit = $circuit->number('plate.altitude')?->number() ?? 1000.0;
        if ($altitude !== null && $altitude->number() > $limit) {
            $sheet->find(Grade::Caution, Station::Plate, 'altitude_above_rating', 'Higher than the motor is rated for', 'The site lies at '.$altitude->shown().', the motor is rated for '.Show::number($limit).' m.', 'Derate the motor: thin air cools less.', 'IEC 60034-1 (from memory)', []);
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
                'The plate does not give '.(count($names) > 1 ? 'them' : 'it').'. Every figure that rests on '.(count($names) > 1 ? 'them' : 'it').' is marked with a dotted line.', 'Take it from the data sheet, or measure it.', '', array_keys($names));
        }
    }
}
