<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;

/** Volts to the neutral, amperes and the angle between them in each of three lines: the sum of three phasors, balanced or not. */
final class PhaseAngles
{
    private const ANGLES = ['measure.angle_1', 'measure.angle_2', 'measure.angle_3'];

    private const VOLTS = ['measure.phase_volts_1', 'measure.phase_volts_2', 'measure.phase_volts_3'];

    private const AMPS = ['measure.amps_1', 'measure.amps_2', 'measure.amps_3'];

    private const FACTORS = [MeasuredFigure::PowerFactor1, MeasuredFigure::PowerFactor2, MeasuredFigure::PowerFactor3];

    public static function solve(PowerReading $reading): void
    {
        $reading->wanted(...self::VOLTS, ...self::AMPS, ...self::ANGLES);
        $from = [];
        foreach ([0, 1, 2] as $line) {
            $volts = $reading->circuit->number(self::VOLTS[$line]);
            $amps = $reading->circuit->number(self::AMPS[$line]);
            $angle = $reading->circuit->number(self::ANGLES[$line]);
            if ($volts === null || $amps === null || $angle === null) {
                return;
            }
            $reading->ledger->work(self::FACTORS[$line])->from(a: $angle)->as('cos φ', 'cos {a}')->equals(cos(deg2rad($angle->number())))
                ->write();
            $from += ['V'.($line + 1) => $volts, 'I'.($line + 1) => $amps, 'a'.($line + 1) => $angle];
        }
        $real = $reading->real = self::sum($reading, MeasuredFigure::Real, 'cos', $from);
        $reactive = $reading->reactive = self::sum($reading, MeasuredFigure::Reactive, 'sin', $from);
        $apparent = $reading->ledger->work(MeasuredFigure::Apparent)->from(P: $real, Q: $reactive)
            ->as('√(P² + Q²)', '√({P}² + '.($reactive->number() < 0 ? '({Q})²' : '{Q}²').')')
            ->equals(hypot($real->number(), $reactive->number()))->write();
        if ($apparent->number() <= 0) {
            return;
        }
        $factor = $reading->ledger->work(MeasuredFigure::PowerFactor)->from(P: $real, S: $apparent)->as('P / S', '{P} ÷ {S}')
            ->equals($real->number() / $apparent->number())->write();
        if ($real->number() < 0) {
            $reading->backwards($real, self::ANGLES[0]);
        }
        $reading->signedAngleOf($factor, $reactive->number() < 0);
        $reading->followingVoltage = $reading->meters->voltage ?? $reading->ledger->work(MeasuredFigure::Voltage)
            ->from(V1: $from['V1'], V2: $from['V2'], V3: $from['V3'])->as('√3 × mean of V to N', '√3 × ({V1} + {V2} + {V3}) ÷ 3')
            ->equals(sqrt(3) * ($from['V1']->number() + $from['V2']->number() + $from['V3']->number()) / 3)->write();
    }

    /** @param  array<string, Figure>  $from  volts, amperes and degrees of each line */
    private static function sum(PowerReading $reading, MeasuredFigure $name, string $function, array $from): Figure
    {
        $sum = 0.0;
        $parts = [];
        foreach ([1, 2, 3] as $line) {
            $angle = deg2rad($from['a'.$line]->number());
            $sum += $from['V'.$line]->number() * $from['I'.$line]->number() * ($function === 'cos' ? cos($angle) : sin($angle));
            $parts[] = '{V'.$line.'} × {I'.$line.'} × '.$function.' {a'.$line.'}';
        }

        return $reading->ledger->work($name)->from(...$from)
            ->as('Σ V I '.$function.' φ', implode(' + ', $parts))->equals($sum)->write();
    }
}
