<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\GuardPractice;

/** Prospective short-circuit current at the supply end, from fault level and transformer. */
final class Prospective
{
    /** Reactance over resistance where none is typed. */
    private const USUAL_X_OVER_R = 10.0;

    /** @return Figure|null A; null where neither a fault level nor a transformer is known */
    public static function solve(Circuit $circuit, GuardPractice $practice, Ledger $ledger): ?Figure
    {
        $supply = $circuit->number('supply.voltage');
        if (
            $supply === null ||
            $circuit->bad('supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r')
        ) {
            return null;
        }
        $source = self::source($circuit, $supply, $ledger);
        if ($source === null) {
            return null;
        }
        $c = $practice->voltageFactorMax($circuit->chosen('supply.voltage_factor', VoltageFactor::class));

        return $ledger
            ->work(GuardFigure::ProspectiveCurrent)
            ->from(c: $c, V: $supply, Z: $source)
            ->as('c V / (√3 Z)', '{c} × {V} ÷ (√3 × {Z})')
            ->equals(($c->value * $supply->number()) / (sqrt(3) * $source->number()))
            ->source('IEC 60909-0, voltage factor '.$c->shown(3).' (from memory), at the transformer; contribution of motors not included')
            ->write();
    }

    /** Alone the fault level is at the bus; with a transformer it is on its primary, in series. */
    private static function source(Circuit $circuit, Figure $supply, Ledger $ledger): ?Figure
    {
        $level = $circuit->number('supply.fault_level_kva');
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');
        $square = $supply->number() ** 2;
        $upstream = $level === null ? null : $square / $level->number();
        $work = $ledger->work(GuardFigure::SourceImpedance);
        if ($size === null || $percent === null) {
            return $level === null
                ? null
                : $work
                    ->from(V: $supply, Sk: $level)
                    ->as('V² / S_k', '{V}² ÷ {Sk}')
                    ->equals($square / $level->number())
                    ->write();
        }
        $transformer = $square * $percent->number() / 100 / $size->number();
        $angle = atan($circuit->number('supply.x_over_r')?->number() ?? self::USUAL_X_OVER_R);
        $other = atan(self::USUAL_X_OVER_R);
        $z = hypot(
            $transformer * cos($angle) + ($upstream ?? 0) * cos($other),
            $transformer * sin($angle) + ($upstream ?? 0) * sin($other),
        );
        $work->from(V: $supply, u: $percent, S: $size)->equals($z);

        return $level === null
            ? $work->as('V² u_k / S', '{V}² × {u} ÷ {S}')->write()
            : $work->from(Sk: $level)->as('V² u_k / S + V² / S_k', '{V}² × {u} ÷ {S} and {V}² ÷ {Sk} in series')->write();
    }

    /** Whether the device can break it: checked where both are known, never passed in silence. */
    public static function judge(Circuit $circuit, ?Figure $fault, GuardPractice $practice, Ledger $ledger): void
    {
        $capacity = $circuit->number('guard.breaking_capacity_ka');
        $factor = $practice->voltageFactorMax($circuit->chosen('supply.voltage_factor', VoltageFactor::class))->value;
        // A supply may stand 10 % above nominal, whatever is chosen.
        $higher = VoltageFactor::Wide->largest() / $factor;
        if ($fault === null) {
            $ledger->note(GuardFinding::FaultLevelUnknown)->title('Fault level not known')
                ->because('Enter the fault level, or the transformer’s kVA and impedance, so that the breaking capacity can be checked.')
                ->do('Ask the supply operator (utility), or read the transformer nameplate.')
                ->about('supply.transformer_kva');
        } elseif ($capacity === null) {
            $ledger
                ->note(GuardFinding::BreakingCapacityNotChecked)
                ->title('Breaking capacity not checked')
                ->because('Prospective short-circuit current: '.$fault->shown(3).'. Device and starter need at least that.')
                ->do('Enter the breaking capacity of the device.')
                ->about('guard.breaking_capacity_ka')
                ->source('IEC 60364-4-43, NEC 110.9, CE Code 14-012 (from memory)')
                ->on(GuardFigure::ProspectiveCurrent);
        } elseif ($capacity->number() < $higher * $fault->number()) {
            // A stop holds for a supply that stands at its nominal voltage; above it the factor of the voltage decides.
            $sure = $capacity->number() < $fault->number() / $factor;
            $short = $capacity->number() < $fault->number();
            $most = Show::quantity($higher * $fault->number(), Unit::Ampere, 3);
            ($sure ? $ledger->stop(GuardFinding::BreakingCapacity) : $ledger->caution(GuardFinding::BreakingCapacity))
                ->title($short ? 'Breaking capacity too low' : 'Breaking capacity barely enough')
                ->because('Device '.$capacity->shown().'; fault current up to '.
                    ($short ? $fault->shown(3).'.' : $most.' if the supply is 10 % above its nominal voltage.'))
                ->do('Choose a device rated at least '.($short ? Show::quantity($fault->number(), Unit::Ampere, 3) : $most).'.')
                ->source('IEC 60364-4-43, NEC 110.9, CE Code 14-012 (from memory)')->on(GuardFigure::ProspectiveCurrent);
        }
    }
}
