<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Source\Inverter;
use BraveAnvil\Tables\Practice\GuardPractice;

/** Prospective short-circuit current at the supply end, from fault level and transformer. */
final class Prospective
{
    /** Reactance over resistance where none is typed. */
    private const USUAL_X_OVER_R = 10.0;

    /**
     * @param  TwoWires|null  $wires  of a single-phase circuit
     * @return Figure|null A; null where neither a fault level nor a transformer is known
     */
    public static function solve(Circuit $circuit, ?TwoWires $wires, GuardPractice $practice, Ledger $ledger): ?Figure
    {
        $supply = $circuit->number('supply.voltage');
        if (
            $supply === null ||
            $circuit->bad(
                'supply.source', 'supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent',
                'supply.x_over_r', 'supply.generator_kva', 'supply.subtransient_percent', 'supply.inverter_fault_ampere',
            )
        ) {
            return null;
        }
        $atBoard = $circuit->number('supply.board.fault_ampere');
        if ($atBoard !== null) {
            return $ledger->work(GuardFigure::ProspectiveCurrent)->from(I: $atBoard)->equals($atBoard->number())
                ->saying('at board '.$circuit->word('supply.board.tag').', with the share of the other motors on it')
                ->source(Standard::Iec60909_0->at())->assuming($circuit->word('supply.board.assumed'))->write();
        }
        $inverter = Inverter::of($circuit);
        if ($inverter !== null) {
            return $inverter->fault === null ? null : $ledger->work(GuardFigure::ProspectiveCurrent)->from(I: $inverter->fault)
                ->equals($inverter->fault->number())->saying('the inverter limits it')->source(HowKnown::Entered)->write();
        }
        $generator = Generator::of($circuit);
        $source = $generator === null ? self::source($circuit, $supply, $wires, $ledger)
            : self::generator($generator, $supply, $wires, $circuit, $ledger);
        if ($source === null) {
            return null;
        }
        $c = $practice->voltageFactorMax($circuit->chosen('supply.voltage_factor', VoltageFactor::class));

        return $ledger
            ->work(GuardFigure::ProspectiveCurrent)
            ->from(c: $c, V: $supply, Z: $source)
            ->as($wires === null ? 'c V / (√3 Z)' : 'c V / Z', $wires === null ? '{c} × {V} ÷ (√3 × {Z})' : '{c} × {V} ÷ {Z}')
            ->equals(($c->value * $supply->number()) / (($wires === null ? sqrt(3) : 1.0) * $source->number()))
            ->source(Standard::Iec60909_0->at('voltage factor '.$c->shown(3))
                ->adding($generator === null ? ', at the transformer; contribution of motors not included'
                    : ', in the first cycles; contribution of motors not included'))
            ->write();
    }

    /** The reactance of the first cycles. */
    private static function generator(Generator $generator, Figure $supply, ?TwoWires $wires, Circuit $circuit, Ledger $ledger): ?Figure
    {
        $ohm = $generator->subtransientOhm($supply->number());
        if ($ohm === null || $generator->rating === null) {
            return null;
        }
        $times = $wires->loopTimes ?? 1.0;

        return $ledger->work(GuardFigure::SourceImpedance)->assuming($wires?->assumption($circuit))
            ->from(V: $supply, x: $generator->subtransient, S: $generator->rating)
            ->as('x″d V² / S', (abs($times - 1) < 1e-9 ? '' : Show::number($times, 4).' × ').'{V}² × {x} ÷ {S}')
            ->equals($times * $ohm)->write();
    }

    /** Alone the fault level is at the bus; with a transformer it is on its primary, in series. */
    private static function source(Circuit $circuit, Figure $supply, ?TwoWires $wires, Ledger $ledger): ?Figure
    {
        $level = $circuit->number('supply.fault_level_kva');
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');
        $times = $wires->loopTimes ?? 1.0;
        $text = $wires === null || abs($times - 1) < 1e-9 ? '' : Show::number($times, 4).' × ';
        $square = $times * $supply->number() ** 2;
        $upstream = $level === null ? null : $square / $level->number();
        $work = $ledger->work(GuardFigure::SourceImpedance)->assuming($wires?->assumption($circuit));
        if ($size === null || $percent === null) {
            return $level === null
                ? null
                : $work
                    ->from(V: $supply, Sk: $level)
                    ->as('V² / S_k', $text.'{V}² ÷ {Sk}')
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
            ? $work->as('V² u_k / S', $text.'{V}² × {u} ÷ {S}')->write()
            : $work->from(Sk: $level)->as('V² u_k / S + V² / S_k', $text.'{V}² × {u} ÷ {S} and '.$text.'{V}² ÷ {Sk} in series')->write();
    }

    /** Whether the device can break it: checked where both are known, never passed in silence. */
    public static function judge(Circuit $circuit, ?Figure $fault, GuardPractice $practice, Ledger $ledger): void
    {
        $capacity = $circuit->number('guard.breaking_capacity_ka');
        $factor = $practice->voltageFactorMax($circuit->chosen('supply.voltage_factor', VoltageFactor::class))->value;
        // A supply may stand 10 % above nominal, whatever is chosen.
        $higher = VoltageFactor::Wide->largest() / $factor;
        if ($fault === null) {
            [$wanted, $do, $path] = match ($circuit->source()) {
                SupplySource::Mains => [
                    'the fault level, or the transformer’s kVA and impedance',
                    'Ask the supply operator (utility), or read the transformer nameplate.', 'supply.transformer_kva',
                ],
                SupplySource::Generator => [
                    'the kVA of the generator', 'Read it on the plate of the alternator.', 'supply.generator_kva',
                ],
                SupplySource::Inverter => [
                    'the short-circuit current of the inverter', 'It is in its data sheet.', 'supply.inverter_fault_ampere',
                ],
            };
            $ledger->note(GuardFinding::FaultLevelUnknown)->title('Fault level not known')
                ->because('Enter '.$wanted.', so that the breaking capacity can be checked.')->do($do)->about($path);
        } elseif ($capacity === null) {
            $ledger
                ->note(GuardFinding::BreakingCapacityNotChecked)
                ->title('Breaking capacity not checked')
                ->because('Prospective short-circuit current: '.$fault->shown(3).'. Device and starter need at least that.')
                ->do('Enter the breaking capacity of the device.')
                ->about('guard.breaking_capacity_ka')
                ->source(Standard::Iec60364_4_43->at()->and(Standard::Nec->at('110.9'))->and(Standard::CeCode->at('14-012')))
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
                ->source(Standard::Iec60364_4_43->at()->and(Standard::Nec->at('110.9'))->and(Standard::CeCode->at('14-012')))
                ->on(GuardFigure::ProspectiveCurrent);
        }
    }
}
