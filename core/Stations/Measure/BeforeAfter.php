<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Amperes before and after a capacitor, and nothing else: the real part of the current stays, so one power factor gives the other. */
final class BeforeAfter
{
    /** By how much the real part of a steady load's current may seem to move, %. Common practice. */
    private const SAME_LOAD_PERCENT = 10.0;

    public static function solve(PowerReading $reading): void
    {
        $circuit = $reading->circuit;
        $reading->wanted('measure.amps_before', 'measure.amps_after');
        $before = $circuit->number('measure.amps_before');
        $after = $circuit->number('measure.amps_after');
        if ($before === null || $after === null) {
            return;
        }
        $current = $reading->ledger->put($before->named(MeasuredFigure::Current, 'measured'));
        $reading->followingCurrent = $current;
        $reading->ledger->work(MeasuredFigure::LossDrop)->from(I0: $before, I1: $after)
            ->as('1 − (I_1 / I_0)²', '1 − ({I1} ÷ {I0})²')->equals(100 * (1 - ($after->number() / $before->number()) ** 2))
            ->source('the same conductors at the same temperature')->write();
        [$first, $second] = self::factors($reading, $before, $after);
        if ($first === null || $second === null) {
            self::onlyHeat($reading);

            return;
        }
        $reading->signedAngleOf($first, ($circuit->number('measure.angle')?->number() ?? 0.0) < 0);
        self::sameLoad($reading, $before, $after);
        $volts = $reading->meters->voltage;
        if ($volts === null) {
            $reading->wanted('measure.volts_12');

            return;
        }
        self::power($reading, $volts, $current, $first);
    }

    /** @return array{Figure|null, Figure|null} before and after; null where neither is known, or they contradict the currents */
    private static function factors(PowerReading $reading, Figure $before, Figure $after): array
    {
        $ledger = $reading->ledger;
        $first = $reading->circuit->number('measure.power_factor') ?? self::cosine($reading, 'measure.angle', MeasuredFigure::PowerFactor);
        $second = $reading->circuit->number('measure.power_factor_after')
            ?? self::cosine($reading, 'measure.angle_after', MeasuredFigure::PowerFactorAfter);
        if ($first !== null) {
            $value = $before->number() * $first->number() / max(1e-9, $after->number());
            if ($value > 1 + 1e-6) {
                self::contradict($reading, 'measure.power_factor', $first, $value, 'with');

                return [null, null];
            }
            $known = $ledger->put($first->named(MeasuredFigure::PowerFactor, $first->formula === '' ? 'entered' : $first->working));

            return [$known, $ledger->work(MeasuredFigure::PowerFactorAfter)->from(I0: $before, pf: $first, I1: $after)
                ->as('I_0 cos φ_0 / I_1', '{I0} × {pf} ÷ {I1}')->equals(min(1.0, $value))->write()];
        }
        if ($second === null) {
            return [null, null];
        }
        $value = $after->number() * $second->number() / $before->number();
        if ($value > 1 + 1e-6) {
            self::contradict($reading, 'measure.power_factor_after', $second, $value, 'without');

            return [null, null];
        }
        $known = $ledger->put($second->named(MeasuredFigure::PowerFactorAfter, $second->formula === '' ? 'entered' : $second->working));

        return [$ledger->work(MeasuredFigure::PowerFactor)->from(I0: $before, pf: $known, I1: $after)
            ->as('I_1 cos φ_1 / I_0', '{I1} × {pf} ÷ {I0}')->equals(min(1.0, $value))->write(), $known];
    }

    /**
     * The power factor of an angle that is typed in place of it.
     *
     * @param  'measure.angle'|'measure.angle_after'  $path
     */
    private static function cosine(PowerReading $reading, string $path, MeasuredFigure $name): ?Figure
    {
        $angle = $reading->circuit->number($path);

        return $angle === null || abs($angle->number()) > 90 ? null
            : Figure::work($name)->from(a: $angle)->as('cos φ', 'cos {a}')->equals(cos(deg2rad($angle->number())))->make();
    }

    /** With both angles the capacitor's own current follows, and whether the load stayed the same. */
    private static function sameLoad(PowerReading $reading, Figure $before, Figure $after): void
    {
        $first = $reading->circuit->number('measure.angle');
        $second = $reading->circuit->number('measure.angle_after');
        if ($first === null || $second === null) {
            return;
        }
        $part = static fn (Figure $current, Figure $angle, bool $real): float => $current->number()
            * ($real ? cos(deg2rad($angle->number())) : sin(deg2rad($angle->number())));
        $reading->ledger->work(MeasuredFigure::CapacitorCurrent)->from(I0: $before, a0: $first, I1: $after, a1: $second)
            ->as('I_0 sin φ_0 − I_1 sin φ_1', '{I0} × sin {a0} − {I1} × sin {a1}')
            ->equals($part($before, $first, false) - $part($after, $second, false))->write();
        $moved = 100 * ($part($after, $second, true) / max(1e-9, $part($before, $first, true)) - 1);
        if (abs($moved) > self::SAME_LOAD_PERCENT) {
            $reading->ledger->caution(MeasuredFinding::LoadChanged)->title('The load changed between the two readings')
                ->because('The real part of the current differs by '.Show::quantity(abs($moved), Unit::Percent, 2).
                    '. A capacitor does not change it.')
                ->do('Read both again within a minute, at a steady load.')
                ->source(HowKnown::Definition)->on(MeasuredFigure::CapacitorCurrent)->about('measure.angle_after');
        }
    }

    /** @param  'measure.power_factor'|'measure.power_factor_after'  $path */
    private static function contradict(PowerReading $reading, string $path, Figure $typed, float $other, string $when): void
    {
        $reading->ledger->error(
            $path, 'A power factor of '.$typed->shown(3).' would make it '.Show::number($other, 3).' '.$when.' the capacitor: more than 1.',
            'Check both currents and the power factor.', ErrorKind::Impossible,
        );
    }

    private static function onlyHeat(PowerReading $reading): void
    {
        $reading->ledger->note(MeasuredFinding::OnlyHeat)->title('Power and power factor do not follow')
            ->because('Two currents alone tell how much less the same conductors heat up, and nothing else.')
            ->do('Enter one power factor, with or without the capacitor, or use a known capacitor and a clamp meter.')
            ->source(HowKnown::Definition)->on(MeasuredFigure::LossDrop)->about('measure.power_factor');
    }

    private static function power(PowerReading $reading, Figure $volts, Figure $current, Figure $factor): void
    {
        $ledger = $reading->ledger;
        $root = $reading->threePhase ? sqrt(3) : 1.0;
        $text = $reading->threePhase ? '√3 × ' : '';
        $sign = $reading->threePhase ? '√3 ' : '';
        $apparent = $ledger->work(MeasuredFigure::Apparent)->from(V: $volts, I: $current)->as($sign.'V I_0', $text.'{V} × {I}')
            ->equals($root * $volts->number() * $current->number())->write();
        $reading->real = $ledger->work(MeasuredFigure::Real)->from(S: $apparent, pf: $factor)->as('S cos φ', '{S} × {pf}')
            ->equals($apparent->number() * $factor->number())->write();
        $reading->reactive = $ledger->work(MeasuredFigure::Reactive)->from(S: $apparent, P: $reading->real)
            ->as('√(S² − P²)', '√({S}² − {P}²)')
            ->equals(sqrt(max(0.0, $apparent->number() ** 2 - $reading->real->number() ** 2)))->write();
    }
}
