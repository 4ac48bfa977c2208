<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\PlateCurrent;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\TypicalSinglePhase;

/** The stamped current that belongs to the connection in use: paired with the voltages by position, ranges too. */
final class RatedCurrent
{
    /** Taken to judge whether one current of two fits, where the plate does not say. */
    private const USUAL_POWER_FACTOR = 0.85;

    private const USUAL_EFFICIENCY = 0.9;

    /** @return array{Figure|null, bool} the current in A, and whether a stamped one was refused */
    public static function solve(Circuit $circuit, ?Supplied $supplied, TypicalSinglePhase $onePhase, Ledger $ledger): array
    {
        $current = $circuit->stamp('plate.current', PlateCurrent::class);
        $voltage = $circuit->stamp('plate.voltage', PlateVoltage::class);
        if ($current === null || $voltage === null || $supplied === null) {
            return [null, false];
        }
        $groups = $current->groups;
        if (count($groups) > count($voltage->pairs)) {
            $ledger->error('plate.current', 'Two currents but one voltage.', 'Enter one current for one voltage, or enter both voltages.');

            return [null, true];
        }
        // The lower voltage takes the larger current, whichever way round both were typed.
        usort($groups, static fn (array $a, array $b): int => max([0.0, ...$b]) <=> max([0.0, ...$a]));
        $rated = $supplied->ratedVoltage;
        if (count($groups) < count($voltage->pairs)) {
            return self::one($circuit, $groups[0], $rated, $onePhase, $ledger);
        }
        $group = $groups[$supplied->pair];
        $span = $voltage->pairs[$supplied->pair];
        $amperes = $group[0];
        if (count($group) === 2) {
            // A range is paired end by end: the higher voltage with the lower current.
            $amperes = $rated->number() - $span['low'] <= $span['high'] - $rated->number() ? max($group) : min($group);
        }
        $figure = $ledger
            ->work(PlateFigure::Current)
            ->typedIn('plate.current')
            ->equals($amperes)
            ->saying($current->echo().' at '.$voltage->echo())
            ->source(HowKnown::Nameplate)
            ->assuming($circuit->assumed('plate.current'))
            ->write();
        self::ratio($groups, $voltage->pairs, $ledger);

        return [$figure, false];
    }

    /**
     * @param  list<float>  $group
     * @return array{Figure|null, bool}
     */
    private static function one(Circuit $circuit, array $group, Figure $rated, TypicalSinglePhase $onePhase, Ledger $ledger): array
    {
        $power = $circuit->stamp('plate.power', Power::class);
        $small = $power !== null && $circuit->phases() === 1;
        $factor = $circuit->number('plate.power_factor')?->number()
            ?? ($small ? $onePhase->powerFactor($power->watts, OnePhaseStart::hasRunCapacitor($circuit)) : null)
            ?? self::USUAL_POWER_FACTOR;
        $efficiency = $circuit->number('plate.efficiency')?->number()
            ?? ($small ? ($onePhase->efficiency($power->watts) ?? 100 * self::USUAL_EFFICIENCY) / 100 : self::USUAL_EFFICIENCY);
        $amperes = $group[0];
        $expected = $power === null ? null : $power->watts / ($circuit->phaseFactor() * $rated->number() * $factor * $efficiency);
        if ($expected !== null) {
            if (abs($amperes / $expected - 1) < 0.3) {
                $figure = $ledger
                    ->work(PlateFigure::Current)
                    ->typedIn('plate.current')
                    ->equals($amperes)
                    ->saying(Show::number($amperes).' A matches '.$rated->shown())
                    ->source(HowKnown::Nameplate)
                    ->assuming('the one stamped current is for '.$rated->shown())
                    ->write();

                return [$figure, false];
            }
        }
        $ledger->error(
            'plate.current',
            'One current for two voltages, and it does not match '.$rated->shown().'.'.
                ($expected === null ? '' : WhatFits::say($circuit, $rated->number(), $amperes, $expected)),
            'Enter both currents, such as 66/38.',
        );

        return [null, true];
    }

    /**
     * @param  list<list<float>>  $groups
     * @param  list<array{low: float, high: float, connection: string}>  $pairs
     */
    private static function ratio(array $groups, array $pairs, Ledger $ledger): void
    {
        if (count($groups) !== 2 || ! isset($pairs[1])) {
            return;
        }
        $currents = max([0.0, ...$groups[0]]) / max([1e-9, ...$groups[1]]);
        // A range pairs with whichever of its ends fits: 208–230/460 stands as 2 or as 2.21.
        $volts = min(max($currents, $pairs[1]['low'] / $pairs[0]['high']), $pairs[1]['high'] / $pairs[0]['low']);
        $off = 100 * abs($currents / $volts - 1);
        if ($off > 6) {
            $ledger
                ->find($off > 15 ? Grade::Caution : Grade::Note, PlateFinding::CurrentRatio)
                ->title('Currents and voltages do not match')
                ->because(
                    'Ratio of the currents '.Show::number($currents, 3).', of the voltages '.Show::number($volts, 3).
                    '. They should be the same.',
                )
                ->do('Read both again on the nameplate.')
                ->source('same power in both connections')
                ->on(PlateFigure::Current)
                ->about('plate.current', 'plate.voltage');
        }
    }
}
