<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** Every field of a circuit that the core knows, in one list. Other keys are kept and reported as a note. */
final class Fields
{
    public const METHODS = ['direct', 'star_delta', 'autotransformer', 'resistor', 'soft_starter', 'drive'];

    public const SCPDS = ['breaker_b', 'breaker_c', 'breaker_d', 'fuse_gg', 'fuse_am', 'motor_breaker', 'fuse_dual_element', 'fuse_non_time_delay', 'breaker_inverse_time', 'breaker_instantaneous'];

    public const PLACES = ['none', 'board', 'before_controller', 'after_controller', 'at_motor'];

    /** A motor, or some other load on the bench that has no plate of a motor. */
    public const SUBJECTS = ['motor', 'bench_load'];

    public const SURROUNDINGS = ['dry', 'damp', 'outdoor', 'wash_down', 'dust', 'combustible_dust'];

    public const KINDS = ['cage', 'wound_rotor', 'two_speed', 'part_winding', 'single_phase'];

    public const MEASURING = ['volts_amps', 'volts_amps_watts', 'power_factor_meter', 'line_angle', 'one_wattmeter', 'two_wattmeters', 'three_wattmeters', 'meter_disc', 'meter_pulses', 'brake'];

    /** What a plate for two frequencies gives twice: once in each row. */
    public const RATED = ['frequency', 'voltage', 'current', 'power', 'speed', 'power_factor', 'efficiency', 'start_current_ratio'];

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
            $choice('subject', 'What stands here', ...self::SUBJECTS),
            $choice('surroundings', 'Surroundings', ...self::SURROUNDINGS),

            new Field('supply.voltage', 'supply_voltage', 'Supply voltage', 'Line volts from 100 to 1000, such as 400, 480Y/277 or 400/230.', 'V', 100, 1000),
            $number('supply.frequency', 'hertz', 'Supply frequency', 'Hertz from 40 to 70, such as 50.', 'Hz', 40, 70),
            new Field('supply.phases', 'count', 'Phases', '3, or 1 for a bench load.', '', 1, 3),
            $number('supply.fault_level_kva', 'kilovoltamperes', 'Fault level', 'kVA from 10 to 10 000 000, such as 25000 or 25 MVA.', 'VA', 1e4, 1e10),
            $number('supply.transformer_kva', 'kilovoltamperes', 'Transformer', 'kVA from 1 to 100 000, such as 1000.', 'VA', 1e3, 1e8),
            $number('supply.transformer_impedance_percent', 'percent', 'Transformer impedance', 'Percent from 0.5 to 30, such as 6.', '%', 0.5, 30),
            $number('supply.x_over_r', 'number', 'X/R', 'A ratio from 0.1 to 100, such as 8.', '', 0.1, 100),
            $number('supply.ambient', 'celsius', 'Ambient', 'Degrees Celsius from -40 to 85, such as 30; 86 F is read too.', '°C', -40, 85),
            $number('supply.altitude', 'metres', 'Altitude', 'Metres from -500 to 6000.', 'm', -500, 6000),
            new Field('supply.unbalance', 'unbalance', 'Voltage unbalance', 'Percent from 0 to 20, or the three line voltages such as 400/404/390.', '%', 0, 20),
            $choice('supply.earthing', 'Earthing system', 'tn_s', 'tn_c_s', 'tt', 'it'),
            $number('supply.earth_loop_ohm', 'ohms', 'Earth loop impedance', 'Ohms from 0.0001 to 2000.', 'Ω', 1e-4, 2000),

