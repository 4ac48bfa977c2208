<?php

declare(strict_types=1);

namespace BraveAnvil\Measure;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Volts and amperes as read in each line: their means, how unequal they are, and whether a line is dead. */
final class Meters
{
    private const DEAD_SHARE = 0.1;

    public static function solve(Circuit $circuit, Sheet $sheet, bool $three): void
    {
        self::mean($circuit, $sheet, 'measured.voltage', 'Measured voltage', 'V', ['measure.volts_12', 'measure.volts_23', 'measure.volts_31']);
        self::mean($circuit, $sheet, 'measured.current', 'Measured current', 'A', ['measure.amps_1', 'measure.amps_2', 'measure.amps_3']);
        if ($three) {
            self::voltages($circuit, $sheet);
            self::currents($circuit, $sheet);
        }
    }

    /** @param  list<string>  $paths */
    private static function mean(Circuit $circuit, Sheet $sheet, string $key, string $label, string $unit, array $paths): void
    {
        $read = self::read($circuit, $paths);
        if ($read === [] || $circuit->bad(...$paths)) {
            return;
        }
        if (count($read) === 1) {
            $sheet->put($read[0]->named($key, $label, 'measured'));

            return;
        }
        $from = [];
        foreach ($read as $i => $figure) {
            $from['x'.$i] = $figure;
        }
        $sheet->work($key, $label.', mean', array_sum(array_map(static fn (Figure $f): float => $f->number(), $read)) / count($read), $unit, 'mean of '.count($read), '('.implode(' + ', array_map(static fn (string $n): string => '{'.$n.'}', array_keys($from))).') ÷ '.count($read), $from, 'measured');
    }

    /**
     * @param  list<string>  $paths
     * @return list<Figure>
     */
    private static function read(Circuit $circuit, array $paths): array
    {
        return array_values(array_filter(array_map(static fn (string $path): ?Figure => $circuit->number($path), $paths)));
    }

    private static function voltages(Circuit $circuit, Sheet $sheet): void
    {
        $read = self::read($circuit, ['measure.volts_12', 'measure.volts_23', 'measure.volts_31']);
        if (count($read) !== 3) {
            return;
        }
        $volts = array_map(static fn (Figure $f): float => $f->number(), $read);
        $unbalance = self::unbalance($sheet, 'measured.voltage_unbalance', 'Voltage unbalance', $read, 'NEMA MG 1 14.36 (from memory)');
        // Of three magnitudes that close a triangle, the negative over the positive sequence.
        $squares = array_map(static fn (float $v): float => $v ** 2, $volts);
        $beta = array_sum(array_map(static fn (float $s): float => $s ** 2, $squares)) / array_sum($squares) ** 2;
        $root = 3 - 6 * $beta;
        if ($root >= 0) {
            $factor = 100 * sqrt(max(0.0, (1 - sqrt($root)) / (1 + sqrt($root))));
            $sheet->put(new Figure('measured.negative_sequence', 'Negative over positive sequence voltage', $factor, '%', '√((1 − √(3 − 6 β)) / (1 + √(3 − 6 β)))', 'β = '.Show::number($beta, 6).', from fourth powers and squares of the three voltages', 'IEC 61000-4-30 (from memory)'));
        } else {
            $sheet->find(Grade::Caution, Station::Power, 'voltages_no_triangle', 'Three line voltages that close no triangle', 'They cannot stand at the same time: '.implode(', ', array_map(static fn (Figure $f): string => $f->shown(), $read)).'.', 'Read them again, one after the other, between the lines.', 'definition', ['measured.voltage'], ['measure.volts_12', 'measure.volts_23', 'measure.volts_31']);
        }
        if ($unbalance->number() > 1) {
            $sheet->find($unbalance->number() > 5 ? Grade::Stop : Grade::Caution, Station::Power, 'voltage_unbalance', 'The line voltages are unequal by '.$unbalance->shown(3), $unbalance->number() > 5 ? 'Above 5 % a motor is not run.' : 'Above 1 % a motor gives less and its currents differ by several times as much.', 'Look for a blown fuse, a loose joint, single-phase loads.', 'NEMA MG 1 14.36 (from memory)', ['measured.voltage_unbalance'], ['measure.volts_12']);
        }
    }

