<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FigureBuilder;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\ApproximateLoad;
use BraveAnvil\Stations\Power\Load;

/** How much of its output a running motor gives: by power, by slip, by current, each with how sure it is. */
final class LoadFraction
{
    /** Percent by which each way may be off. Common practice. */
    private const SURE_BY_POWER = 5;

    private const SURE_BY_SLIP = 20;

    private const SURE_BY_CURRENT = 10;

    /** Percent of load below which current tells nothing. */
    private const LEAST_BY_CURRENT = 50;

    public static function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        ?Figure $real,
        ?Figure $voltage,
        ?Figure $current,
        Ledger $ledger,
    ): void {
        if ($load->output === null) {
            return;
        }
        self::byPower($load->output, $load->input, $real, $ledger);
        self::bySlip($circuit, $motor, $voltage, $ledger);
        self::byCurrent($circuit, $load, $current, $ledger);
    }

    private static function byPower(Figure $output, ?Figure $input, ?Figure $real, Ledger $ledger): void
    {
        if ($real === null || $input === null || $real->number() <= 0) {
            return;
        }
        // P = x P_n + losses (0.4 + 0.6 x²), solved for x.
        $losses = $input->number() - $output->number();
        [$a, $b, $c] = [
            ApproximateLoad::LOAD_LOSSES * $losses,
            $output->number(),
            ApproximateLoad::CONSTANT_LOSSES * $losses - $real->number(),
        ];
        if ($c > 0) {
            $ledger->work(MeasuredFigure::LoadByPower)->from(P: $real)->saying('{P} is no more than the motor takes at no load')
                ->equals(0.0)
                ->source('approximation')->assuming('part-load losses are an approximation')->write();

            return;
        }
        $share = 100 * ($a > 0 ? (-$b + sqrt($b ** 2 - 4 * $a * $c)) / (2 * $a) : -$c / $b);
        self::write(
            $ledger
                ->work(MeasuredFigure::LoadByPower)
                ->from(P: $real, n: $output)
                ->as('x P_n + losses (0.4 + 0.6 x²) = P', 'from {P}, output {n}, losses '.Show::quantity($losses, Unit::Watt))
                ->equals($share)
                ->assuming('part-load losses are an approximation'),
            self::SURE_BY_POWER, MeasuredFigure::LoadByPowerLow, MeasuredFigure::LoadByPowerHigh, $ledger,
        );
    }

    private static function bySlip(Circuit $circuit, Motor $motor, ?Figure $volts, Ledger $ledger): void
    {
        $speed = $circuit->number('measure.speed');
        $synchronous = $motor->synchronousSpeed;
        $rated = $motor->speed;
        $frequency = $circuit->number('supply.frequency');
        $own = $motor->frequency;
        if (
            $speed === null ||
            $synchronous === null ||
            $rated === null ||
            $frequency === null ||
            $own === null ||
            abs($frequency->number() - $own->number()) > 0.5
        ) {
            return;
        }
        if ($speed->number() > $synchronous->number() + 0.5 || $speed->number() < 0.75 * $synchronous->number()) {
            $ledger->error(
                'measure.speed',
                $speed->shown().' is '.($speed->number() > $synchronous->number() ? 'above the synchronous speed, '.$synchronous->shown().
                    ': the motor would generate.' : 'far below rated speed: the motor is not running normally.'),
                'Enter a speed between rated and synchronous speed.',
            );

            return;
        }
        $plate = $motor->ratedVoltage();
        $share = ($synchronous->number() - $speed->number()) / ($synchronous->number() - $rated->number());
        $from = ['ns' => $synchronous, 'n' => $speed, 'nn' => $rated];
        $formula = '(n_s − n) / (n_s − n_n)';
        $working = '({ns} − {n}) ÷ ({ns} − {nn})';
        if ($volts !== null && $plate !== null) {
            $share *= ($volts->number() / $plate->number()) ** 2;
            $formula .= ' · (V / V_n)²';
            $working .= ' × ({V} ÷ {Vn})²';
            $from += ['V' => $volts, 'Vn' => $plate];
        }
        self::write(
            $ledger
                ->work(MeasuredFigure::LoadBySlip)
                ->from(...$from)
                ->as($formula, $working)
                ->equals(100 * $share)
                ->assuming($volts === null ? 'rated voltage at its terminals' : null),
            self::SURE_BY_SLIP, MeasuredFigure::LoadBySlipLow, MeasuredFigure::LoadBySlipHigh, $ledger,
        );
    }

    private static function byCurrent(Circuit $circuit, Load $load, ?Figure $current, Ledger $ledger): void
    {
        $rated = $load->ratedCurrent();
        $idle = $circuit->number('plate.no_load_current') ?? $load->noLoadCurrent;
        if ($current === null || $rated === null || $idle === null || $idle->number() >= $rated->number()) {
            return;
        }
        $square = $current->number() ** 2 - $idle->number() ** 2;
        $share = $square <= 0 ? 0.0 : 100 * sqrt($square / ($rated->number() ** 2 - $idle->number() ** 2));
        if ($share < self::LEAST_BY_CURRENT) {
            $ledger->note(MeasuredFinding::LoadNotByCurrent)->title('Load cannot be found from the current')
                ->because($current->shown().' is mostly magnetising current; below half load it hardly changes.')
                ->do('Measure power or speed instead.')->source(HowKnown::CommonPractice)
                ->on(MeasuredFigure::Current)->about('measure.amps_1');

            return;
        }
        self::write($ledger->work(MeasuredFigure::LoadByCurrent)->from(I: $current, I0: $idle, In: $rated)
            ->as('√((I² − I_0²) / (I_n² − I_0²))', '√(({I}² − {I0}²) ÷ ({In}² − {I0}²))')->equals($share),
            self::SURE_BY_CURRENT, MeasuredFigure::LoadByCurrentLow, MeasuredFigure::LoadByCurrentHigh, $ledger);
    }

    private static function write(FigureBuilder $builder, int $sure, MeasuredFigure $low, MeasuredFigure $high, Ledger $ledger): void
    {
        $figure = $builder->source('approximation; within ±'.$sure.' %')->write();
        $band = Show::quantity($sure, Unit::Percent);
        $ledger
            ->work($low)
            ->from(x: $figure)
            ->as('x (1 − ±)', '{x} minus '.$band)
            ->equals($figure->number() * (1 - $sure / 100))
            ->source(HowKnown::CommonPractice)
            ->write();
        $ledger
            ->work($high)
            ->from(x: $figure)
            ->as('x (1 + ±)', '{x} plus '.$band)
            ->equals($figure->number() * (1 + $sure / 100))
            ->source(HowKnown::CommonPractice)
            ->write();
    }
}