            ...self::rated('plate.', ''),
            ...self::rated('plate.second.', 'second row: '),
            new Field('plate.efficiency_class', 'efficiency_class', 'Efficiency class', 'IE1, IE2, IE3 or IE4.'),
            $number('plate.service_factor', 'number', 'Service factor', 'A factor from 1.0 to 2.0, such as 1.15.', '', 1, 2),
            new Field('plate.code_letter', 'letter', 'Code letter', 'One letter from A to V, without I, O and Q.', '', 0, 0, str_split('ABCDEFGHJKLMNPRSTUV')),
            new Field('plate.design_letter', 'letter', 'Design letter', 'A, B, C or D, or N or H on IEC plates.', '', 0, 0, ['A', 'B', 'C', 'D', 'E', 'N', 'H']),
            $number('plate.start_torque_ratio', 'ratio', 'Tst/Tn', 'Starting torque over rated torque from 0.2 to 6, such as 2.4 or 240 %.', '', 0.2, 6),
            $number('plate.breakdown_torque_ratio', 'ratio', 'Tmax/Tn', 'Breakdown torque over rated torque from 1 to 8, such as 2.9.', '', 1, 8),
            $number('plate.pull_up_torque_ratio', 'ratio', 'Tu/Tn', 'Pull-up torque over rated torque from 0.1 to 6.', '', 0.1, 6),
            $number('plate.inertia', 'inertia', 'Rotor inertia', 'kg·m², such as 0.36; 8 lb ft2 is read too.', 'kg·m²', 1e-6, 1e5),
            $number('plate.no_load_current', 'amperes', 'No-load current', 'Amperes.', 'A', 0.001, 10000),
            new Field('plate.service_factor_amps', 'plate_current', 'Service-factor amperes', 'Amperes as stamped, such as 69 or 138/69.', 'A'),
            $number('plate.temperature_rise', 'kelvins', 'Temperature rise', 'Kelvin from 10 to 200, such as 80.', 'K', 10, 200),
            $number('plate.ambient', 'celsius', 'Rated ambient', 'Degrees Celsius from -40 to 120, such as 40.', '°C', -40, 120),
            $number('plate.altitude', 'metres', 'Rated altitude', 'Metres from 0 to 6000.', 'm', 0, 6000),
            new Field('plate.duty', 'duty', 'Duty', 'S1 to S10, such as S1, S2 30 min or S3 40 %.'),
            new Field('plate.leads', 'count', 'Leads', '3, 6, 9 or 12.', '', 3, 12),
            new Field('plate.phases', 'phases', 'Phases', '3 or 1, such as 3~, 3 PH or 1~.', '', 1, 3),
            $choice('plate.kind', 'Kind of motor', ...self::KINDS),
            $number('plate.rotor_voltage', 'volts', 'Rotor voltage', 'Volts from 10 to 5000, such as 250.', 'V', 10, 5000),
            $number('plate.rotor_current', 'amperes', 'Rotor current', 'Amperes.', 'A', 0.1, 20000),
            new Field('plate.insulation_class', 'insulation_class', 'Insulation class', 'A class such as F, or F/B for insulation F used to the rise of B: Y, A, E, B, F, H, N or R.'),
            new Field('plate.ip', 'protection', 'IP', 'IP and two digits, such as IP55; X for a digit that is not stated.'),
            new Field('plate.cooling', 'cooling', 'Cooling', 'IC and its digits, such as IC411.'),
            new Field('plate.rotor_class', 'rotor_class', 'Rotor class', 'KL and tenths of rated torque, such as KL 13.'),
            new Field('plate.grease_amount', 'grams', 'Grease amount', 'Grams, one or one for each end, such as 30 or 30/20 g.', 'g', 0.1, 5000),
            $number('plate.grease_interval', 'hours', 'Relubrication', 'Hours from 100 to 100 000, such as 8000 h.', 'h', 100, 1e5),
            $number('plate.weight', 'kilograms', 'Weight', 'Kilograms from 0.5 to 50 000; lb is read too.', 'kg', 0.5, 50000),
            $text('plate.type', 'Type'), $text('plate.order_number', 'Order number'), $text('plate.serial', 'Serial number'), $text('plate.year', 'Year'),
            $text('plate.standard', 'Standard'), $text('plate.marks', 'Conformity marks'), $text('plate.frame', 'Frame'), $text('plate.mounting', 'Mounting'),
            $text('plate.enclosure', 'Enclosure'), $text('plate.bearings', 'Bearings'), $text('plate.grease', 'Grease'), $text('plate.remarks', 'Other stamps'),

            new Field('bench.power', 'watts', 'Real power', 'Watts it draws, such as 1150 W or 2.2 kW.', 'W', 1, 1e7),
            $number('bench.current', 'amperes', 'Current', 'Amperes, such as 8.2.', 'A', 0.001, 20000),
            new Field('bench.power_factor', 'fraction', 'Power factor', 'A power factor such as 0.61 or 61 %.', '', 0.01, 1),
            $choice('bench.sense', 'Current is', 'lagging', 'leading'),

            ...self::measured(),
            $number('windings.impedance', 'ohms', 'Impedance of one winding', 'Ohms from 0.001 to 100 000.', 'Ω', 0.001, 1e5),
            new Field('windings.power_factor', 'fraction', 'Power factor of a winding', 'From 0.01 to 1; 1 for a heater.', '', 0.01, 1),
            $number('windings.element_power', 'watts', 'Rating of one element', 'Watts, such as 2000 W or 2 kW.', 'W', 1, 1e7),
            $number('windings.element_voltage', 'volts', 'Voltage of one element', 'Volts from 12 to 1000, such as 230.', 'V', 12, 1000),
            $number('windings.terminal_resistance', 'ohms', 'Ohmmeter between two terminals', 'Ohms from 0.0001 to 100 000.', 'Ω', 1e-4, 1e5),
            $choice('windings.connected', 'Connected in', 'star', 'delta'),

            $number('load.output_percent', 'percent', 'Load it runs at', 'Percent of rated output from 0 to 125, such as 60.', '%', 0, 125),
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
            $number('cable.soil_resistivity', 'resistivity', 'Soil resistivity', 'K·m/W from 0.5 to 3.', 'K·m/W', 0.5, 3),
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

