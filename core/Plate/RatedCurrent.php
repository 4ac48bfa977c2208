<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** The stamped current that belongs to the connection in use: paired with the voltages by position, ranges too. */
final class RatedCurrent
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $current = $circuit->plateCurrent();
        $voltage = $circuit->plateVoltage();
        $rated = $sheet->get('plate.rated_voltage');
        $pair = $sheet->get('plate.pair');
        if ($current === null || $voltage === null || $rated === null || $pair === null) {
            return;
        }
        $groups = $current->groups;
        if (count($groups) > count($voltage->pairs)) {
            $sheet->error('plate.current', 'Two currents, but one voltage.', 'One current for one voltage, or type both voltages.', FieldError::IMPOSSIBLE);

            return;
        }
        // The lower voltage takes the larger current, whichever way round both were typed.
        usort($groups, static fn (array $a, array $b): int => max([0.0, ...$b]) <=> max([0.0, ...$a]));
        if (count($groups) < count($voltage->pairs)) {
            self::one($circuit, $sheet, $groups[0], $rated);

            return;
        }
        $index = (int) $pair->number() - 1;
        $group = $groups[$index];
        $span = $voltage->pairs[$index];
        $amperes = $group[0];
        if (count($group) === 2) {
            $low = max($group);
            $high = min($group);
            // A range is paired end by end: the higher voltage with the lower current.
            $amperes = $rated->number() - $span['low'] <= $span['high'] - $rated->number() ? $low : $high;
        }
        $sheet->put(new Figure('plate.current', 'Rated current of this connection', $amperes, 'A', '', $current->echo().' at '.$voltage->echo(), 'plate', $circuit->assumed('plate.current') === null ? [] : [$circuit->assumed('plate.current')]));
        self::ratio($sheet, $groups, $voltage->pairs);
    }

    /** @param  list<float>  $group */
    private static function one(Circuit $circuit, Sheet $sheet, array $group, Figure $rated): void
    {
        $power = $circuit->power();
        $factor = $circuit->number('plate.power_factor')?->number();
        $efficiency = $circuit->number('plate.efficiency')?->number();
        $amperes = $group[0];
        if ($power !== null) {
            $expected = $power->watts / (RatedPower::phaseFactor($circuit) * $rated->number() * ($factor ?? 0.85) * ($efficiency ?? 0.9));
            if (abs($amperes / $expected - 1) < 0.3) {
                $sheet->put((new Figure('plate.current', 'Rated current of this connection', $amperes, 'A', '', Show::number($amperes).' A fits '.$rated->shown(), 'plate'))
                    ->withAssumption('the one stamped current belongs to '.$rated->shown()));

                return;
            }
        }
        $sheet->error('plate.current', 'One current for two voltages, and it does not fit '.$rated->shown().'.', 'Both currents as stamped, such as 66/38.', FieldError::IMPOSSIBLE);
    }

    /**
     * @param  list<list<float>>  $groups
     * @param  list<array{low: float, high: float, connection: string}>  $pairs
     */
    private static function ratio(Sheet $sheet, array $groups, array $pairs): void
    {
        if (count($groups) !== 2 || ! isset($pairs[1])) {
            return;
        }
        $currents = max([0.0, ...$groups[0]]) / max([1e-9, ...$groups[1]]);
        $volts = $pairs[1]['low'] / $pairs[0]['low'];
        $off = 100 * abs($currents / $volts - 1);
        if ($off > 6) {
            $sheet->find($off > 15 ? Grade::Caution : Grade::Note, Station::Plate, 'current_ratio', 'Currents and voltages do not pair',
                'The currents stand as '.Show::number($currents, 3).', the voltages as '.Show::number($volts, 3).'. They should be alike.', 'Read both again on the plate.', 'same power in both connections', ['plate.current'], ['plate.current', 'plate.voltage']);
        }
    }
}
