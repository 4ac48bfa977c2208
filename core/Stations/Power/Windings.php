<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Choice\WindingJoin;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Unit;

/** Three equal windings or heating elements in star and in delta on the same supply, and what an ohmmeter reads of them. */
final class Windings
{
    /** Volts over the rating of an element above which it burns. */
    private const OVERVOLTAGE = 1.1;

    public static function solve(Circuit $circuit, Ledger $ledger): void
    {
        $impedance = self::impedance($circuit, $ledger);
        $volts = $circuit->number('supply.voltage');
        if ($impedance === null || $volts === null || $circuit->phases() !== 3) {
            return;
        }
        $factor = self::powerFactor($circuit);
        $each = $ledger
            ->work(WindingFigure::StarVoltage)
            ->from(V: $volts)
            ->as('V / √3', '{V} ÷ √3')
            ->equals($volts->number() / sqrt(3))
            ->write();
        $ledger->put($volts->named(WindingFigure::DeltaVoltage, 'delta: each winding gets the line voltage'));
        $star = $ledger
            ->work(WindingFigure::StarCurrent)
            ->from(V: $volts, Z: $impedance)
            ->as('V / (√3 Z)', '{V} ÷ (√3 × {Z})')
            ->equals($volts->number() / (sqrt(3) * $impedance->number()))
            ->write();
        $delta = $ledger
            ->work(WindingFigure::DeltaWindingCurrent)
            ->from(V: $volts, Z: $impedance)
            ->as('V / Z', '{V} ÷ {Z}')
            ->equals($volts->number() / $impedance->number())
            ->write();
        $line = $ledger
            ->work(WindingFigure::DeltaLineCurrent)
            ->from(I: $delta)
            ->as('√3 V / Z', '√3 × {I}')
            ->equals(sqrt(3) * $delta->number())
            ->write();
        self::powers(WindingFigure::StarPower, WindingFigure::StarReactive, $volts, $star, $factor, $ledger);
        self::powers(WindingFigure::DeltaPower, WindingFigure::DeltaReactive, $volts, $line, $factor, $ledger);
        self::burns(PowerFinding::ElementBurnsInStar, 'star', 'to a lower voltage.', WindingFigure::StarPower, $circuit, $each, $ledger);
        self::burns(PowerFinding::ElementBurnsInDelta, 'delta', 'in star.', WindingFigure::DeltaPower, $circuit, $volts, $ledger);
        $ledger
            ->note(PowerFinding::WindingsThreeTimes)
            ->title('Delta takes three times as much')
            ->because(
                'Line current and power in delta are three times those in star: for heaters, and for a motor at the same slip, such as '.
                'at standstill. A running motor draws the power its load needs, in either connection; but in star it has only one third '.
                'of its torque and overheats under full load.',
            )
            ->do('Isolate and prove dead before moving a link.')
            ->source(HowKnown::Definition)
            ->on(WindingFigure::StarPower, WindingFigure::DeltaPower);
    }

    private static function powers(
        WindingFigure $real,
        WindingFigure $reactive,
        Figure $volts,
        Figure $current,
        Figure $factor,
        Ledger $ledger,
    ): void {
        $apparent = sqrt(3) * $volts->number() * $current->number();
        $ledger
            ->work($real)
            ->from(V: $volts, I: $current, pf: $factor)
            ->as('√3 V I cos φ', '√3 × {V} × {I} × {pf}')
            ->equals($apparent * $factor->number())
            ->write();
        $ledger
            ->work($reactive)
            ->from(V: $volts, I: $current, pf: $factor)
            ->as('√3 V I √(1 − cos² φ)', '√3 × {V} × {I} × √(1 − {pf}²)')
            ->equals($apparent * sqrt(max(0.0, 1 - $factor->number() ** 2)))
            ->write();
    }

    private static function burns(
        PowerFinding $code,
        string $name,
        string $instead,
        WindingFigure $power,
        Circuit $circuit,
        Figure $voltage,
        Ledger $ledger,
    ): void {
        $rated = $circuit->number('windings.element_voltage');
        if ($rated === null || $voltage->number() <= self::OVERVOLTAGE * $rated->number()) {
            return;
        }
        $ledger
            ->stop($code)
            ->title('In '.$name.' each element would get '.$voltage->shown())
            ->because(
                'It is rated '.$rated->shown().': it would give '.number_format(($voltage->number() / $rated->number()) ** 2, 1).
                ' times its power and burn out.',
            )
            ->do('Connect it '.$instead)
            ->source('P = V² / Z')
            ->on($power)
            ->about('windings.element_voltage');
    }

