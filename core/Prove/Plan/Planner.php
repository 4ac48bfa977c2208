<?php

declare(strict_types=1);

namespace BraveAnvil\Prove\Plan;

use BraveAnvil\Plate\WindingConnection;
use BraveAnvil\Prove\Choice\Disconnected;
use BraveAnvil\Prove\Judge\Drawn;
use BraveAnvil\Prove\Judge\InsulationResistance;
use BraveAnvil\Prove\Judge\LineCurrent;
use BraveAnvil\Prove\Known;
use BraveAnvil\Prove\ReadingKind;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** Which readings a circuit needs, in the safe order, and what each should show. Common practice, no source. */
final class Planner
{
    /** Rated output from which bearings and vibration are always read, W. */
    private const LARGE_W = 15000.0;

    /** @return list<Step> in the order in which they are taken */
    public function steps(Known $known): array
    {
        $steps = [];
        foreach (ReadingKind::cases() as $kind) {
            if ($this->applies($kind, $known)) {
                $steps[] = new Step($kind, $this->isNeeded($kind, $known), $this->proves($kind), $this->expects($kind, $known),
                    $this->before($kind, $known));
            }
        }

        return $steps;
    }

    private function applies(ReadingKind $kind, Known $known): bool
    {
        $motor = $known->motor->kind !== null;

        return match ($kind) {
            ReadingKind::SupplyVoltage, ReadingKind::LineCurrent, ReadingKind::Power => true,
            ReadingKind::Capacitor, ReadingKind::Correction => $known->hasCapacitor(),
            ReadingKind::Rotation => $motor && $known->circuit->phases() === 3,
            default => $motor,
        };
    }

    private function isNeeded(ReadingKind $kind, Known $known): bool
    {
        return match ($kind) {
            ReadingKind::LoopImpedance => $known->isIec(),
            ReadingKind::RunUpTime => $known->starting->runUp !== null,
            ReadingKind::Vibration, ReadingKind::Temperature => ($known->motor->output?->number() ?? 0.0) >= self::LARGE_W,
            ReadingKind::RelayTrip, ReadingKind::NoLoadCurrent, ReadingKind::Inrush, ReadingKind::Power, ReadingKind::Speed,
            ReadingKind::TemperatureRise => false,
            default => true,
        };
    }

    private function proves(ReadingKind $kind): string
    {
        return match ($kind) {
            ReadingKind::WindingResistance => 'All three windings are whole and joined alike.',
            ReadingKind::InsulationResistance => 'The winding is dry and clean enough to be switched on.',
            ReadingKind::RelayTrip => 'The overload relay trips as its class says.',
            ReadingKind::SupplyVoltage => 'All three lines are there, near enough to nominal and to one another.',
            ReadingKind::LoopImpedance => 'A fault to the frame is cleared in time.',
            ReadingKind::Rotation => 'It turns the way that the machine wants.',
            ReadingKind::NoLoadCurrent => 'The motor itself is joined for this supply.',
            ReadingKind::Inrush => 'The start is as hard as was computed.',
            ReadingKind::RunUpTime => 'Load and inertia are as typed, so that timer and class are right.',
            ReadingKind::LineCurrent => 'The motor carries its load, evenly, within its plate.',
            ReadingKind::Power => 'The load is what was stated.',
            ReadingKind::Speed => 'Slip, and with it the load, is as stated.',
            ReadingKind::Capacitor => 'Every element of the capacitor works.',
            ReadingKind::Correction => 'The line carries less, by as much as computed.',
            ReadingKind::Vibration => 'Coupling, feet and bearings are in order.',
            ReadingKind::Temperature => 'Grease and cooling are in order.',
            ReadingKind::TemperatureRise => 'The winding stays within its class.',
        };
    }

