<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Source\Generator;
use BraveAnvil\Stations\Source\Inverter;

/** Whether a generator or an inverter carries the load, and how long a battery lasts. */
final class SourceCapacity
{
    /** Share of its rating that a source may carry, by which rounding is no overload, %. */
    private const FULL = 100.0 * (1 + 1e-6);

    /** Below this share of the engine for long, unburnt fuel fouls a diesel, %. Common practice. */
    private const LIGHT = 30.0;

    /**
     * @param  Figure|null  $power  that the load takes, W
     * @param  Figure|null  $apparent  VA
     */
    public static function solve(Circuit $circuit, ?Figure $power, ?Figure $apparent, Ledger $ledger): void
    {
        if ($power === null || $apparent === null) {
            return;
        }
        $generator = Generator::of($circuit);
        if ($generator !== null) {
            self::generator($generator, $power, $apparent, $ledger);
        }
        $inverter = Inverter::of($circuit);
        if ($inverter !== null) {
            self::inverter($inverter, $power, $apparent, $ledger);
        }
    }

    /**
     * What a capacitor leaves of it: the inverter carries fewer volt-amperes, and takes hardly fewer watts.
     *
     * @param  Figure  $power  that the load takes, W
     * @param  Figure  $current  in the line, with the capacitor, A
     * @param  Figure  $volts  V
     */
    public static function corrected(Circuit $circuit, Figure $power, Figure $current, Figure $volts, Ledger $ledger): void
    {
        $inverter = Inverter::of($circuit);
        if ($inverter?->rating === null) {
            return;
        }
        $apparent = $circuit->phaseFactor() * $volts->number() * $current->number();
        $ledger->work(PowerFigure::InverterShareCorrected)->from(V: $volts, I: $current, S: $inverter->rating)
            ->as(
                $circuit->phases() === 1 ? 'V I / S' : '√3 V I / S', $circuit->phaseFactorText().'{V} × {I} ÷ {S}',
            )->equals(100 * $apparent / $inverter->rating->number())->write();
        $efficiency = $inverter->efficiencyAt($apparent);
        if ($efficiency !== null && $inverter->isKnownByLoad()) {
            $ledger->work(PowerFigure::DcPowerCorrected)->from(P: $power)->as('P / η', '{P} ÷ '.Show::number($efficiency, 6))
                ->equals($power->number() / $efficiency)->write();
        }
    }

    private static function generator(Generator $generator, Figure $power, Figure $apparent, Ledger $ledger): void
    {
        $share = $generator->rating === null ? null : self::share(PowerFigure::GeneratorShare, $apparent, $generator->rating, $ledger);
        $engine = $generator->engine === null ? null : self::share(PowerFigure::EngineShare, $power, $generator->engine, $ledger);
        $told = array_filter([
            $share === null ? null : $apparent->shown(3).' of '.$generator->rating->shown(3),
            $engine === null ? null
                : $power->shown(3).' of '.$generator->engine->shown(3).' engine power',
        ]);
        if (max($share?->number() ?? 0.0, $engine?->number() ?? 0.0) > self::FULL) {
            $ledger->stop(PowerFinding::GeneratorOverloaded)->title('Generator overloaded at full load')
                ->because('The load takes '.implode(' and ', $told).'.')
                ->do('Choose a larger set, or a smaller load.')->source(HowKnown::Definition)
                ->on(PowerFigure::GeneratorShare, PowerFigure::EngineShare)->about('supply.generator_kva');
        } elseif ($engine !== null && $engine->number() < self::LIGHT) {
            $ledger->note(PowerFinding::GeneratorLight)->title('Light load for the engine')
                ->because($engine->shown(3).' of its power. A diesel that runs for long below '.Show::number(self::LIGHT).
                    ' % is fouled by unburnt fuel.')
                ->do('Give it more load, or a load bank now and then.')->source(HowKnown::CommonPractice)
                ->on(PowerFigure::EngineShare)->about('supply.generator_kw');
        }
    }

    private static function inverter(Inverter $inverter, Figure $power, Figure $apparent, Ledger $ledger): void
    {
        if ($inverter->rating !== null) {
            $share = self::share(PowerFigure::InverterShare, $apparent, $inverter->rating, $ledger);
            if ($share->number() > self::FULL) {
                $ledger->stop(PowerFinding::InverterOverloaded)->title('Inverter overloaded')
                    ->because('The load takes '.$apparent->shown(3).', the inverter gives '.$inverter->rating->shown(3).'.')
                    ->do('A capacitor at the load lowers the VA, not the watts. Otherwise choose a larger inverter.')
                    ->source(HowKnown::Definition)->on(PowerFigure::InverterShare)->about('supply.inverter_va');
            }
        }
        $efficiency = $inverter->efficiencyAt($apparent->number());
        if ($efficiency === null) {
            return;
        }
        $input = $ledger->work(PowerFigure::DcPower)->from(P: $power)->as('P / η', '{P} ÷ '.Show::number($efficiency, 6))
            ->equals($power->number() / $efficiency)
            ->source($inverter->isKnownByLoad() ? 'efficiency between the points entered' : HowKnown::Definition)->write();
        if ($inverter->batteryVolts === null) {
            return;
        }
        $current = $ledger->work(PowerFigure::DcCurrent)->from(P: $input, V: $inverter->batteryVolts)->as('P_dc / V', '{P} ÷ {V}')
            ->equals($input->number() / $inverter->batteryVolts->number())->write();
        if ($inverter->capacity !== null && $current->number() > 0) {
            $ledger->work(PowerFigure::BatteryHours)->from(C: $inverter->capacity, I: $current)->as('C / I', '{C} ÷ {I}')
                ->equals($inverter->capacity->number() / $current->number())
                ->source(
                    'until empty, with the whole capacity; a lead battery gives less at a high current, '.
                        'and lasts longer if half of it is used',
                )
                ->write();
        }
    }

    private static function share(PowerFigure $name, Figure $taken, Figure $rating, Ledger $ledger): Figure
    {
        return $ledger->work($name)->from(S: $taken, R: $rating)
            ->as($rating->unit === Unit::Watt ? 'P / P_engine' : 'S / S_rated', '{S} ÷ {R}')
            ->equals(100 * $taken->number() / $rating->number())->write();
    }
}
