<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;

/**
 * Volts and amperes as read in each line: their means, how unequal they are, and whether a line is dead.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class Meters
{
    private const VOLTS = ['measure.volts_12', 'measure.volts_23', 'measure.volts_31'];

    private const AMPS = ['measure.amps_1', 'measure.amps_2', 'measure.amps_3'];

    /** Share of the other lines' current below which a line is dead. */
    private const DEAD_SHARE = 0.1;

    /** Percent of unbalance of the voltages that is a caution, and above which no motor is run. */
    private const UNBALANCE = [1, 5];

    /** Percent of unbalance of the currents that is worth a look where the voltages are not known. */
    private const CURRENT_UNBALANCE = 10;

    private const ODD_CURRENT = 'Move all three lines on by one terminal. If the odd current stays with its motor lead, the winding is '.
        'at fault; if it stays with its supply line, the supply is.';

    public static function solve(Circuit $circuit, bool $three, Ledger $ledger): MeterReadings
    {
        $volts = self::read($circuit, self::VOLTS);
        $amps = self::read($circuit, self::AMPS);
        $voltage = $circuit->bad(...self::VOLTS) ? null : self::mean(MeasuredFigure::Voltage, $volts, $ledger);
        $current = $circuit->bad(...self::AMPS) ? null : self::mean(MeasuredFigure::Current, $amps, $ledger);
        $lost = false;
        if ($three) {
            $sequence = $voltage === null || count($volts) !== 3 ? null : self::voltages($volts, $voltage, $ledger);
            $lost =
                $current !== null &&
                count($amps) === 3 &&
                $current->number() > 0 &&
                self::currents($circuit, $amps, $current, $sequence, $ledger);
        }

        return new MeterReadings($voltage, $current, $lost);
    }

    /** @param  list<Figure>  $read */
    private static function mean(MeasuredFigure $name, array $read, Ledger $ledger): ?Figure
    {
        if ($read === []) {
            return null;
        }
        if (count($read) === 1) {
            return $ledger->put($read[0]->named($name, 'measured'));
        }
        $from = [];
        foreach ($read as $i => $figure) {
            $from['x'.$i] = $figure;
        }
        $sum = array_sum(array_map(static fn (Figure $f): float => $f->number(), $read));

        return $ledger
            ->work($name)
            ->labelled($name->label().', mean')
            ->from(...$from)
            ->as(
                'mean of '.count($read),
                '('.implode(' + ', array_map(static fn (string $n): string => '{'.$n.'}', array_keys($from))).') ÷ '.count($read),
            )
            ->equals($sum / count($read))
            ->source(HowKnown::Measured)
            ->write();
    }

    /**
     * @param  list<FieldPath>  $paths
     * @return list<Figure>
     */
    private static function read(Circuit $circuit, array $paths): array
    {
        return array_values(array_filter(array_map(static fn (string $path): ?Figure => $circuit->number($path), $paths)));
    }

    /**
     * @param  list<Figure>  $read
     * @return Figure|null negative over positive sequence, %
     */
    private static function voltages(array $read, Figure $mean, Ledger $ledger): ?Figure
    {
        $unbalance = self::unbalance(MeasuredFigure::VoltageUnbalance, $read, $mean, Standard::NemaMg1->at('14.36'), $ledger);
        [$beta, $share] = self::sequenceShare(array_map(static fn (Figure $f): float => $f->number(), $read));
        $sequence = null;
        if ($share !== null) {
            $sequence = $ledger
                ->work(MeasuredFigure::NegativeSequence)
                ->equals(100 * $share)
                ->as(
                    '√((1 − √(3 − 6 β)) / (1 + √(3 − 6 β)))',
                    'β = '.Show::number($beta).', from fourth powers and squares of the three voltages',
                )
                ->source(Standard::Iec61000_4_30->at())
                ->write();
        } else {
            $ledger->caution(MeasuredFinding::VoltagesNoTriangle)->title('The three line voltages do not form a triangle')
                ->because('They cannot occur at the same time: '.self::list($read).'.')
                ->do('Read them again, one after the other, between the lines.')
                ->source(HowKnown::Definition)
                ->on(MeasuredFigure::Voltage)
                ->about(...self::VOLTS);
        }
        [$caution, $stop] = self::UNBALANCE;
        if ($unbalance->number() > $caution) {
            $grave = $unbalance->number() > $stop;
            $ledger
                ->find($grave ? Grade::Stop : Grade::Caution, MeasuredFinding::VoltageUnbalance)
                ->title('Voltage unbalance '.$unbalance->shown(3))
                ->because(
                    $grave
                        ? 'Above 5 % a motor must not run.'
                        : 'Above 1 % the motor must be derated, and its currents differ by several times as much.',
                )
                ->do('Check for a blown fuse, a loose connection or single-phase loads.')
                ->source(Standard::NemaMg1->at('14.36'))
                ->on(MeasuredFigure::VoltageUnbalance)
                ->about('measure.volts_12');
        }

        return $sequence;
    }

    /**
     * Negative over positive sequence of three line voltages that close a triangle.
     *
     * @param  list<float>  $volts
     * @return array{float, float|null} β of IEC 61000-4-30 (from memory), and the share in parts of one; null where they close none
     */
    public static function sequenceShare(array $volts): array
    {
        $squares = array_map(static fn (float $v): float => $v ** 2, $volts);
        $beta = array_sum(array_map(static fn (float $s): float => $s ** 2, $squares)) / array_sum($squares) ** 2;
        $root = 3 - 6 * $beta;

        return [$beta, $root < 0 ? null : sqrt(max(0.0, (1 - sqrt($root)) / (1 + sqrt($root))))];
    }

    /** @param  list<Figure>  $read */
    private static function unbalance(MeasuredFigure $name, array $read, Figure $meanFigure, Source|string $source, Ledger $ledger): Figure
    {
        $mean = array_sum(array_map(static fn (Figure $f): float => $f->number(), $read)) / 3;
        $worst = $read[0];
        foreach ($read as $figure) {
            if (abs($figure->number() - $mean) > abs($worst->number() - $mean)) {
                $worst = $figure;
            }
        }

        return $ledger->work($name)->from(x: $worst, m: $meanFigure)->as('largest |x − mean| / mean', '|{x} − {m}| ÷ {m}')
            ->equals($mean <= 0 ? 0.0 : 100 * abs($worst->number() - $mean) / $mean)->source($source)->write();
    }

    /**
     * @param  non-empty-list<Figure>  $read
     * @param  Figure|null  $sequence  negative over positive sequence of the voltages, %
     * @return bool whether a line is dead
     */
    private static function currents(Circuit $circuit, array $read, Figure $mean, ?Figure $sequence, Ledger $ledger): bool
    {
        $amps = array_map(static fn (Figure $f): float => $f->number(), $read);
        $dead = (int) array_search(min($amps), $amps, true);
        $others = array_values(array_diff_key($amps, [$dead => 0]));
        $live = ($others[0] + $others[1]) / 2;
        if ($amps[$dead] <= self::DEAD_SHARE * $live) {
            self::lostPhase($dead, $read, $ledger);

            return true;
        }
        $unbalance = self::unbalance(MeasuredFigure::CurrentUnbalance, $read, $mean, 'definition', $ledger);
        $ratio = $circuit->number('plate.start_current_ratio');
        if ($sequence !== null && $ratio !== null) {
            $expected = $ledger
                ->work(MeasuredFigure::CurrentUnbalanceExpected)
                ->from(r: $ratio, v: $sequence)
                ->as('(Ia/In) · V2/V1', '{r} × {v}')
                ->equals($ratio->number() * $sequence->number())
                ->source('common practice, calculated here')
                ->write();
            if ($unbalance->number() > 1.5 * $expected->number() + 3) {
                $ledger->caution(MeasuredFinding::CurrentUnbalance)->title('Current unbalance larger than the voltages explain')
                    ->because('Current unbalance '.$unbalance->shown(3).'; the voltages explain about '.$expected->shown(3).'.')
                    ->do(self::ODD_CURRENT)->source(HowKnown::CommonPractice)
                    ->on(MeasuredFigure::CurrentUnbalance, MeasuredFigure::CurrentUnbalanceExpected)->about(...self::AMPS);
            }
        } elseif ($unbalance->number() > self::CURRENT_UNBALANCE) {
            $ledger->caution(MeasuredFinding::CurrentUnbalance)->title('Current unbalance '.$unbalance->shown(3))
                ->because('Read the three line voltages too: 1 % voltage unbalance gives several percent current unbalance.')
                ->do(self::ODD_CURRENT)->source(HowKnown::CommonPractice)->on(MeasuredFigure::CurrentUnbalance)->about(...self::AMPS);
        }

        return false;
    }

    /** @param  list<Figure>  $read */
    private static function lostPhase(int $dead, array $read, Ledger $ledger): void
    {
        $ledger
            ->stop(MeasuredFinding::SinglePhasing)
            ->title('No current in L'.($dead + 1).': the motor is single-phasing')
            ->because(
                'Near full load the other two lines carry about 1.7 to 2 times rated current, and one winding of a delta even more. At '.
                '40 % load the line current is too low for the relay to trip. The motor will not restart.',
            )
            ->do(
                'Switch off at once. Check for a blown fuse, an open contact or a broken lead before you start it again. Use a '.
                'phase-loss sensitive relay.',
            )
            ->source('common practice, calculated here')
            ->on(MeasuredFigure::Current)
            ->about(self::AMPS[$dead] ?? self::AMPS[0]);
        $ledger->work(MeasuredFigure::PhasesLive)->equals(2)->saying(self::list($read))->source(HowKnown::Measured)->write();
    }

    /** @param  list<Figure>  $read */
    private static function list(array $read): string
    {
        return implode(', ', array_map(static fn (Figure $f): string => $f->shown(), $read));
    }
}
