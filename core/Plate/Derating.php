<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** What heat, height and unbalance leave of the rated output. No factor is ever above 1: a cool place is a reserve, not more output. */
final class Derating
{
    private const LARGEST_UNBALANCE = 5.0;

    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $factors = [];
        self::ambient($circuit, $sheet, $factors);
        self::altitude($circuit, $sheet, $factors);
        self::unbalance($circuit, $sheet, $factors);
        $output = $sheet->get('plate.output');
        if ($factors === [] || $output === null) {
            return;
        }
        $product = 1.0;
        $working = '{P}';
        $from = ['P' => $output];
        foreach ($factors as $i => $factor) {
            $product *= $factor->number();
            $working .= ' × {k'.$i.'}';
            $from['k'.$i] = $factor;
        }
        $sheet->work('plate.usable_output', 'Output it may give here', $output->number() * $product, 'W', 'P · k', $working, $from, 'product of the deratings');
    }

    /** @param  list<Figure>  $factors */
    private static function ambient(Circuit $circuit, Sheet $sheet, array &$factors): void
    {
        $ambient = $circuit->number('supply.ambient');
        $rated = $circuit->number('plate.ambient')?->number() ?? 40.0;
        if ($ambient === null || $ambient->number() <= $rated) {
            return;
        }
        $factor = self::factor($sheet, 'ambient', 'Derating for heat', $ambient->number() - $rated + 40, $ambient, Show::number($rated).' °C rated');
        if ($factor !== null) {
            $factors[] = $factor;
        }
        $sheet->find($factor === null ? Grade::Stop : Grade::Caution, Station::Plate, 'ambient_above_rating', 'Hotter than the motor is rated for',
            'The ambient is '.$ambient->shown().', the motor is rated for '.Show::number($rated).' °C.'.($factor === null ? ' That is beyond every usual derating.' : ' About '.Show::number(100 * $factor->number(), 3).' % of its output is left.'),
            'Load it less, or find it a cooler place.', 'IEC 60034-1 (from memory); factors: common practice, no source', $factor === null ? [] : ['plate.derating_ambient'], ['plate.ambient', 'supply.ambient']);
    }

    /** @param  list<Figure>  $factors */
    private static function altitude(Circuit $circuit, Sheet $sheet, array &$factors): void
    {
        $altitude = $circuit->number('supply.altitude');
        $limit = $circuit->number('plate.altitude')?->number() ?? 1000.0;
        if ($altitude === null || $altitude->number() <= max(1000.0, $limit)) {
            return;
        }
        $factor = self::factor($sheet, 'altitude', 'Derating for height', $altitude->number() - max(0.0, $limit - 1000), $altitude, Show::number($limit).' m rated');
        if ($factor !== null) {
            $factors[] = $factor;
        }
        $sheet->find($factor === null ? Grade::Stop : Grade::Caution, Station::Plate, 'altitude_above_rating', 'Higher than the motor is rated for',
            'The site lies at '.$altitude->shown().', the motor is rated for '.Show::number($limit).' m.'.($factor === null ? ' That is beyond every usual derating.' : ' About '.Show::number(100 * $factor->number(), 3).' % of its output is left, unless the air is cooler by 1 % of its rise for each 100 m.'),
            'Load it less: thin air cools less.', 'IEC 60034-1 (from memory); factors: common practice, no source', $factor === null ? [] : ['plate.derating_altitude'], ['plate.altitude', 'supply.altitude']);
    }

    private static function factor(Sheet $sheet, string $table, string $label, float $at, Figure $value, string $rated): ?Figure
    {
        $factor = self::between(Table::of('practice/derating')->list($table), $at);

        return $factor === null ? null : $sheet->put(new Figure('plate.derating_'.$table, $label, min(1.0, $factor), '', 'table', $value->shown().', '.$rated, Table::of('practice/derating')->cited(),
            [...$value->assumptions, 'a typical derating'], Table::of('practice/derating')->doubt($table)));
    }

    /** @param  list<Figure>  $factors */
    private static function unbalance(Circuit $circuit, Sheet $sheet, array &$factors): void
    {
        $unbalance = $circuit->number('supply.unbalance');
        if ($unbalance === null || $unbalance->number() <= 1) {
            return;
        }
        $percent = $unbalance->number();
        $table = Table::of('nec/unbalance_derating');
        $factor = $percent > self::LARGEST_UNBALANCE ? null : self::between($table->data, $percent);
        if ($factor === null) {
            $sheet->find(Grade::Stop, Station::Plate, 'unbalance_too_large', 'The voltages are too unequal', 'The unbalance is '.Show::number($percent, 3).' %. Above 5 % a motor is not run: about ten times as much unbalance of its currents heats one winding.',
                'Find the cause first: a blown fuse, a loose joint, single-phase loads.', 'NEMA MG 1 14.36 (from memory)', [], ['supply.unbalance']);

            return;
        }
        $factors[] = $sheet->put(new Figure('plate.derating_unbalance', 'Derating for unbalance', min(1.0, $factor), '', 'table', Show::number($percent, 3).' % unbalance', $table->cited(), ['a derating read from a published figure'], $table->doubt((string) (int) $percent)));
        $sheet->find(Grade::Caution, Station::Plate, 'unbalance', 'The voltages are unequal by '.Show::number($percent, 3).' %', 'About '.Show::number(100 * min(1.0, $factor), 3).' % of its output is left; its currents differ by several times as much as the voltages.',
            'Find the cause, and load it less until then.', 'NEMA MG 1 14.36 (from memory)', ['plate.derating_unbalance'], ['supply.unbalance']);
    }

    /** @param  array<array-key, mixed>  $rows factor by value, ascending; null beyond their end */
    private static function between(array $rows, float $at): ?float
    {
        $before = null;
        foreach ($rows as $key => $factor) {
            if (! is_int($factor) && ! is_float($factor)) {
                continue;
            }
            $key = (float) $key;
            if ($at <= $key) {
                return $before === null ? (float) $factor : $before[1] + ($factor - $before[1]) * ($at - $before[0]) / ($key - $before[0]);
            }
            $before = [$key, (float) $factor];
        }

        return null;
    }
}