    /** @return list<Field> the fields of one row of rated values */
    private static function rated(string $prefix, string $before): array
    {
        $label = static fn (string $text): string => ucfirst($before.($before === '' ? $text : lcfirst($text)));

        return [
            new Field($prefix.'power', 'power', $label('Rated output'), 'A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.', 'W', 10, 1e7),
            new Field($prefix.'voltage', 'plate_voltage', $label('Rated voltage'), 'Volts as stamped, such as 400, 230/400, D 400 or 208-230/460.', 'V'),
            new Field($prefix.'current', 'plate_current', $label('Rated current'), 'Amperes as stamped, such as 66, 66/38 or 4.2-4.0/2.0.', 'A'),
            new Field($prefix.'speed', 'speed', $label('Rated speed'), 'Revolutions per minute, such as 1482.', 'rpm'),
            new Field($prefix.'frequency', 'frequencies', $label('Rated frequency'), $before === '' ? 'Hertz, such as 50, 60 or 50/60.' : 'Hertz, such as 60.', 'Hz', 40, 70),
            new Field($prefix.'power_factor', 'fraction', $before === '' ? 'Power factor' : $label('Power factor'), 'A power factor such as 0.85 or 85 %.', '', 0.05, 1),
            new Field($prefix.'efficiency', 'efficiency', $label('Efficiency'), 'Percent such as 93.9, below 100, or a class such as IE3.', '', 0.05, 0.9999),
            new Field($prefix.'start_current_ratio', 'ratio', $before === '' ? 'Ia/In' : 'Second row: Ia/In', 'Starting current over rated current from 1.5 to 15, such as 7.0 or 700 %.', '', 1.5, 15),
        ];
    }

    /** @return list<Field> what instruments show, and how they are joined */
    private static function measured(): array
    {
        $number = static fn (string $name, string $kind, string $label, string $accepted, string $unit, float $low, float $high): Field => new Field('measure.'.$name, $kind, $label, $accepted, $unit, $low, $high);
        $choice = static fn (string $name, string $label, string ...$choices): Field => new Field('measure.'.$name, 'choice', $label, 'One of '.implode(', ', $choices).'.', '', 0, 0, array_values($choices));
        $list = [$choice('method', 'Method', ...self::MEASURING)];
        foreach (['12' => 'L1–L2', '23' => 'L2–L3', '31' => 'L3–L1'] as $pair => $lines) {
            $list[] = $number('volts_'.$pair, 'volts', 'Volts '.$lines, 'Volts from 1 to 2000.', 'V', 1, 2000);
        }
        foreach (['1', '2', '3'] as $line) {
            $list[] = $number('phase_volts_'.$line, 'volts', 'Volts L'.$line.'–N', 'Volts from 1 to 2000.', 'V', 1, 2000);
            $list[] = $number('amps_'.$line, 'amperes', 'Amps L'.$line, 'Amperes from 0 to 20 000.', 'A', 0, 20000);
            $list[] = $number('watts_'.$line, 'watts', 'Wattmeter in L'.$line, 'Watts, negative when it reads backwards.', 'W', -1e8, 1e8);
        }

        return [...$list,
            $number('watts', 'watts', 'Watts', 'Watts, negative when the meter reads backwards.', 'W', -1e8, 1e8),
            new Field('measure.power_factor', 'fraction', 'Power factor shown', 'A power factor such as 0.85 or 85 %.', '', 0.01, 1),
            $choice('sense', 'Current is', 'lagging', 'leading'), $choice('sequence', 'Phase sequence', '123', '132'),
            $choice('wattmeter', 'Its voltage coil', 'neutral', 'pair', 'other_lines'), $choice('pair', 'Voltage from line to line', '12', '13', '21', '23', '31', '32'), $choice('line', 'Current in line', '1', '2', '3'),
            $number('angle', 'degrees', 'Angle shown', 'Degrees from -180 to 180, positive when the current is behind the voltage.', '°', -180, 180),
            $choice('common', 'Line common to both', '1', '2', '3'), $choice('swapped', 'Leads swapped to read it', 'none', '1', '2', '3'), $choice('balanced', 'Load', 'balanced', 'unbalanced'),
            $number('revolutions', 'number', 'Turns of the disc', 'How many turns were counted, such as 10.', '', 0.1, 1e6),
            $number('disc_constant', 'watt_hours', 'Disc constant', 'Wh for each turn, such as 7.2.', 'Wh', 1e-4, 1e6),
            $number('pulses', 'number', 'Pulses', 'How many pulses were counted, such as 50.', '', 1, 1e9),
            $number('pulses_per_kwh', 'number', 'Pulses for each kWh', 'As printed on the meter, such as 1000.', '', 0.01, 1e7),
            $number('seconds', 'seconds', 'In', 'Seconds, such as 36.', 's', 0.5, 1e5),
            new Field('measure.current_ratio', 'transformer_ratio', 'Current transformers', 'A ratio such as 200/5 or 40; 1 without.', '', 1, 10000),
            new Field('measure.voltage_ratio', 'transformer_ratio', 'Voltage transformers', 'A ratio such as 480/120 or 4; 1 without.', '', 1, 1000),
            $number('speed', 'rpm', 'Speed', 'Revolutions per minute, such as 1490.', 'rpm', 1, 30000),
            $number('torque', 'newton_metres', 'Torque at the brake', 'N·m, such as 236; lb-ft is read too.', 'N·m', 0, 1e6),
        ];
    }
}
