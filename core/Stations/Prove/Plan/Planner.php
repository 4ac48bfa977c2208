<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\WindingConnection;
use BraveAnvil\Stations\Prove\Choice\Disconnected;
use BraveAnvil\Stations\Prove\Judge\ExpectedDraw;
use BraveAnvil\Stations\Prove\Judge\InsulationResistanceJudge;
use BraveAnvil\Stations\Prove\Judge\LineCurrentJudge;
use BraveAnvil\Stations\Prove\Judge\LoopImpedanceJudge;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\ReadingKind;

/** Which readings a circuit needs, in the safe order, and what each should show. Common practice. */
final class Planner
{
    /** Rated output from which bearings and vibration are always read, W. */
    private const LARGE_W = 15000.0;

    /** @return list<Step> in the order in which they are taken */
    public function steps(KnownCircuit $known): array
    {
        $steps = [];
        foreach (ReadingKind::cases() as $kind) {
            if ($this->applies($kind, $known)) {
                $steps[] = new Step(
                    $kind, $this->isNeeded($kind, $known), $this->proves($kind, $known->motor->onePhase), $this->expects($kind, $known),
                    $this->before($kind, $known),
                );
            }
        }

        return $steps;
    }

    private function applies(ReadingKind $kind, KnownCircuit $known): bool
    {
        $motor = $known->motor->kind !== null;

        return match ($kind) {
            ReadingKind::SupplyVoltage, ReadingKind::LineCurrent, ReadingKind::Power => true,
            ReadingKind::Capacitor, ReadingKind::Correction => $known->hasCapacitor(),
            ReadingKind::MotorCapacitor => $known->circuit->isTyped('plate.run_capacitor')
                || $known->circuit->isTyped('plate.start_capacitor'),
            ReadingKind::PanelOhms => $motor && $known->starting->method?->leads() === 6,
            ReadingKind::Rotation, ReadingKind::WindingResistance, ReadingKind::InsulationResistance, ReadingKind::RelayTrip,
            ReadingKind::LoopImpedance, ReadingKind::NoLoadCurrent, ReadingKind::Inrush, ReadingKind::RunUpTime,
            ReadingKind::Speed, ReadingKind::Vibration, ReadingKind::Temperature, ReadingKind::TemperatureRise => $motor,
        };
    }

    private function isNeeded(ReadingKind $kind, KnownCircuit $known): bool
    {
        return match ($kind) {
            ReadingKind::LoopImpedance => $known->standard === MotorStandard::Iec60034,
            ReadingKind::RunUpTime => $known->starting->runUp !== null,
            ReadingKind::Vibration, ReadingKind::Temperature => ($known->motor->output?->number() ?? 0.0) >= self::LARGE_W,
            ReadingKind::RelayTrip, ReadingKind::NoLoadCurrent, ReadingKind::Inrush, ReadingKind::Power, ReadingKind::Speed,
            ReadingKind::TemperatureRise, ReadingKind::MotorCapacitor, ReadingKind::PanelOhms => false,
            ReadingKind::WindingResistance, ReadingKind::InsulationResistance, ReadingKind::SupplyVoltage, ReadingKind::Rotation,
            ReadingKind::LineCurrent, ReadingKind::Capacitor, ReadingKind::Correction => true,
        };
    }