    /** @param  list<Figure>  $read */
    private static function unbalance(Sheet $sheet, string $key, string $label, array $read, string $source): Figure
    {
        $values = array_map(static fn (Figure $f): float => $f->number(), $read);
        $mean = array_sum($values) / 3;
        $worst = $read[0];
        foreach ($read as $figure) {
            if (abs($figure->number() - $mean) > abs($worst->number() - $mean)) {
                $worst = $figure;
            }
        }
        $of = $sheet->need($key === 'measured.voltage_unbalance' ? 'measured.voltage' : 'measured.current');

        return $sheet->work($key, $label, $mean <= 0 ? 0.0 : 100 * abs($worst->number() - $mean) / $mean, '%', 'largest |x − mean| / mean', '|{x} − {m}| ÷ {m}', ['x' => $worst, 'm' => $of], $source);
    }

    private static function currents(Circuit $circuit, Sheet $sheet): void
    {
        $paths = ['measure.amps_1', 'measure.amps_2', 'measure.amps_3'];
        $read = self::read($circuit, $paths);
        if (count($read) !== 3 || $sheet->need('measured.current')->number() <= 0) {
            return;
        }
        $amps = array_map(static fn (Figure $f): float => $f->number(), $read);
        $dead = (int) array_search(min($amps), $amps, true);
        $others = array_values(array_diff_key($amps, [$dead => 0]));
        $live = ($others[0] + $others[1]) / 2;
        if ($amps[$dead] <= self::DEAD_SHARE * $live) {
            $sheet->find(Grade::Stop, Station::Power, 'single_phasing', 'Line L'.($dead + 1).' carries no current: it runs on one phase', 'Near full load the other two lines then carry about twice the rated current, and one winding of a delta even more; at 40 % load the line current hides it from the relay. It will not start again.',
                'Stop it. Look for a blown fuse, an open contact or a broken lead before you start it again; use a relay that sees a lost phase.', 'common practice, own computation', ['measured.current'], [$paths[$dead]]);
            $sheet->put(new Figure('measured.phases_live', 'Lines that carry current', 2, '', '', implode(', ', array_map(static fn (Figure $f): string => $f->shown(), $read)), 'measured'));

            return;
        }
        $unbalance = self::unbalance($sheet, 'measured.current_unbalance', 'Current unbalance', $read, 'definition');
        $sequence = $sheet->get('measured.negative_sequence');
        $ratio = $circuit->number('plate.start_current_ratio');
        if ($sequence !== null && $ratio !== null) {
            $expected = $sheet->work('measured.current_unbalance_expected', 'Current unbalance to be expected', $ratio->number() * $sequence->number(), '%', '(Ia/In) · V2/V1', '{r} × {v}', ['r' => $ratio, 'v' => $sequence], 'common practice, own computation');
            if ($unbalance->number() > 1.5 * $expected->number() + 3) {
                $sheet->find(Grade::Caution, Station::Power, 'current_unbalance', 'The currents are more unequal than the voltages explain', 'Unequal by '.$unbalance->shown(3).', about '.$expected->shown(3).' would come from the voltages.', 'Move all three lines on by one: if the odd current stays with its lead, it is the winding; if it stays with its line, the supply.', 'common practice, no source', ['measured.current_unbalance', 'measured.current_unbalance_expected'], $paths);
            }
        } elseif ($unbalance->number() > 10) {
            $sheet->find(Grade::Caution, Station::Power, 'current_unbalance', 'The currents are unequal by '.$unbalance->shown(3), 'Read the three line voltages too: 1 % of theirs makes several percent of current.', 'Move all three lines on by one: if the odd current stays with its lead, it is the winding; if it stays with its line, the supply.', 'common practice, no source', ['measured.current_unbalance'], $paths);
        }
    }
}
