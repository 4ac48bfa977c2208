<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Measure\Measured;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;

/** The load to correct as instruments show it. */
final class MeasuredLoad
{
    /** @return LoadToCorrect|null null while real or reactive power, or the volts, are not measured */
    public static function of(Circuit $circuit, Motor $motor, Load $load, Measured $measured, Ledger $ledger): ?LoadToCorrect
    {
        if ($measured->real === null || $measured->reactive === null || $measured->voltage === null || $measured->real->number() <= 0) {
            $ledger->missing(
                'measure.method', 'To correct the measured load, enter voltage, current and power under Power.',
            );

            return null;
        }
        $onePhase = $circuit->phases() === 1;
        $power = $ledger->put($measured->real->named(CorrectFigure::LoadPower, 'measured'));
        [$reactive, $distortion] = self::reactive(
            $circuit, $measured->real, $measured->reactive, $measured->voltage, $measured->current, $onePhase, $ledger,
        );
        $known = $onePhase ? null : CalculatedLoad::motor($circuit, $motor, $load, $ledger);

        return new LoadToCorrect(
            $power, $reactive, $measured->voltage,
            CalculatedLoad::current($power, $reactive, $measured->voltage, $onePhase, $distortion, $ledger), null, $onePhase, true,
            $distortion, $known[0] ?? null, $known[1] ?? null, $known[2] ?? null, $load->reactive?->number(),
        );
    }

    /**
     * Part of what looks reactive may be distortion, which no capacitor takes away.
     *
     * @return array{Figure, float} reactive power var, volt-amperes of distortion
     */
    private static function reactive(
        Circuit $circuit,
        Figure $real,
        Figure $apparentReactive,
        Figure $volts,
        ?Figure $current,
        bool $onePhase,
        Ledger $ledger,
    ): array {
        $thd = $circuit->number('measure.current_distortion');
        if ($thd === null || $thd->number() <= 0 || $current === null) {
            return [$ledger->put($apparentReactive->named(CorrectFigure::LoadReactive, 'measured')), 0.0];
        }
        $d = $thd->number() / 100;
        $fundamental = $ledger
            ->work(CorrectFigure::FundamentalCurrent)
            ->from(I: $current, d: $thd)
            ->as('I / √(1 + d²)', '{I} ÷ √(1 + {d}²)')
            ->equals($current->number() / sqrt(1 + $d ** 2))
            ->write();
        $apparent = ($onePhase ? 1.0 : sqrt(3)) * $volts->number() * $fundamental->number();
        $size = sqrt(max(0.0, $apparent ** 2 - $real->number() ** 2));
        $reactive = $ledger
            ->work(CorrectFigure::LoadReactive)
            ->from(I: $fundamental, V: $volts, P: $real)
            ->as('√(S_1² − P²)', '√(('.($onePhase ? '' : '√3 × ').'{V} × {I})² − {P}²)')
            ->equals($apparentReactive->number() < 0 ? -$size : $size)
            ->source('of the fundamental; the voltage is taken as a pure sine')
            ->write();
        $distortion = $ledger
            ->work(CorrectFigure::DistortionPower)
            ->in(Unit::VoltAmpere)
            ->from(I: $fundamental, d: $thd)
            ->as('S_1 d', 'fundamental volt-amperes × {d}')
            ->equals($apparent * $d)
            ->write();

        return [$reactive, $distortion->number()];
    }
}