    private function expects(ReadingKind $kind, Known $known): string
    {
        $figures = $known->starting->figures;

        return match ($kind) {
            ReadingKind::WindingResistance => 'unequal by at most 2 %',
            ReadingKind::InsulationResistance => ($known->ratedVolts()?->number() ?? 0.0) < 1000
                ? 'at least 5 MΩ at 40 °C' : 'at least 100 MΩ at 40 °C',
            ReadingKind::SupplyVoltage => $this->volts($known),
            ReadingKind::LoopImpedance => $this->loop($known),
            ReadingKind::Rotation => 'the right way',
            ReadingKind::NoLoadCurrent => self::about($known->circuit->number('plate.no_load_current') ?? $known->load->noLoadCurrent),
            ReadingKind::Inrush => self::about($known->starting->lineCurrent() ?? $figures->lockedRotorCurrent),
            ReadingKind::RunUpTime => self::about($known->starting->runUpTime),
            ReadingKind::LineCurrent => $this->current($known),
            ReadingKind::Power => $this->power($known),
            ReadingKind::Speed => $known->motor->speed === null ? '' : $known->motor->speed->shown(4).' at full load',
            ReadingKind::Capacitor => self::about($known->correction?->unit->current),
            ReadingKind::Correction => $known->correction === null ? ''
                : 'from '.$known->correction->load->current->shown(3).' to '.$known->correction->atLoad->current->shown(3),
            ReadingKind::Temperature => 'at most 95 °C',
            ReadingKind::RelayTrip, ReadingKind::Vibration, ReadingKind::TemperatureRise => '',
        };
    }

    private static function about(?Figure $figure): string
    {
        return $figure === null ? '' : 'about '.$figure->shown(3);
    }

    private function volts(Known $known): string
    {
        $nominal = $known->supplyVolts();
        $tolerance = $known->circuit->number('settings.voltage_tolerance');

        return $nominal === null || $tolerance === null ? '' : $nominal->shown(3).' ± '.$tolerance->shown(3).', unequal by at most 2 %';
    }

    private function loop(Known $known): string
    {
        $limit = $known->loop?->limit;

        return $limit === null ? self::about($known->loop?->impedance)
            : 'at most '.Show::quantity(0.8 * $limit->number(), Unit::Ohm, 3).' cold';
    }

    private function current(Known $known): string
    {
        $load = $known->circuit->missing('load.output_percent') ? null : $known->circuit->number('load.output_percent');
        $volts = $known->supplyVolts();
        if ($known->motor->kind !== null && $load === null) {
            $plate = $known->load->ratedCurrent();

            return $plate === null ? ''
                : 'at most '.Show::quantity(LineCurrent::MOST_OF_PLATE * $plate->number(), Unit::Ampere, 3).'; say the load at the time';
        }
        $drawn = $volts === null ? null : Drawn::at($load === null ? null : $load->number() / 100, $volts->number(), null, $known);

        return $drawn === null ? '' : 'about '.Show::quantity($drawn->current(), Unit::Ampere, 3).
            ($load === null ? '' : ' at '.$load->shown(3).' load');
    }

    private function power(Known $known): string
    {
        $load = $known->circuit->missing('load.output_percent') ? null : $known->circuit->number('load.output_percent');
        if ($load === null) {
            return $known->load->input === null ? '' : 'up to '.$known->load->input->shown(3);
        }
        $point = $known->drawnAt($load->number() / 100);

        return $point === null ? '' : 'about '.Show::quantity($point->input, Unit::Watt, 3).' at '.$load->shown(3).' load';
    }

    /** @return list<string> */
    private function before(ReadingKind $kind, Known $known): array
    {
        $parts = array_map(static fn (Disconnected $part): string => match ($part) {
            Disconnected::Drive => 'Drive disconnected from the motor: test volts destroy it.',
            Disconnected::SoftStarter => 'Soft starter disconnected: test volts destroy it.',
            Disconnected::Capacitor => 'Capacitor disconnected, discharged and shorted.',
            Disconnected::Arrester, Disconnected::Sensors => '',
        }, InsulationResistance::mustBeOff($known));

        return match ($kind) {
            ReadingKind::InsulationResistance => [
                ...$parts, 'Surge arresters off; leads of temperature sensors joined together and to the frame.',
                'Discharge the winding afterwards for four times as long as it was tested.',
            ],
            ReadingKind::WindingResistance => [
                ...in_array(Disconnected::Capacitor, InsulationResistance::mustBeOff($known), true)
                    ? ['Capacitor disconnected, discharged and shorted.'] : [],
                $known->motor->connection() === WindingConnection::Delta ? 'Links in delta, as it runs, or out; say which.'
                    : 'Links as it runs, or out; say which.',
                'Winding as cold as the air; its temperature known.',
            ],
            ReadingKind::RelayTrip => ['Relay cold for an hour; test current through all three poles.'],
            ReadingKind::NoLoadCurrent => ['Uncoupled; key removed or secured.'],
            ReadingKind::Rotation => ['Uncoupled where the wrong way does harm.'],
            ReadingKind::Correction => ['Both readings within minutes, at one load.'],
            ReadingKind::TemperatureRise => ['Warm for hours; hot resistance read within 30 s of switching off.'],
            default => [],
        };
    }
}
