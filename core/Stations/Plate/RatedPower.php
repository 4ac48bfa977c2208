<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\Practice;

/**
 * Output, efficiency and power factor. What the plate leaves out comes, in this order, from the other values, from the
 * efficiency class, from typical data; each way is marked.
 */
final readonly class RatedPower
{
    /** Derived values outside these belong to no motor. */
    private const LEAST = 0.25;

    private const MOST = 0.99;

    /** Output over stamped volt-amperes above which it is another unit, and below which that unit would not be meant either. */
    /** Power factor and efficiency of a motor of which nothing is stamped, for a rough comparison. Common practice. */
    private const USUAL = 0.87;

    private const FAR_ABOVE = 3.0;

    private const FAR_BELOW = 0.1;

    private const SIZED = [Station::Cable, Station::Guard, Station::Correct];

    /** @param  bool  $onePhase  whether nothing that is typical of three phases holds */
    public function __construct(private Practice $practice, private bool $onePhase)
    {
    }

    public function solve(
        Circuit $circuit,
        ?Supplied $supplied,
        ?Figure $current,
        Turning $turning,
        ?Figure $frequency,
        Ledger $ledger,
    ): RatedValues {
        $volts = $supplied?->ratedVoltage;
        $output = self::output($circuit, $volts, $current, $ledger);
        $efficiency = $this->efficiency($circuit, $output, $volts, $current, $turning, $frequency, $ledger);
        $factor = $this->powerFactor($circuit, $output, $efficiency, $volts, $current, $turning, $ledger);

        return new RatedValues($output, $efficiency, $factor);
    }

    /** In a formula, in front of V. */
    private static function root(Circuit $circuit): string
    {
        return $circuit->phases() === 1 ? '' : '√3 ';
    }

    private static function output(Circuit $circuit, ?Figure $volts, ?Figure $amperes, Ledger $ledger): ?Figure
    {
        $power = $circuit->stamp('plate.power', Power::class);
        if ($power !== null && self::isOfNoMotor($circuit, $power, $volts, $amperes, $ledger)) {
            return null;
        }
        if ($power !== null) {
            return $ledger
                ->work(PlateFigure::Output)
                ->typedIn('plate.power')
                ->equals($power->watts)
                ->saying($power->echo())
                ->source($power->unit === 'hp' ? 'nameplate; 1 hp = 746 W in code practice' : 'nameplate')
                ->assuming($circuit->assumed('plate.power'))
                ->write();
        }
        if ($circuit->bad('plate.power')) {
            return null;
        }
        $factor = $circuit->number('plate.power_factor');
        $efficiency = $circuit->number('plate.efficiency');
        if ($volts !== null && $amperes !== null && $factor !== null && $efficiency !== null) {
            return $ledger->work(PlateFigure::Output)->from(V: $volts, I: $amperes, pf: $factor, eta: $efficiency)
                ->as(self::root($circuit).'V I cos φ η', $circuit->phaseFactorText().'{V} × {I} × {pf} × {eta}')
                ->equals($circuit->phaseFactor() * $volts->number() * $amperes->number() * $factor->number() * $efficiency->number())
                ->source('derived from the other nameplate values')->write();
        }
        $ledger->missing('plate.power', 'Enter the rated output.');

        return null;
    }

    /** Far more output than the stamped volt-amperes: another unit was meant, and nothing is sized on it. */
    private static function isOfNoMotor(Circuit $circuit, Power $power, ?Figure $volts, ?Figure $amperes, Ledger $ledger): bool
    {
        if ($volts === null || $amperes === null) {
            return false;
        }
        $apparent = $circuit->phaseFactor() * $volts->number() * $amperes->number();
        if ($power->watts <= self::FAR_ABOVE * $apparent) {
            return false;
        }
        $watts = $power->watts / ($power->unit === 'hp' ? Power::HORSEPOWER : 1000.0);
        $meant = $watts > self::FAR_BELOW * $apparent && $watts <= $apparent
            ? ' Is it '.Show::quantity($watts, Unit::Watt).', in watts?' : '';
        $ledger->error(
            'plate.power',
            $power->echo().' cannot be the output: '.$amperes->shown().' at '.$volts->shown().' is only '.
                Show::quantity($apparent, Unit::VoltAmpere, 3).'.'.($meant !== '' ? $meant : WhatFits::say(
                    $circuit, $volts->number(), $amperes->number(), self::usualCurrent($circuit, $power, $volts->number()),
                )),
            'Enter the output with its unit, such as 5500 W, 5.5 kW or 7.5 hp.',
        );
        $ledger->block('No result: the output does not match the stamped current.', ...self::SIZED);

        return true;
    }

    /** What such an output takes, by what is stamped or usual, A. */
    private static function usualCurrent(Circuit $circuit, Power $power, float $volts): float
    {
        return $power->watts / ($circuit->phaseFactor() * $volts * ($circuit->number('plate.power_factor')?->number() ?? self::USUAL)
            * ($circuit->number('plate.efficiency')?->number() ?? self::USUAL));
    }

    private function efficiency(
        Circuit $circuit,
        ?Figure $output,
        ?Figure $volts,
        ?Figure $amperes,
        Turning $turning,
        ?Figure $frequency,
        Ledger $ledger,
    ): ?Figure {
        if ($circuit->bad('plate.efficiency', 'plate.efficiency_class', 'plate.power')) {
            return null;
        }
        $typed = $circuit->number('plate.efficiency');
        if ($typed !== null) {
            return $ledger
                ->work(PlateFigure::Efficiency)
                ->from(eta: $typed)
                ->equals($typed->number())
                ->saying(Show::number($typed->number() * 100).' %')
                ->source(HowKnown::Nameplate)
                ->write();
        }
        if ($output === null) {
            return null;
        }
        $factor = $circuit->number('plate.power_factor');
        if ($factor !== null && $amperes !== null && $volts !== null) {
            $value = $output->number() / ($circuit->phaseFactor() * $volts->number() * $amperes->number() * $factor->number());
            if ($value < self::LEAST || $value > self::MOST) {
                $ledger->error(
                    'plate.efficiency',
                    'Output, voltage, current and power factor give an efficiency of '.Show::number(100 * $value, 3).
                    ' %: they do not belong together.',
                    'Enter the stamped efficiency, or check the other four.',
                );

                return null;
            }

            return $ledger
                ->work(PlateFigure::Efficiency)
                ->from(P: $output, V: $volts, I: $amperes, pf: $factor)
                ->as('P / ('.self::root($circuit).'V I cos φ)', '{P} ÷ ('.$circuit->phaseFactorText().'{V} × {I} × {pf})')
                ->equals($value)
                ->source('derived from the other nameplate values')
                ->write();
        }
        if ($this->onePhase) {
            return $this->onePhaseEfficiency($circuit, $output, $volts, $amperes, $ledger);
        }
        $class = $circuit->word('plate.efficiency_class');
        if ($class !== null) {
            if ($turning->poles === null) {
                return null;
            }
            $classes = $this->practice->efficiencyClasses();
            $hertz = $frequency?->number() ?? 50.0;
            $poles = (int) $turning->poles->number();
            $value = $classes->nominal($class, $output->number(), $poles, $hertz);
            if ($value !== null) {
                return $ledger
                    ->work(PlateFigure::Efficiency)
                    ->as(
                        'table',
                        $class.', '.$output->shown().', '.$turning->poles->shown().' poles: '.Show::number($value).' %',
                    )
                    ->equals($value / 100)
                    ->source($classes->cited($hertz))
                    ->doubted($classes->doubt($class, $output->number(), $poles, $hertz))
                    ->assuming('efficiency: nominal value of '.$class)
                    ->write();
            }
        }
        $usual = $this->practice->typicalMotor();
        $typical = $usual->efficiency($output->number());
        if ($typical !== null) {
            return $ledger
                ->work(PlateFigure::Efficiency)
                ->as('typical', Show::number($typical).' % for '.$output->shown())
                ->equals($typical / 100)
                ->source($usual->cited())
                ->assuming('a typical efficiency of a 4-pole motor')
                ->write();
        }
        $ledger->missing(
            'plate.efficiency',
            'Enter the efficiency: there is no typical value for this output.',
        );

        return null;
    }

    /** By current and a typical power factor where the plate has a current: efficiency and power factor are hardly ever stamped. */
    private function onePhaseEfficiency(Circuit $circuit, Figure $output, ?Figure $volts, ?Figure $amperes, Ledger $ledger): ?Figure
    {
        $usual = $this->practice->typicalSinglePhase();
        $typical = $usual->efficiency($output->number());
        $factor = $this->onePhaseFactor($circuit, $output);
        if ($typical === null || $factor === null) {
            $ledger->missing(
                'plate.efficiency', 'Enter the efficiency: there is no typical value for a single-phase motor of this output.',
            );

            return null;
        }
        $value = $amperes === null || $volts === null ? 0.0
            : $output->number() / ($volts->number() * $amperes->number() * $factor);
        if ($amperes !== null && $volts !== null && $value >= self::LEAST && $value <= self::MOST) {
            return $ledger
                ->work(PlateFigure::Efficiency)
                ->from(P: $output, V: $volts, I: $amperes)
                ->as('P / (V I cos φ)', '{P} ÷ ({V} × {I} × '.Show::number($factor, 3).')')
                ->equals($value)
                ->source($usual->cited())
                ->assuming('a typical power factor of '.Show::number($factor, 3))
                ->write();
        }

        return $ledger
            ->work(PlateFigure::Efficiency)
            ->as('typical', Show::number($typical).' % for '.$output->shown())
            ->equals($typical / 100)
            ->source($usual->cited())
            ->assuming('a typical efficiency of a single-phase motor')
            ->write();
    }

    private function onePhaseFactor(Circuit $circuit, Figure $output): ?float
    {
        return $this->practice->typicalSinglePhase()->powerFactor($output->number(), OnePhaseStart::hasRunCapacitor($circuit));
    }

    private function powerFactor(
        Circuit $circuit,
        ?Figure $output,
        ?Figure $efficiency,
        ?Figure $volts,
        ?Figure $amperes,
        Turning $turning,
        Ledger $ledger,
    ): ?Figure {
        $typed = $circuit->number('plate.power_factor');
        if ($typed !== null) {
            return $ledger->work(PlateFigure::PowerFactor)->from(pf: $typed)->equals($typed->number())
                ->source(HowKnown::Nameplate)->write();
        }
        if ($circuit->bad('plate.power_factor') || $output === null || $efficiency === null) {
            return null;
        }
        if ($amperes !== null && $volts !== null) {
            $value = $output->number() / ($circuit->phaseFactor() * $volts->number() * $amperes->number() * $efficiency->number());
            if ($value >= self::LEAST && $value <= self::MOST) {
                return $ledger
                    ->work(PlateFigure::PowerFactor)
                    ->from(P: $output, V: $volts, I: $amperes, eta: $efficiency)
                    ->as('P / ('.self::root($circuit).'V I η)', '{P} ÷ ('.$circuit->phaseFactorText().'{V} × {I} × {eta})')
                    ->equals($value)
                    ->source('derived from the other nameplate values')
                    ->write();
            }
            if (! $efficiency->assumed()) {
                $ledger->error(
                    'plate.power_factor',
                    'Output, voltage, current and efficiency give a power factor of '.Show::number($value, 3).
                    ': they do not belong together.',
                    'Enter the stamped power factor, or check the other four.',
                );

                return null;
            }
        }
        $poles = $turning->poles === null ? null : (int) $turning->poles->number();
        $usual = $this->onePhase ? $this->practice->typicalSinglePhase() : $this->practice->typicalMotor();
        $typical = $this->onePhase ? $this->onePhaseFactor($circuit, $output)
            : $this->practice->typicalMotor()->powerFactor($output->number(), $poles);
        if ($typical !== null) {
            return $ledger
                ->work(PlateFigure::PowerFactor)
                ->as('typical', Show::number($typical, 3).' for '.$output->shown())
                ->equals($typical)
                ->source($usual->cited())
                ->assuming('a typical power factor'.match (true) {
                    $this->onePhase => ' of a single-phase motor', $poles === null => ' of a 4-pole motor', default => '',
                })
                ->write();
        }
        $ledger->missing(
            'plate.power_factor',
            'Enter the power factor: there is no typical value for this output.',
        );

        return null;
    }
}
