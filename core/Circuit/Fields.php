<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** Every field of a circuit that the core knows, in one list. Other keys are kept and reported as a note. */
final class Fields
{
    public const METHODS = ['direct', 'star_delta', 'autotransformer', 'resistor', 'soft_starter', 'drive'];

    public const SCPDS = ['breaker_b', 'breaker_c', 'breaker_d', 'fuse_gg', 'fuse_am', 'motor_breaker', 'fuse_dual_element', 'fuse_non_time_delay', 'breaker_inverse_time', 'breaker_instantaneous'];

    public const PLACES = ['none', 'board', 'before_controller', 'after_controller', 'at_motor'];

    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        if (self::$all !== null) {
            return self::$all;
        }
        $number = static fn (string $path, string $kind, string $label, string $accepted, string $unit, float $low, float $high): Field => new Field($path, $kind, $label, $accepted, $unit, $low, $high);
        $choice = static fn (string $path, string $label, string ...$choices): Field => new Field($path, 'choice', $label, 'One of '.implode(', ', $choices).'.', '', 0, 0, array_values($choices));
        $text = static fn (string $path, string $label): Field => new Field($path, 'text', $label, 'Text up to 200 characters.');
        $list = [
            $text('tag', 'Tag'), $text('drives', 'Drives'), $text('area', 'Area'),
            $choice('rule_book', 'Rule book', 'iec', 'nec', 'cec'),

            new Field('supply.voltage', 'supply_voltage', 'Supply voltage', 'Line volts from 100 to 1000, such as 400, 480Y/277 or 400/230.', 'V', 100, 1000),
            $number('supply.frequency', 'hertz', 'Supply frequency', 'Hertz from 40 to 70, such as 50.', 'Hz', 40, 70),
            new Field('supply.phases', 'count', 'Phases', '3, or 1 for a bench load.', '', 1, 3),
            $number('supply.fault_level_kva', 'kilovoltamperes', 'Fault level', 'kVA from 10 to 10 000 000, such as 25000 or 25 MVA.', 'VA', 1e4, 1e10),
            $number('supply.transformer_kva', 'kilovoltamperes', 'Transformer', 'kVA from 1 to 100 000, such as 1000.', 'VA', 1e3, 1e8),
            $number('supply.transformer_impedance_percent', 'percent', 'Transformer impedance', 'Percent from 0.5 to 30, such as 6.', '%', 0.5, 30),
            $number('supply.x_over_r', 'number', 'X/R', 'A ratio from 0.1 to 100, such as 8.', '', 0.1, 100),
            $number('supply.ambient', 'celsius', 'Ambient', 'Degrees Celsius from -40 to 85, such as 30; 86 F is read too.', '°C', -40, 85),
            $number('supply.altitude', 'metres', 'Altitude', 'Metres from -500 to 6000.', 'm', -500, 6000),
            $choice('supply.earthing', 'Earthing system', 'tn_s', 'tn_c_s', 'tt', 'it'),
            $number('supply.earth_loop_ohm', 'ohms', 'Earth loop impedance', 'Ohms from 0.0001 to 2000.', 'Ω', 1e-4, 2000),

            new Field('plate.power', 'power', 'Rated output', 'A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.', 'W', 10, 1e7),
            new Field('plate.voltage', 'plate_voltage', 'Rated voltage', 'Volts as stamped, such as 400, 230/400, D 400 or 208-230/460.', 'V'),
            new Field('plate.current', 'plate_current', 'Rated current', 'Amperes as stamped, such as 66, 66/38 or 4.2-4.0/2.0.', 'A'),
            new Field('plate.speed', 'speed', 'Rated speed', 'Revolutions per minute, such as 1482.', 'rpm'),
            new Field('plate.frequency', 'frequencies', 'Rated frequency', 'Hertz, such as 50, 60 or 50/60.', 'Hz', 40, 70),
            new Field('plate.power_factor', 'fraction', 'Power factor', 'A power factor such as 0.85 or 85 %.', '', 0.05, 1),
            new Field('plate.efficiency', 'efficiency', 'Efficiency', 'Percent such as 93.9, below 100, or a class such as IE3.', '', 0.05, 0.9999),
            new Field('plate.efficiency_class', 'efficiency_class', 'Efficiency class', 'IE1, IE2, IE3 or IE4.'),
            $number('plate.service_factor', 'number', 'Service factor', 'A factor from 1.0 to 2.0, such as 1.15.', '', 1, 2),
            new Field('plate.code_letter', 'letter', 'Code letter', 'One letter from A to V, without I, O and Q.', '', 0, 0, str_split('ABCDEFGHJKLMNPRSTUV')),
            new Field('plate.design_letter', 'letter', 'Design letter', 'A, B, C or D, or N or H on IEC plates.', '', 0, 0, ['A', 'B', 'C', 'D', 'E', 'N', 'H']),
            $number('plate.start_current_ratio', 'ratio', 'Ia/In', 'Starting current over rated current from 1.5 to 15, such as 7.0 or 700 %.', '', 1.5, 15),
            $number('plate.start_torque_ratio', 'ratio', 'Tst/Tn', 'Starting torque over rated torque from 0.2 to 6, such as 2.4 or 240 %.', '', 0.2, 6),
            $number('plate.breakdown_torque_ratio', 'ratio', 'Tmax/Tn', 'Breakdown torque over rated torque from 1 to 8, such as 2.9.', '', 1, 8),
            $number('plate.pull_up_torque_ratio', 'ratio', 'Tu/Tn', 'Pull-up torque over rated torque from 0.1 to 6.', '', 0.1, 6),
            $number('plate.inertia', 'inertia', 'Rotor inertia', 'kg·m², such as 0.36; 8 lb ft2 is read too.', 'kg·m²', 1e-6, 1e5),
            $number('plate.no_load_current', 'amperes', 'No-load current', 'Amperes.', 'A', 0.001, 10000),
            $number('plate.service_factor_amps', 'amperes', 'Service-factor amperes', 'Amperes.', 'A', 0.01, 20000),
            $number('plate.temperature_rise', 'celsius', 'Temperature rise', 'Kelvin from 10 to 200, such as 80.', 'K', 10, 200),
            $number('plate.ambient', 'celsius', 'Rated ambient', 'Degrees Celsius from -40 to 120, such as 40.', '°C', -40, 120),
            $number('plate.altitude', 'metres', 'Rated altitude', 'Metres from 0 to 6000.', 'm', 0, 6000),
            new Field('plate.duty', 'duty', 'Duty', 'S1 to S10, such as S1 or S3 40 %.'),
            new Field('plate.leads', 'count', 'Leads', '3, 6, 9 or 12.', '', 3, 12),
            $text('plate.insulation_class', 'Insulation class'), $text('plate.ip', 'IP'), $text('plate.type', 'Type'), $text('plate.serial', 'Serial number'),
            $text('plate.year', 'Year'), $text('plate.standard', 'Standard'), $text('plate.frame', 'Frame'), $text('plate.mounting', 'Mounting'),
            $text('plate.cooling', 'Cooling'), $text('plate.enclosure', 'Enclosure'), $text('plate.bearings', 'Bearings'), $text('plate.grease', 'Grease'),
            $text('plate.rotor_class', 'Rotor class'),

            $choice('load.kind', 'Load', 'constant', 'linear', 'quadratic', 'constant_power', 'points'),
            $number('load.torque_percent', 'percent', 'Load torque', 'Percent of rated torque from 0 to 300.', '%', 0, 300),
            $number('load.inertia', 'inertia', 'Load inertia', 'kg·m².', 'kg·m²', 0, 1e6),
            $number('load.speed_ratio', 'number', 'Load speed over motor speed', 'A ratio from 0.001 to 100.', '', 0.001, 100),
            $number('load.breakaway_percent', 'percent', 'Breakaway torque', 'Percent of rated torque from 0 to 500.', '%', 0, 500),
            new Field('load.points', 'points', 'Load points', 'A list of [speed %, torque %].'),

            $choice('starter.method', 'Starting method', ...self::METHODS),
            $number('starter.run_up_time', 'seconds', 'Run-up time', 'Seconds from 0.05 to 300, such as 5.', 's', 0.05, 300),
            $choice('starter.changeover.by', 'Changeover by', 'time', 'speed'),
            $number('starter.changeover.value', 'number', 'Changeover', 'Seconds by time, or percent of synchronous speed by speed.', '', 0.05, 300),
            $number('starter.tap_percent', 'percent', 'Tap', 'Percent from 20 to 95.', '%', 20, 95),
            $number('starter.current_limit', 'percent', 'Current limit', 'Percent of rated current from 100 to 800.', '%', 100, 800),
            $number('starter.ramp_time', 'seconds', 'Ramp time', 'Seconds from 0 to 300.', 's', 0, 300),
            $number('starter.initial_voltage', 'percent', 'Initial voltage', 'Percent from 10 to 100.', '%', 10, 100),
            $number('starter.gap', 'seconds', 'Changeover gap', 'Seconds from 0 to 5, such as 50 ms.', 's', 0, 5),
            $choice('starter.transition', 'Transition', 'open', 'closed'),
            $number('starter.drive_input_current', 'amperes', 'Drive input current', 'Amperes.', 'A', 0.1, 20000),

            $number('cable.length', 'metres', 'Length, starter to motor', 'Metres up to 3000, such as 60 m; 200 ft is read too.', 'm', 0.1, 3000),
            $number('cable.line_length', 'metres', 'Length, supply to starter', 'Metres up to 3000, such as 12 m.', 'm', 0.1, 3000),
            $choice('cable.material', 'Conductor', 'copper', 'aluminium'),
            new Field('cable.insulation', 'insulation', 'Insulation', 'IEC: pvc or xlpe. NEC: TW, THW, THWN, XHHW, THHN, THWN-2 or XHHW-2.'),
            new Field('cable.method', 'installation', 'Method', 'IEC: A1, A2, B1, B2, C, E or F. NEC: raceway.'),
            $number('cable.grouped_circuits', 'count', 'Grouped circuits', 'How many circuits lie together, this one included: 1 to 20.', '', 1, 20),
            new Field('cable.size', 'size', 'Size, starter to motor', 'A standard size, such as 16 mm2, 6 AWG or 250 kcmil.'),
            new Field('cable.line_size', 'size', 'Size, supply to starter', 'A standard size, such as 16 mm2, 6 AWG or 250 kcmil.'),
            new Field('cable.terminal_temperature', 'celsius', 'Terminal temperature', '60, 75 or 90 °C under NEC; 70 or 90 °C under IEC.', '°C', 60, 90),
            $choice('cable.raceway_material', 'Raceway', 'steel', 'aluminium', 'pvc'),
            $number('cable.cores', 'count', 'Cores', '1 to 6.', '', 1, 6),
            $choice('cable.tray', 'Support', 'perforated', 'ladder', 'bunched'),
            $number('cable.soil_temperature', 'celsius', 'Soil temperature', 'Degrees Celsius from -10 to 60.', '°C', -10, 60),
            $number('cable.soil_resistivity', 'number', 'Soil resistivity', 'K·m/W from 0.5 to 3.', 'K·m/W', 0.5, 3),
            new Field('cable.wet', 'flag', 'Wet place', 'true or false.'),

            $choice('guard.scpd', 'Protective device', ...self::SCPDS),
            $choice('guard.overload_place', 'Overload place', 'line', 'delta'),
            $choice('guard.overload_class', 'Trip class', '5', '10A', '10', '20', '30'),
            new Field('guard.start_exception', 'anything', 'Start exception', 'Evidence that the motor did not start.'),
            $number('guard.breaking_capacity_ka', 'kiloamperes', 'Breaking capacity', 'kA from 0.5 to 300, such as 25.', 'A', 500, 3e5),
            $number('guard.rating', 'amperes', 'Installed rating', 'Amperes, such as 63.', 'A', 0.1, 6300),
            $number('guard.dial', 'amperes', 'Installed relay dial', 'Amperes, such as 38.', 'A', 0.05, 6300),
            $number('guard.marked_maximum', 'amperes', 'Largest device marked on the starter', 'Amperes.', 'A', 1, 6300),

            new Field('correction.target_power_factor', 'fraction', 'Target power factor', 'A power factor from 0.5 to 1, such as 0.95.', '', 0.5, 1),
            $choice('correction.place', 'Capacitor', ...self::PLACES),
            $number('correction.load_percent', 'percent', 'Load it runs at', 'Percent of rated output from 10 to 125, such as 80.', '%', 10, 125),
            $number('correction.lowest_load_percent', 'percent', 'Lowest load', 'Percent of rated output from 0 to 125.', '%', 0, 125),
            $number('correction.rated_voltage', 'volts', 'Capacitor rated voltage', 'Volts from 100 to 1200, such as 440.', 'V', 100, 1200),
            $number('correction.rated_kvar', 'kilovars', 'Installed capacitor', 'kvar from 0.1 to 5000, such as 12.5.', 'var', 100, 5e6),
            new Field('correction.own_contactor', 'flag', 'Own contactor', 'true or false.'),
            $number('correction.tap_length', 'metres', 'Tap length', 'Metres from 0 to 100.', 'm', 0, 100),

            $number('settings.drop_limit_running', 'percent', 'Drop limit running', 'Percent from 0.5 to 20.', '%', 0.5, 20),
            $number('settings.drop_limit_starting', 'percent', 'Drop limit starting', 'Percent from 1 to 40.', '%', 1, 40),
            $number('settings.dip_limit_bus', 'percent', 'Dip limit at the bus', 'Percent from 0.5 to 40.', '%', 0.5, 40),
            $number('settings.voltage_tolerance', 'percent', 'Voltage tolerance', 'Percent from 1 to 15.', '%', 1, 15),
            $number('settings.direct_start_limit', 'kilowatts', 'Largest motor started direct', 'kW.', 'W', 0, 1e7),
            $number('settings.terminal_temperature', 'celsius', 'Terminal temperature', '70 or 90 °C.', '°C', 60, 90),
            new Field('settings.four_006_corrections', 'flag', 'Corrections at terminations', 'true or false.'),
            new Field('settings.ten_ampere_rating', 'flag', '10 A is a standard rating', 'true or false.'),
            $choice('settings.overload_school', 'Overload practice', 'plate_current', 'service_factor'),
            $choice('settings.tray', 'Support', 'perforated', 'ladder', 'bunched'),
            $number('settings.changeover_minimum', 'percent', 'Changeover speed, at least', 'Percent from 50 to 100.', '%', 50, 100),
            new Field('settings.tariff', 'anything', 'Tariff', 'Not used yet.'),
        ];
        self::$all = [];
        foreach ($list as $field) {
            self::$all[$field->path] = $field;
        }

        return self::$all;
    }
}
