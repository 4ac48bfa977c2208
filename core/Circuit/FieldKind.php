<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** How the text of a field is read. */
enum FieldKind: string
{
    case Anything = 'anything';
    case Text = 'text';
    case Flag = 'flag';
    case Choice = 'choice';
    case Letter = 'letter';
    case Points = 'points';
    case Traits = 'traits';
    case LoadHours = 'load_hours';
    case EfficiencyPoints = 'efficiency_points';

    // As stamped on a plate.
    case Power = 'power';
    case PlateVoltage = 'plate_voltage';
    case PlateCurrent = 'plate_current';
    case Speed = 'speed';
    case Frequencies = 'frequencies';
    case Fraction = 'fraction';
    case Efficiency = 'efficiency';
    case EfficiencyClass = 'efficiency_class';
    case Duty = 'duty';
    case Protection = 'protection';
    case Cooling = 'cooling';
    case InsulationClass = 'insulation_class';
    case RotorClass = 'rotor_class';
    case Phases = 'phases';
    case Capacitor = 'capacitor';

    // Of the supply, of instruments, of conductors.
    case SupplyVoltage = 'supply_voltage';
    case Unbalance = 'unbalance';
    case TransformerRatio = 'transformer_ratio';
    case Insulation = 'insulation';
    case Installation = 'installation';
    case Size = 'size';

    // A number with its unit.
    case Number = 'number';
    case Price = 'price';
    case Count = 'count';
    case Volts = 'volts';
    case Amperes = 'amperes';
    case Kiloamperes = 'kiloamperes';
    case Ohms = 'ohms';
    case Megohms = 'megohms';
    case Velocity = 'velocity';
    case Kilovoltamperes = 'kilovoltamperes';
    case Kilowatts = 'kilowatts';
    case Watts = 'watts';
    case NewtonMetres = 'newton_metres';
    case Degrees = 'degrees';
    case WattHours = 'watt_hours';
    case AmpereHours = 'ampere_hours';
    case VoltAmperes = 'volt_amperes';
    case Hours = 'hours';
    case Kilograms = 'kilograms';
    case Grams = 'grams';
    case Kelvins = 'kelvins';
    case Resistivity = 'resistivity';
    case Kilovars = 'kilovars';
    case Microfarads = 'microfarads';
    case Percent = 'percent';
    case Rpm = 'rpm';
    case Seconds = 'seconds';
    case Changeover = 'changeover';
    case Metres = 'metres';
    case Inertia = 'inertia';
    case Hertz = 'hertz';
    case Celsius = 'celsius';
    case Ratio = 'ratio';

    private const BARE_UNITS = [
        self::Kiloamperes->value => 'kA', self::Kilovoltamperes->value => 'kVA', self::Kilowatts->value => 'kW',
        self::Kilovars->value => 'kvar', self::Microfarads->value => 'µF', self::Megohms->value => 'MΩ',
    ];

    /** The unit that a bare number is in, where it is a handier one than that of the value. */
    public function bareUnit(): ?string
    {
        return self::BARE_UNITS[$this->value] ?? null;
    }
}