    private function proves(ReadingKind $kind, bool $onePhase): string
    {
        return match ($kind) {
            ReadingKind::WindingResistance => $onePhase ? 'Main and start winding are intact, and which is which.'
                : 'All three windings are intact and connected the same way.',
            ReadingKind::MotorCapacitor => 'The motor starts and runs with the capacitor that it was made for.',
            ReadingKind::PanelOhms => 'The six leads lie on the right terminals, and both contactors join the right ones.',
            ReadingKind::InsulationResistance => 'The winding is dry and clean enough to be energised.',
            ReadingKind::RelayTrip => 'The overload relay trips as its class requires.',
            ReadingKind::SupplyVoltage => $onePhase ? 'The voltage is present and close to nominal.'
                : 'All three lines are present, close to nominal and balanced.',
            ReadingKind::LoopImpedance => 'A fault to the frame is cleared in time.',
            ReadingKind::Rotation => 'The motor turns in the right direction for the machine.',
            ReadingKind::NoLoadCurrent => 'The motor is connected for this supply.',
            ReadingKind::Inrush => 'The starting current is as calculated.',
            ReadingKind::RunUpTime => 'Load and inertia are as entered, so timer and trip class are right.',
            ReadingKind::LineCurrent => $onePhase ? 'The motor carries its load within its nameplate current.'
                : 'The motor carries its load with balanced currents, within its nameplate.',
            ReadingKind::Power => 'The load is as entered.',
            ReadingKind::Speed => 'Slip, and so the load, is as entered.',
            ReadingKind::Capacitor => 'Every element of the capacitor works.',
            ReadingKind::Correction => 'The line current is lower, by as much as calculated.',
            ReadingKind::Vibration => 'Coupling, feet and bearings are in order.',
            ReadingKind::Temperature => 'Grease and cooling are in order.',
            ReadingKind::TemperatureRise => 'The winding stays within its class.',
        };
    }

    private function expects(ReadingKind $kind, KnownCircuit $known): string
    {
        $figures = $known->starting->figures;

        return match ($kind) {
            ReadingKind::WindingResistance => $known->motor->onePhase ? 'start winding higher than main winding' : 'unbalance 2 % or less',
            ReadingKind::MotorCapacitor => 'the stamped capacitance',
            ReadingKind::PanelOhms => 'as in the table under Wiring',
            ReadingKind::InsulationResistance => ($known->ratedVolts()?->number() ?? 0.0) < 1000
                ? '5 MΩ or more at 40 °C' : '100 MΩ or more at 40 °C',
            ReadingKind::SupplyVoltage => $this->volts($known),
            ReadingKind::LoopImpedance => $this->loop($known),
            ReadingKind::Rotation => 'correct direction',
            ReadingKind::NoLoadCurrent => self::about($known->circuit->number('plate.no_load_current') ?? $known->load->noLoadCurrent),
            ReadingKind::Inrush => self::about($known->starting->lineCurrent() ?? $figures->lockedRotorCurrent),
            ReadingKind::RunUpTime => self::about($known->starting->runUpTime),
            ReadingKind::LineCurrent => $this->current($known),
            ReadingKind::Power => $this->power($known),
            ReadingKind::Speed => $known->motor->speed === null ? '' : $known->motor->speed->shown(4).' at full load',
            ReadingKind::Capacitor => self::about($known->correction?->unit->current),
            ReadingKind::Correction => $known->correction === null ? ''
                : 'from '.$known->correction->load->current->shown(3).' to '.$known->correction->atLoad->current->shown(3),
            ReadingKind::Temperature => '95 °C or less',
            ReadingKind::RelayTrip, ReadingKind::Vibration, ReadingKind::TemperatureRise => '',
        };
    }

    private static function about(?Figure $figure): string
    {
        return $figure === null ? '' : 'about '.$figure->shown(3);
    }

    private function volts(KnownCircuit $known): string
    {
        $nominal = $known->supplyVolts();
        $tolerance = $known->circuit->number('settings.voltage_tolerance');

        return $nominal === null || $tolerance === null ? '' : $nominal->shown(3).' ± '.$tolerance->shown(3).
            ($known->circuit->phases() === 1 ? '' : ', unbalance 2 % or less');
    }

    private function loop(KnownCircuit $known): string
    {
        $limit = $known->loop?->limit;

        return $limit === null ? self::about($known->loop?->impedance)
            : Show::quantity(LoopImpedanceJudge::COLD * $limit->number(), Unit::Ohm, 3).' or less, circuit cold';
    }

