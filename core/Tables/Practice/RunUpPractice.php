<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** What a run-up is worked out with where nothing closer is typed, and what it is judged by. */
final readonly class RunUpPractice
{
    public function __construct(private Table $table)
    {
    }

    /** Share of the air gap's torque that is left in the worst case. IEC 60034-1. */
    public function worstTorqueShare(): float
    {
        return $this->table->must('worst_torque_share');
    }

    /** Motor volts over line volts of an autotransformer, %. */
    public function tap(): float
    {
        return $this->table->must('tap_percent');
    }

    /** Standstill current through a resistor or reactor, % of that direct on line. */
    public function seriesCurrent(): float
    {
        return $this->table->must('series_current_percent');
    }

    /** Of a soft starter, % of rated current. */
    public function currentLimit(): float
    {
        return $this->table->must('current_limit_percent');
    }

    /** Of a soft starter, % of the full voltage. */
    public function initialVoltage(): float
    {
        return $this->table->must('initial_voltage_percent');
    }

    /** Of a soft starter or drive, s. */
    public function rampTime(): float
    {
        return $this->table->must('ramp_time_s');
    }

    /** Without a supply between star and delta, s. */
    public function gap(): float
    {
        return $this->table->must('gap_s');
    }

    /** % */
    public function dipLimitBus(): float
    {
        return $this->table->must('dip_limit_bus_percent');
    }

    /** % */
    public function dipLimitMotor(): float
    {
        return $this->table->must('dip_limit_motor_percent');
    }

    /** Behind a generator, %. ISO 8528-5, class G2. */
    public function dipLimitGenerator(): float
    {
        return $this->table->must('dip_limit_generator_percent');
    }

    /** Subtransient reactance of a generator, % of its rating. */
    public function subtransient(): float
    {
        return $this->table->must('subtransient_percent');
    }

    /** @return array{float, float} between which it usually lies, % */
    public function subtransientRange(): array
    {
        return [$this->table->must('subtransient_least_percent'), $this->table->must('subtransient_most_percent')];
    }

    /** Transient over subtransient reactance of a generator, in parts of one. */
    public function transientTimes(): float
    {
        return $this->table->must('transient_times');
    }

    /** Voltage below which contactors of a control supply may drop out, %. */
    public function controlSupplyHolds(): float
    {
        return $this->table->must('control_supply_holds_percent');
    }

    /** Speed that a changeover waits for at least, % of the synchronous one. */
    public function changeoverMinimum(): float
    {
        return $this->table->must('changeover_minimum_percent');
    }

    /** Below this speed a changeover gains next to nothing, % of the synchronous one. */
    public function earlyChangeover(): float
    {
        return $this->table->must('early_changeover_percent');
    }

    /** Current in delta, over that at standstill, from which on a changeover is worth it. */
    public function changeoverCurrentShare(): float
    {
        return $this->table->must('changeover_current_share');
    }

    /** Torque over that of the load that a start keeps at least. */
    public function torqueMargin(): float
    {
        return $this->table->must('torque_margin_least');
    }

    /** How many times a step of the steady torque the first swing of the shaft is. */
    public function torqueStepTransient(): float
    {
        return $this->table->must('torque_step_transient');
    }

    /** Reactance over resistance of a transformer, in parts of one. */
    public function transformerReactance(): float
    {
        return $this->table->must('transformer_x_over_r');
    }

    /** Reactance over resistance at a bus without a transformer, in parts of one. */
    public function busReactance(): float
    {
        return $this->table->must('bus_x_over_r');
    }

    /** Reactance over resistance before a transformer, in parts of one. */
    public function upstreamReactance(): float
    {
        return $this->table->must('upstream_x_over_r');
    }

    /** Output over input of a drive, in parts of one. */
    public function driveEfficiency(): float
    {
        return $this->table->must('drive_efficiency');
    }

    /** True power factor of its line current. */
    public function drivePowerFactor(): float
    {
        return $this->table->must('drive_power_factor');
    }

    /** Torque that a drive gives for a minute, over the rated one. */
    public function driveTorque(): float
    {
        return $this->table->must('drive_torque_times');
    }

    /**
     * Usual inertia of the load at the motor's shaft, over that of the rotor.
     *
     * @param  DrivenMachine|null  $machine  null where nobody says what is driven
     * @return float|null null where nothing is usual: it must be typed
     */
    public function inertiaTimes(?DrivenMachine $machine, LoadKind $kind): ?float
    {
        return match ($machine) {
            DrivenMachine::Fan => $this->table->must('inertia_times', 'fan'),
            DrivenMachine::Pump => $this->table->must('inertia_times', 'pump'),
            DrivenMachine::Conveyor => $this->table->must('inertia_times', 'conveyor'),
            DrivenMachine::Compressor => $this->table->must('inertia_times', 'compressor'),
            DrivenMachine::Saw, DrivenMachine::Drum => null,
            DrivenMachine::Other, null => $kind === LoadKind::Quadratic
                ? $this->table->must('inertia_times', 'quadratic')
                : $this->table->must('inertia_times', 'others'),
        };
    }

    /**
     * Usual inertia of a rotor, kg·m².
     *
     * @param  float  $kilowatts  rated output
     */
    public function motorInertia(float $kilowatts, float $polePairs): TableEntry
    {
        $coefficient = $this->table->entry('motor_inertia', 'coefficient');

        return new TableEntry(
            $coefficient->value * $kilowatts ** $this->table->must('motor_inertia', 'power_exponent')
                * ($polePairs / 2) ** $this->table->must('motor_inertia', 'pole_pair_exponent'),
            $coefficient->source, $coefficient->doubt, $coefficient->correction,
        );
    }

    public function cited(): string
    {
        return $this->table->cited();
    }
}
