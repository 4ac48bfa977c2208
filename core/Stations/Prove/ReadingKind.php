<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Labelled;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What can be read on a motor circuit, in the order in which a circuit is proved: dead first. What a reading brings up has its name. */
enum ReadingKind: string implements FindingCode
{
    use FindingWords;
    use Labelled;

    case WindingResistance = 'winding_resistance';
    case MotorCapacitor = 'motor_capacitor';
    case PanelOhms = 'panel_ohms';
    case InsulationResistance = 'insulation_resistance';
    case RelayTrip = 'relay_trip';
    case SupplyVoltage = 'supply_voltage';
    case LoopImpedance = 'loop_impedance';
    case Rotation = 'rotation';
    case NoLoadCurrent = 'no_load_current';
    case Inrush = 'inrush';
    case RunUpTime = 'run_up_time';
    case LineCurrent = 'line_current';
    case Power = 'power';
    case Speed = 'speed';
    case Capacitor = 'capacitor';
    case Correction = 'correction';
    case Vibration = 'vibration';
    case Temperature = 'temperature';
    case TemperatureRise = 'temperature_rise';

    private const STATION = Station::Prove;

    private const LABELS = [
        'winding_resistance' => 'Winding resistance', 'motor_capacitor' => 'Capacitor of the motor',
        'panel_ohms' => 'Ohms at the starter',
        'insulation_resistance' => 'Insulation resistance',
        'relay_trip' => 'Overload relay trip test', 'supply_voltage' => 'Supply voltages', 'loop_impedance' => 'Fault loop impedance',
        'rotation' => 'Rotation', 'no_load_current' => 'No-load current', 'inrush' => 'Inrush', 'run_up_time' => 'Run-up time',
        'line_current' => 'Line currents', 'power' => 'Power', 'speed' => 'Speed', 'capacitor' => 'Capacitor currents',
        'correction' => 'Correction, before and after', 'vibration' => 'Vibration', 'temperature' => 'Bearing temperatures',
        'temperature_rise' => 'Temperature rise by resistance',
    ];

    /** @return array<string, array{string, Unit}> what is compared, the main one first: label and unit by name */
    public function quantities(): array
    {
        $three = static fn (string $of, Unit $unit): array => [
            $of.'_1' => ['L1', $unit], $of.'_2' => ['L2', $unit], $of.'_3' => ['L3', $unit],
        ];

        return match ($this) {
            self::WindingResistance => [
                'mean' => ['Mean resistance between terminals', Unit::Ohm], 'unbalance' => ['Unbalance', Unit::Percent],
                'at_reference' => ['At the reference temperature', Unit::Ohm],
                'change' => ['Change since the first reading', Unit::Percent],
                'winding_1' => ['First winding', Unit::Ohm], 'winding_2' => ['Second winding', Unit::Ohm],
                'winding_3' => ['Third winding', Unit::Ohm],
                'main' => ['Main winding', Unit::Ohm], 'start' => ['Start winding', Unit::Ohm],
                'start_over_main' => ['Start winding ÷ main winding', Unit::Times],
            ],
            self::MotorCapacitor => ['capacitance' => ['Capacitance', Unit::Farad]],
            self::PanelOhms => ['winding' => ['Resistance of one winding', Unit::Ohm]],
            self::InsulationResistance => [
                'corrected' => ['At 40 °C', Unit::Ohm], 'minimum' => ['Lowest at 40 °C', Unit::Ohm],
                'polarization_index' => ['Polarization index', Unit::None],
            ],
            self::LoopImpedance => ['ohms' => ['Loop impedance', Unit::Ohm],
                'limit_cold' => ['Highest reading on cold conductors', Unit::Ohm]],
            self::RelayTrip => ['seconds' => ['Trip time', Unit::Second]],
            self::SupplyVoltage => [
                'volts_12' => ['L1–L2', Unit::Volt], 'volts_23' => ['L2–L3', Unit::Volt], 'volts_31' => ['L3–L1', Unit::Volt],
                'unbalance' => ['Unbalance', Unit::Percent],
            ],
            self::Rotation => [],
            self::NoLoadCurrent => ['mean' => ['Mean current', Unit::Ampere]],
            self::Inrush => ['amps' => ['Current', Unit::Ampere]],
            self::RunUpTime => ['seconds' => ['Run-up time', Unit::Second]],
            self::LineCurrent => [
                'mean' => ['Mean current', Unit::Ampere], 'unbalance' => ['Unbalance', Unit::Percent],
            ],
            self::Power => [
                'real' => ['Real power', Unit::Watt], 'power_factor' => ['Power factor', Unit::None],
                'load_implied' => ['Load by power', Unit::Percent],
            ],
            self::Speed => ['slip' => ['Slip', Unit::Percent], 'load_implied' => ['Load by speed', Unit::Percent]],
            self::Capacitor => $three('amps', Unit::Ampere),
            self::Correction => [
                'current' => ['Current after', Unit::Ampere], 'power_factor' => ['Power factor after', Unit::None],
                'share' => ['Share of the capacitor that works', Unit::None],
            ],
            self::Vibration => ['velocity' => ['Worse bearing end', Unit::MillimetrePerSecond], 'zone' => ['Zone', Unit::None]],
            self::Temperature => ['bearing' => ['Hotter bearing', Unit::Celsius]],
            self::TemperatureRise => ['rise' => ['Temperature rise of the winding', Unit::Kelvin],
                'limit' => ['Limit of the insulation class', Unit::Kelvin]],
        };
    }
}