    private function current(KnownCircuit $known): string
    {
        $load = $known->circuit->missing('load.output_percent') ? null : $known->circuit->number('load.output_percent');
        $volts = $known->supplyVolts();
        if ($known->motor->kind !== null && $load === null) {
            $plate = $known->load->ratedCurrent();

            return $plate === null ? ''
                : Show::quantity(LineCurrentJudge::MOST_OF_PLATE * $plate->number(), Unit::Ampere, 3).
                ' or less; enter the load at the time';
        }
        $drawn = $volts === null ? null : ExpectedDraw::at($load === null ? null : $load->number() / 100, $volts->number(), null, $known);

        return $drawn === null ? '' : 'about '.Show::quantity($drawn->current(), Unit::Ampere, 3).
            ($load === null ? '' : ' at '.$load->shown(3).' load');
    }

    private function power(KnownCircuit $known): string
    {
        $load = $known->circuit->missing('load.output_percent') ? null : $known->circuit->number('load.output_percent');
        if ($load === null) {
            return $known->load->input === null ? '' : 'up to '.$known->load->input->shown(3);
        }
        $point = $known->drawnAt($load->number() / 100);

        return $point === null ? '' : 'about '.Show::quantity($point->input, Unit::Watt, 3).' at '.$load->shown(3).' load';
    }

    /** @return list<string> */
    private function before(ReadingKind $kind, KnownCircuit $known): array
    {
        $parts = array_map(static fn (Disconnected $part): string => match ($part) {
            Disconnected::Drive => 'Disconnect the drive from the motor: the test voltage destroys it.',
            Disconnected::SoftStarter => 'Disconnect the soft starter: the test voltage destroys it.',
            Disconnected::Capacitor => 'Disconnect, discharge and short-circuit the capacitor.',
            Disconnected::Arrester, Disconnected::Sensors => '',
        }, InsulationResistanceJudge::mustBeOff($known));

        return match ($kind) {
            ReadingKind::InsulationResistance => [
                ...$parts, 'Disconnect surge arresters; connect the leads of temperature sensors together and to the frame.',
                'Afterwards discharge the winding for four times the test time.',
            ],
            ReadingKind::WindingResistance => [
                ...in_array(Disconnected::Capacitor, InsulationResistanceJudge::mustBeOff($known), true)
                    ? ['Disconnect, discharge and short-circuit the capacitor.'] : [],
                ...$known->motor->onePhase ? ['Disconnect the capacitor; hold the start switch closed, or measure behind it.'] : [],
                match (true) {
                    $known->motor->onePhase => 'Main winding and start winding by themselves, as the nameplate diagram shows.',
                    $known->motor->connection() === WindingConnection::Delta => 'Links in delta, as in operation, or removed; '.
                        'record which.',
                    default => 'Links as in operation, or removed; record which.',
                },
                'Winding at ambient temperature; measure and record it.',
            ],
            ReadingKind::MotorCapacitor => [
                'Discharge it through a resistor, prove it dead, and take one lead off before you use a meter.',
                'By current: clamp its lead while the motor runs, and measure the voltage across it. It may be above the supply voltage.',
            ],
            ReadingKind::PanelOhms => [
                'Isolate, lock off and prove dead before and behind the starter. Links in the motor box removed; capacitor disconnected.',
                'Hold one contactor in by hand, never two. Read at the motor terminals of the starter.',
            ],
            ReadingKind::RelayTrip => ['Relay off for one hour (cold); test current through all three poles in series.'],
            ReadingKind::NoLoadCurrent => ['Motor uncoupled; shaft key removed or secured.'],
            ReadingKind::Rotation => ['Motor uncoupled if the wrong direction does damage.'],
            ReadingKind::Correction => ['Both readings within minutes, at the same load.'],
            ReadingKind::TemperatureRise => ['Motor warm after hours of running; measure the hot resistance within 30 s of switching off.'],
            ReadingKind::SupplyVoltage, ReadingKind::LoopImpedance, ReadingKind::Inrush, ReadingKind::RunUpTime,
            ReadingKind::LineCurrent, ReadingKind::Power, ReadingKind::Speed, ReadingKind::Capacitor, ReadingKind::Vibration,
            ReadingKind::Temperature => [],
        };
    }
}
