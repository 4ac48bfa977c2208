<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Reads the plate: connection on this supply, poles and slip, rated torque, missing values, cross-checks. */
final class PlateStation
{
    public static function solve(Circuit $circuit, RuleBook $book, Sheet $sheet): void
    {
        PlateKind::solve($circuit, $sheet);
        RatedFrequency::solve($circuit, $sheet);
        Connection::solve($circuit, $sheet);
        RatedCurrent::solve($circuit, $sheet);
        RatedSpeed::solve($circuit, $sheet);
        RatedPower::solve($circuit, $sheet);
        RatedSpeed::torque($circuit, $sheet);
        PlateChecks::solve($circuit, $sheet);
        $sheet->explain(Meanings::of($circuit, $book, $sheet));
        $sheet->say(Station::Plate, self::sentence($book, $sheet));
    }

    private static function sentence(RuleBook $book, Sheet $sheet): string
    {
        $connection = $sheet->get('plate.connection')?->value;
        $supply = $sheet->get('plate.supply_voltage')?->shown();
        if ($connection === null || $supply === null) {
            return 'Type what is stamped. The connection follows from the voltages of plate and supply.';
        }
        if ($connection === 'none') {
            return 'No connection of this motor fits your '.$supply.' supply.';
        }
        $words = $book->words();
        $how = match ($connection) {
            'delta' => 'connect in delta', 'star' => 'connect in '.$words['star'], 'parallel' => 'connect the windings in parallel (low voltage)',
            'series' => 'connect the windings in series (high voltage)', default => 'one voltage, connect as the plate says',
        };
        $poles = $sheet->get('plate.poles');

        return 'On your '.$supply.' supply: '.$how.'.'.($poles === null ? '' : ' '.Show::number($poles->number()).' poles'.($sheet->has('plate.slip') ? ', '.$sheet->need('plate.slip')->shown(3).' slip.' : '.'));
    }
}
