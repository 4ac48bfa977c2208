<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\TypicalMotor;
use BraveAnvil\Tables\Practice\TypicalSinglePhase;

/** Starting over rated torque: as stamped, else a typical one, and no less than the rotor class starts against. */
final class StartTorque
{
    /** @return Figure|null per unit; null where it cannot be read, or nothing is usual for this output */
    public static function ratio(Circuit $circuit, ?Figure $output, TypicalMotor $usual): ?Figure
    {
        return $circuit->bad('plate.start_torque_ratio')
            ? null : $circuit->number('plate.start_torque_ratio') ?? self::usual($circuit, $output, $usual);
    }

    /** @return Figure|null per unit, of a single-phase motor: as stamped, else as it usually is by how it starts; null where it cannot be read */
    public static function ofOnePhase(Circuit $circuit, TypicalSinglePhase $usual): ?Figure
    {
        if ($circuit->bad('plate.start_torque_ratio', 'plate.single_phase_type')) {
            return null;
        }
        $typical = $usual->startTorque(OnePhaseStart::row(OnePhaseStart::type($circuit)));

        return $circuit->number('plate.start_torque_ratio')
            ?? Figure::step('Tst/Tn', $typical)->withAssumption('a typical Tst/Tn of '.Show::number($typical, 3));
    }

    /** @return Figure|null per unit, where none is stamped: typical, and no less than the rotor class; null where nothing is usual */
    public static function usual(Circuit $circuit, ?Figure $output, TypicalMotor $usual): ?Figure
    {
        $typical = $output === null ? null : $usual->startTorque($output->number());
        $class = self::byRotorClass($circuit);
        if ($class !== null && ($typical === null || $class > $typical)) {
            return Figure::step('Tst/Tn', $class)->withAssumption(
                'a Tst/Tn of '.Show::number($class, 3).', the starting load of rotor class '.$circuit->word('plate.rotor_class'),
            );
        }

        return $typical === null
            ? null : Figure::step('Tst/Tn', $typical)->withAssumption('a typical Tst/Tn of '.Show::number($typical, 3));
    }

    /** Torque against which it starts direct on line, over rated torque: `KL 16` is 1.6; null without a rotor class. */
    public static function byRotorClass(Circuit $circuit): ?float
    {
        return preg_match('/(\d+)/', $circuit->word('plate.rotor_class') ?? '', $m) === 1 ? (float) $m[1] / 10 : null;
    }
}
