<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** A load of one or three phases that is no motor: two of real power, current and power factor give the third. */
final class BenchLoad
{
    /** By how much real power may pass apparent power, and a typed power factor differ, before the readings contradict one another. */
    private const READING_SLACK = 1.005;

    private const FACTOR_SLACK = 0.03;

    public static function solve(Circuit $circuit, Ledger $ledger): Load
    {
        $ledger->block(
            'A bench load has no motor nameplate: its power and its correction are calculated.', Station::Plate, Station::Start,
            Station::Cable, Station::Guard,
        );
        $volts = $circuit->number('supply.voltage');
        if ($volts === null && ! $circuit->bad('supply.voltage')) {
            $ledger->missing('supply.voltage', 'Enter the supply voltage.');
        }
        if ($volts === null || $circuit->bad('bench.power', 'bench.output', 'bench.efficiency', 'bench.current', 'bench.power_factor')) {
            return new Load;
        }
        $volts = $ledger->work(PowerFigure::Voltage)->from(V: $volts)->equals($volts->number())->source(HowKnown::Entered)->write();
        $three = $circuit->phases() === 3;
        $k = $three ? sqrt(3) : 1.0;
        $output = $circuit->number('bench.output');
        $power = self::power($circuit, $output, $ledger);
        $current = $circuit->number('bench.current');
        $factor = $circuit->number('bench.power_factor');
        if (($power !== null && $current !== null && self::contradict($power, $k * $volts->number() * $current->number(), $factor, $ledger))
            || ($current === null && ($factor?->number() === 0.0 || $power?->number() === 0.0) && self::nothingReal($power, $ledger))
            || ($output !== null && $power === null)) {
            return new Load;
        }
        $triple = match (true) {
            $power !== null && $current !== null => self::byPowerAndCurrent($volts, $power, $current, $three, $ledger),
            $power !== null && $factor !== null => self::byPowerAndFactor($volts, $power, $factor, $three, $ledger),
            $current !== null && $factor !== null => self::byCurrentAndFactor($volts, $current, $factor, $three, $ledger),
            default => null,
        };
        $empty = $power === null && $current === null && $factor === null;
        $triple ??= $empty ? self::byWindings($circuit, $volts, $three, $ledger) : null;
        if ($triple === null && $empty && $circuit->chosen('measure.method', MeasuringMethod::class) !== null) {
            $ledger->say(Station::Power, 'Power and current are measured.');

            return new Load;
        }
        if ($triple === null) {
            foreach (['bench.power' => $power, 'bench.current' => $current, 'bench.power_factor' => $factor] as $path => $figure) {
                if ($figure === null) {
                    $ledger->missing($path, 'Enter two of real power, current and power factor.');
                }
            }
            $ledger->say(Station::Power, 'Enter two of real power, current and power factor.');

            return new Load;
        }
        [$input, $apparent, $pf, $amperes] = $triple;
        $sense = $circuit->chosen('bench.sense', Sense::class);
        $size = sqrt(max(0.0, $apparent->number() ** 2 - $input->number() ** 2));
        $sign = $sense === Sense::Leading ? '−' : '';
        $reactive = $ledger->work(PowerFigure::Reactive)->from(S: $apparent, P: $input)
            ->as($sign.'√(S² − P²)', $sign.'√({S}² − {P}²)')->equals($sign === '' ? $size : -$size)->write();
        $ledger->curve(new TriangleCurve($output?->number() ?? $input->number(), $input, $reactive, $apparent, $pf));
        $ledger->say(
            Station::Power,
            'Load: '.$input->shown(3).' and '.Show::quantity($size, Unit::Var, 3).($sense === null ? ' (lagging or leading not specified)' : ', '.
            $sense->value).'. '.$amperes->shown(3).' at power factor '.Show::number($pf->number(), 3).'.',
        );

        return new Load(input: $input, apparent: $apparent, reactive: $reactive, powerFactor: $pf, computedCurrent: $amperes);
    }

    /**
     * What it draws: as typed, else what its shaft gives over its efficiency.
     *
     * @param  Figure|null  $output  at its shaft, W
     * @return Figure|null W; null where nothing tells it
     */
    private static function power(Circuit $circuit, ?Figure $output, Ledger $ledger): ?Figure
    {
        $typed = $circuit->number('bench.power')?->named(PowerFigure::Input, 'entered', 'Real power');
        if ($output === null) {
            return $typed;
        }
        $ledger->work(PowerFigure::Output)->from(P: $output)->equals($output->number())->source(HowKnown::Entered)->write();
        $efficiency = $circuit->number('bench.efficiency');
        if ($efficiency === null) {
            if ($typed === null) {
                $ledger->missing('bench.efficiency', 'Enter the efficiency: the load draws its shaft output divided by it.');
                $ledger->say(Station::Power, 'Enter the efficiency.');
            } elseif ($typed->number() < $output->number()) {
                $ledger->error(
                    'bench.output', $output->shown().' is more than the '.$typed->shown().' that the load draws.',
                    'Enter less shaft output, or more real power.',
                );
            }

            return $typed;
        }
        $share = $efficiency->number() / 100;
        if ($typed !== null && abs($output->number() / $share / $typed->number() - 1) > self::FACTOR_SLACK) {
            $ledger->error(
                'bench.efficiency', 'Shaft output and real power give an efficiency of '.
                    Show::quantity(100 * $output->number() / $typed->number(), Unit::Percent, 3).'.',
                'Leave one of the three empty.',
            );
        }

        return $typed ?? Figure::work(PowerFigure::Input)->labelled('Real power')->from(P: $output, eta: $efficiency)
            ->as('P_out / η', '{P} ÷ {eta}')->equals($output->number() / $share)->make();
    }

