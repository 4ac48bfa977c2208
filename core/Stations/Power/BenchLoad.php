<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
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
        if ($volts === null || $circuit->bad('bench.power', 'bench.current', 'bench.power_factor')) {
            return new Load;
        }
        $volts = $ledger->work(PowerFigure::Voltage)->from(V: $volts)->equals($volts->number())->source('entered')->write();
        $three = $circuit->phases() === 3;
        $k = $three ? sqrt(3) : 1.0;
        $power = $circuit->number('bench.power');
        $current = $circuit->number('bench.current');
        $factor = $circuit->number('bench.power_factor');
        if (
            $power !== null &&
            $current !== null &&
            self::contradict($power, $k * $volts->number() * $current->number(), $factor, $ledger)
        ) {
            return new Load();
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
        $reactive = $ledger->work(PowerFigure::Reactive)->from(S: $apparent, P: $input)->as('√(S² − P²)', '√({S}² − {P}²)')
            ->equals(sqrt(max(0.0, $apparent->number() ** 2 - $input->number() ** 2)))->write();
        $sense = $circuit->chosen('bench.sense', Sense::class);
        $ledger->curve(new TriangleCurve($input->number(), $input, $reactive, $apparent, $pf));
        $ledger->say(
            Station::Power,
            'Load: '.$input->shown(3).' and '.$reactive->shown(3).($sense === null ? ' (lagging or leading not specified)' : ', '.
            $sense->value).'. '.$amperes->shown(3).' at power factor '.Show::number($pf->number(), 3).'.',
        );

        return new Load(input: $input, apparent: $apparent, reactive: $reactive, powerFactor: $pf, computedCurrent: $amperes);
    }

    /** @return array{Figure, Figure, Figure, Figure} real power W, apparent power VA, power factor, current A */
    private static function byPowerAndCurrent(Figure $volts, Figure $power, Figure $current, bool $three, Ledger $ledger): array
    {
        $amperes = $ledger->put($current->named(PowerFigure::ComputedCurrent, 'entered', 'Current'));
        $input = $ledger->put($power->named(PowerFigure::Input, 'entered', 'Real power'));
        $apparent = self::apparent($volts, $amperes, $three, $ledger);
        $factor = $ledger->work(PowerFigure::PowerFactor)->from(P: $input, S: $apparent)->as('P / S', '{P} ÷ {S}')
            ->equals(min(1.0, $input->number() / $apparent->number()))->write();

        return [$input, $apparent, $factor, $amperes];
    }

    /** @return array{Figure, Figure, Figure, Figure} */
    private static function byPowerAndFactor(Figure $volts, Figure $power, Figure $typed, bool $three, Ledger $ledger): array
    {
        $input = $ledger->put($power->named(PowerFigure::Input, 'entered', 'Real power'));
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
            ->as($three ? 'S / (√3 V)' : 'S / V', '{S} ÷ ('.($three ? '√3 × ' : '').'{V})')
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