    /**
     * Volt-amperes of the windings as they are connected, with one phase of one alone.
     *
     * @return Figure|null VA; null where nothing is typed of them, or how they are connected is not
     */
    public static function apparent(Circuit $circuit, Figure $volts, Ledger $ledger): ?Figure
    {
        // The figures of the windings themselves are written in their own turn.
        $each = self::impedance($circuit, new Ledger);
        if ($each === null) {
            return null;
        }
        $one = $circuit->phases() === 1;
        $joined = $circuit->chosen('windings.connected', WindingJoin::class);
        if (! $one && $joined === null) {
            $ledger->missing('windings.connected', 'Choose star or delta to get the power.');

            return null;
        }
        $times = $one || $joined === WindingJoin::Star ? 1.0 : 3.0;

        return $ledger->work(PowerFigure::Apparent)->from(V: $volts, Z: $each)
            ->as($times > 1 ? '3 V² / Z' : 'V² / Z', ($times > 1 ? '3 × ' : '').'{V}² ÷ {Z}')
            ->equals($times * $volts->number() ** 2 / $each->number())
            ->source($one ? 'one winding across the line' : 'windings in '.$joined->value)->write();
    }

    /** Of each winding, per unit: as typed, else that of a heater. */
    public static function powerFactor(Circuit $circuit): Figure
    {
        return $circuit->number('windings.power_factor')
            ?? Figure::typed('windings.power_factor', 'Power factor of a winding', 1.0, Unit::None, 'windings without reactance');
    }

    private static function impedance(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $typed = $circuit->number('windings.impedance');
        $power = $circuit->number('windings.element_power');
        $volts = $circuit->number('windings.element_voltage');
        $ohms = $circuit->number('windings.terminal_resistance');
        $connected = $circuit->chosen('windings.connected', WindingJoin::class);
        if ($ohms !== null && $connected === null) {
            $ledger->missing('windings.connected', 'Enter how the windings were connected during the ohmmeter reading.');
        }
        if ($power !== null && $volts === null && ! $circuit->bad('windings.element_voltage')) {
            $ledger->missing('windings.element_voltage', 'Enter the voltage rating of one element.');
        }
        $element =
            $power === null || $volts === null
                ? null
                : Figure::work(WindingFigure::Each)
                    ->labelled('Each element')
                    ->from(V: $volts, P: $power)
                    ->as('V² / P', '{V}² ÷ {P}')
                    ->equals($volts->number() ** 2 / $power->number())
                    ->source('rating of the element')
                    ->make();
        $each = $typed?->named(WindingFigure::Each, 'entered') ?? ($element ?? self::read($ohms, $connected));
        if ($each === null) {
            return null;
        }
        if ($typed !== null && $element !== null && abs($element->number() / $typed->number() - 1) > 0.1) {
            $ledger->error('windings.impedance', 'The rating of the element gives '.$element->shown().'.', 'Leave one of the two empty.');

            return null;
        }
        $ledger->put($each);
        $ledger->work(WindingFigure::OhmsStar)->from(Z: $each)->as('2 Z', '2 × {Z}')->equals(2 * $each->number())
            ->source('two in series; for windings its resistance, not Z')->write();
        $ledger->work(WindingFigure::OhmsDelta)->from(Z: $each)->as('2 Z / 3', '2 × {Z} ÷ 3')->equals(2 * $each->number() / 3)
            ->source('one in parallel with two in series; for windings its resistance, not Z')->write();

        return $each;
    }

    private static function read(?Figure $ohms, ?WindingJoin $connected): ?Figure
    {
        if ($ohms === null || $connected === null) {
            return null;
        }

        return $connected === WindingJoin::Star
            ? Figure::work(WindingFigure::Each)
                ->from(R: $ohms)
                ->as('R / 2', '{R} ÷ 2')
                ->equals($ohms->number() / 2)
                ->source('star: two in series')
                ->make()
            : Figure::work(WindingFigure::Each)
                ->from(R: $ohms)
                ->as('3 R / 2', '1.5 × {R}')
                ->equals(1.5 * $ohms->number())
                ->source('delta: one in parallel with two in series')
                ->make();
    }
}