    /**
     * Without real power nothing but a current says how large a load is.
     *
     * @param  Figure|null  $power  W
     */
    private static function nothingReal(?Figure $power, Ledger $ledger): bool
    {
        if ($power !== null && $power->number() > 0) {
            $ledger->error('bench.power_factor', 'With a power factor of 0 a load takes no real power.', 'Enter its power factor, or 0 W.');
        } else {
            $ledger->missing('bench.current', 'Enter the current: a load without real power is known by its current alone.');
        }
        $ledger->say(Station::Power, 'No result: enter the current of the load.');

        return true;
    }

    /** @return array{Figure, Figure, Figure, Figure} real power W, apparent power VA, power factor, current A */
    private static function byPowerAndCurrent(Figure $volts, Figure $power, Figure $current, bool $three, Ledger $ledger): array
    {
        $amperes = $ledger->put($current->named(PowerFigure::ComputedCurrent, 'entered', 'Current'));
        $input = $ledger->put($power);
        $apparent = self::apparent($volts, $amperes, $three, $ledger);
        $factor = $ledger->work(PowerFigure::PowerFactor)->from(P: $input, S: $apparent)->as('P / S', '{P} ÷ {S}')
            ->equals(min(1.0, $input->number() / $apparent->number()))->write();

        return [$input, $apparent, $factor, $amperes];
    }

    /** @return array{Figure, Figure, Figure, Figure} */
    private static function byPowerAndFactor(Figure $volts, Figure $power, Figure $typed, bool $three, Ledger $ledger): array
    {
        $input = $ledger->put($power);
        $factor = $ledger->put($typed->named(PowerFigure::PowerFactor, 'entered'));
        $apparent = $ledger
            ->work(PowerFigure::Apparent)
            ->from(P: $input, pf: $factor)
            ->as('P_in / cos φ', '{P} ÷ {pf}')
            ->equals($input->number() / $factor->number())
            ->write();

        return [$input, $apparent, $factor, self::current($volts, $apparent, $three, $ledger)];
    }

    /** @return array{Figure, Figure, Figure, Figure} */
    private static function byCurrentAndFactor(Figure $volts, Figure $current, Figure $typed, bool $three, Ledger $ledger): array
    {
        $amperes = $ledger->put($current->named(PowerFigure::ComputedCurrent, 'entered', 'Current'));
        $factor = $ledger->put($typed->named(PowerFigure::PowerFactor, 'entered'));
        $apparent = self::apparent($volts, $amperes, $three, $ledger);
        $input = self::real($apparent, $factor, $ledger);

        return [$input, $apparent, $factor, $amperes];
    }

    /** @return array{Figure, Figure, Figure, Figure}|null of heaters or windings; null where nothing is typed of them */
    private static function byWindings(Circuit $circuit, Figure $volts, bool $three, Ledger $ledger): ?array
    {
        $apparent = Windings::apparent($circuit, $volts, $ledger);
        if ($apparent === null) {
            return null;
        }
        $factor = $ledger->put(Windings::powerFactor($circuit)->named(PowerFigure::PowerFactor, 'of each winding'));
        $input = self::real($apparent, $factor, $ledger);

        return [$input, $apparent, $factor, self::current($volts, $apparent, $three, $ledger)];
    }

    private static function real(Figure $apparent, Figure $factor, Ledger $ledger): Figure
    {
        return $ledger->work(PowerFigure::Input)->labelled('Real power')->from(S: $apparent, pf: $factor)->as('S cos φ', '{S} × {pf}')
            ->equals($apparent->number() * $factor->number())->write();
    }

    private static function current(Figure $volts, Figure $apparent, bool $three, Ledger $ledger): Figure
    {
        return $ledger
            ->work(PowerFigure::ComputedCurrent)
            ->labelled('Current')
            ->from(S: $apparent, V: $volts)
            ->as($three ? 'S / (√3 V)' : 'S / V', $three ? '{S} ÷ (√3 × {V})' : '{S} ÷ {V}')
            ->equals($apparent->number() / (($three ? sqrt(3) : 1.0) * $volts->number()))
            ->write();
    }

    private static function apparent(Figure $volts, Figure $amperes, bool $three, Ledger $ledger): Figure
    {
        return $ledger
            ->work(PowerFigure::Apparent)
            ->from(V: $volts, I: $amperes)
            ->as($three ? '√3 V I' : 'V I', ($three ? '√3 × ' : '').'{V} × {I}')
            ->equals(($three ? sqrt(3) : 1.0) * $volts->number() * $amperes->number())
            ->write();
    }

    /** @return bool whether real power is more than there can be */
    private static function contradict(Figure $power, float $apparent, ?Figure $factor, Ledger $ledger): bool
    {
        if ($power->number() > $apparent * self::READING_SLACK) {
            $ledger->error(
                'bench.power',
                $power->shown().' is more than volts times amperes, '.Show::quantity($apparent, Unit::VoltAmpere).
                    '. Real power is never more than apparent power.',
                'Enter less real power, or more current.',
            );

            return true;
        }
        if ($factor !== null && abs($factor->number() - $power->number() / $apparent) > self::FACTOR_SLACK) {
            $ledger->error(
                'bench.power_factor',
                'Power and current give a power factor of '.Show::number($power->number() / $apparent, 3).'.',
                'Leave one of the three empty.',
            );
        }

        return false;
    }
}
