<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Ground\Labelled;
use BraveAnvil\Ground\Unit;

/** What can be wrong with a circuit that stand-ins measure, one thing at a time. */
enum FaultKind: string
{
    use Labelled;

    case LostPhase = 'lost_phase';
    case LowVoltage = 'low_voltage';
    case UnbalancedVoltage = 'unbalanced_voltage';
    case ShortedTurns = 'shorted_turns';
    case LooseLink = 'loose_link';
    case WrongConnection = 'wrong_connection';
    case DampWinding = 'damp_winding';
    case DeadCapacitorElement = 'dead_capacitor_element';
    case WrongCapacitor = 'wrong_capacitor';
    case Overload = 'overload';
    case BrokenBar = 'broken_bar';
    case WornBearing = 'worn_bearing';

    private const LABELS = [
        'lost_phase' => 'Loss of one phase', 'low_voltage' => 'Low voltage', 'unbalanced_voltage' => 'Voltage unbalance',
        'shorted_turns' => 'Shorted turns in one winding', 'loose_link' => 'Loose connection in one lead',
        'wrong_connection' => 'Windings connected for the other voltage', 'damp_winding' => 'Damp winding',
        'dead_capacitor_element' => 'Failed element of the capacitor', 'wrong_capacitor' => 'Capacitor of another size',
        'overload' => 'Overload', 'broken_bar' => 'Broken rotor bars', 'worn_bearing' => 'Worn bearing',
    ];

    /** Its size where nobody gives one, in its own unit: a share, per unit, or mm/s. */
    public function usualSize(): float
    {
        return match ($this) {
            self::LostPhase, self::WrongConnection, self::DeadCapacitorElement => 1.0,
            self::LowVoltage => 0.12,
            self::UnbalancedVoltage => 0.04,
            self::ShortedTurns => 0.08,
            self::LooseLink => 0.05,
            self::DampWinding => 0.02,
            self::WrongCapacitor => 0.5,
            self::Overload => 1.3,
            self::BrokenBar => 0.3,
            self::WornBearing => 6.0,
        };
    }

    /** @return array{float, float} the smallest and the largest size that is taken, in the unit of the usual one */
    public function sizes(): array
    {
        return match ($this) {
            self::LostPhase, self::WrongConnection => [1.0, 1.0],
            self::DeadCapacitorElement => [1.0, 2.0],
            self::LowVoltage => [0.02, 0.3],
            self::UnbalancedVoltage => [0.01, 0.1],
            self::ShortedTurns => [0.01, 0.5],
            self::LooseLink => [0.01, 0.5],
            self::DampWinding => [0.0001, 0.5],
            self::WrongCapacitor => [0.1, 3.0],
            self::Overload => [1.05, 2.0],
            self::BrokenBar => [0.05, 1.0],
            self::WornBearing => [1.0, 20.0],
        };
    }

    public function unit(): Unit
    {
        return $this === self::WornBearing ? Unit::MillimetrePerSecond : Unit::None;
    }

    /** Whether only a circuit with a capacitor can have it. */
    public function wantsCapacitor(): bool
    {
        return $this === self::DeadCapacitorElement || $this === self::WrongCapacitor;
    }
}
