<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** A board and the feeder that supplies it. */
enum FeederFigure: string implements FigureName
{
    use FigureWords;

    case LargestMotor = 'feeder.largest_motor';
    case RunningCurrent = 'feeder.running_current';
    case Demand = 'feeder.demand';
    case RequiredAmpacity = 'feeder.required_ampacity';
    case PhasorCurrent = 'feeder.phasor_current';
    case PowerFactor = 'feeder.power_factor';
    case ApparentPower = 'feeder.apparent_power';
    case ScpdLimit = 'feeder.scpd_limit';
    case ScpdRating = 'feeder.scpd_rating';
    case Size = 'feeder.size';
    case Sets = 'feeder.sets';
    case Ampacity = 'feeder.ampacity';
    case ProtectiveSize = 'feeder.protective_size';
    case LoopImpedance = 'feeder.loop_impedance';
    case EarthFaultCurrent = 'feeder.earth_fault_current';
    case DisconnectionTime = 'feeder.disconnection_time';
    case VoltageDrop = 'feeder.voltage_drop';
    case StartingDrop = 'feeder.starting_drop';
    case SupplyFaultCurrent = 'feeder.supply_fault_current';
    case ProspectiveCurrent = 'feeder.prospective_current';
    case TwoPhaseFaultCurrent = 'feeder.two_phase_fault_current';
    case MotorContribution = 'feeder.motor_contribution';
    case FaultCurrent = 'feeder.fault_current';
    case PeakFaultCurrent = 'feeder.peak_fault_current';
    case BoardVoltage = 'feeder.board_voltage';
    case StartingMotor = 'feeder.starting_motor';
    case StartDip = 'feeder.start_dip';
    case StartStep = 'feeder.start_step';
    case TransformerDip = 'feeder.transformer_dip';
    case TwoStartDip = 'feeder.two_start_dip';
    case TransformerCurrent = 'feeder.transformer_current';
    case TransformerLoading = 'feeder.transformer_loading';
    case Regulation = 'feeder.regulation';
    case TransformerLeast = 'feeder.transformer_least';
    case BlackoutDip = 'feeder.blackout_dip';
    case RestartSteps = 'feeder.restart_steps';
    case RestartTime = 'feeder.restart_time';
    case RestartDip = 'feeder.restart_dip';
    case RestartFuseShare = 'feeder.restart_fuse_share';
    case RestartDelay = 'feeder.restart_delay';
    case CircuitFaultCurrent = 'feeder.circuit_fault_current';
    case CircuitStartDip = 'feeder.circuit_start_dip';
    case Selectivity = 'feeder.selectivity';
    case SelectivityLimit = 'feeder.selectivity_limit';
    case BankStepsOn = 'feeder.bank_steps_on';
    case BankReactive = 'feeder.bank_reactive';
    case CorrectedCurrent = 'feeder.corrected_current';
    case CorrectedPowerFactor = 'feeder.corrected_power_factor';
    case CorrectedDrop = 'feeder.corrected_drop';
    case CorrectedLoading = 'feeder.corrected_loading';
    case ResonanceOrder = 'feeder.resonance_order';
    case TotalDrop = 'feeder.total_drop';
    case ControlHolding = 'feeder.control_holding';
    case ControlInrush = 'feeder.control_inrush';
    case ControlTransformer = 'feeder.control_transformer';
    case ControlPrimaryCurrent = 'feeder.control_primary_current';
    case ControlSecondaryCurrent = 'feeder.control_secondary_current';
    case ControlPrimaryFuse = 'feeder.control_primary_fuse';
    case ControlSecondaryFuse = 'feeder.control_secondary_fuse';
    case ControlInrushVoltage = 'feeder.control_inrush_voltage';
    case ControlPullInLength = 'feeder.control_pull_in_length';
    case ControlDropOutLength = 'feeder.control_drop_out_length';

    private const STATION = Station::Guard;

    /** Whether it changes with what is assumed of the currents of the circuits. */
    public function restsOnCurrents(): bool
    {
        return ! in_array($this, [
            self::SupplyFaultCurrent, self::ProspectiveCurrent, self::TwoPhaseFaultCurrent, self::TransformerCurrent,
            self::ResonanceOrder, self::Selectivity, self::SelectivityLimit, self::ProtectiveSize, self::LoopImpedance,
            self::EarthFaultCurrent, self::DisconnectionTime, self::ControlHolding, self::ControlInrush, self::ControlTransformer,
            self::ControlPrimaryCurrent, self::ControlSecondaryCurrent, self::ControlPrimaryFuse, self::ControlSecondaryFuse,
            self::ControlInrushVoltage, self::ControlPullInLength, self::ControlDropOutLength,
        ], true);
    }

    /** Whether it changes with what is assumed of their starts. */
    public function restsOnStarts(): bool
    {
        return in_array($this, [
            self::ScpdRating, self::RequiredAmpacity, self::Size, self::Sets, self::Ampacity, self::StartingDrop, self::MotorContribution,
            self::FaultCurrent, self::PeakFaultCurrent, self::CircuitFaultCurrent, self::StartingMotor, self::StartDip, self::StartStep,
            self::TransformerDip, self::TwoStartDip, self::CircuitStartDip, self::TransformerLeast, self::BlackoutDip, self::RestartSteps,
            self::RestartTime, self::RestartDip, self::RestartDelay, self::RestartFuseShare,
        ], true);
    }

    /** Whether it changes with the angle of the source, where that is assumed. */
    public function restsOnSource(): bool
    {
        return in_array($this, [
            self::SupplyFaultCurrent, self::ProspectiveCurrent, self::TwoPhaseFaultCurrent, self::FaultCurrent, self::PeakFaultCurrent,
            self::CircuitFaultCurrent, self::CircuitStartDip, self::BoardVoltage, self::StartDip, self::StartStep,
            self::TransformerDip, self::TwoStartDip,
            self::Regulation, self::TransformerLeast, self::BlackoutDip, self::RestartSteps, self::RestartTime, self::RestartDip,
            self::RestartDelay, self::ResonanceOrder, self::SelectivityLimit,
        ], true);
    }

    private const SAYS = [
        'feeder.largest_motor' => ['Largest motor of the board', Unit::None],
        'feeder.running_current' => ['Running current of the feeder', Unit::Ampere],
        'feeder.demand' => ['Demand current of the feeder', Unit::Ampere],
        'feeder.required_ampacity' => ['Feeder conductors, minimum current-carrying capacity', Unit::Ampere],
        'feeder.phasor_current' => ['Feeder current as a sum of phasors', Unit::Ampere],
        'feeder.power_factor' => ['Power factor of the board', Unit::None],
        'feeder.apparent_power' => ['Apparent power of the board', Unit::VoltAmpere],
        'feeder.scpd_limit' => ['Largest feeder device by rule', Unit::Ampere],
        'feeder.scpd_rating' => ['Rating of the feeder device', Unit::Ampere],
        'feeder.size' => ['Size of the feeder conductors', Unit::None],
        'feeder.sets' => ['Parallel sets of the feeder', Unit::None],
        'feeder.ampacity' => ['Current-carrying capacity of the feeder', Unit::Ampere],
        'feeder.protective_size' => ['Protective conductor of the feeder', Unit::None],
        'feeder.loop_impedance' => ['Earth-fault loop impedance at the board', Unit::Ohm],
        'feeder.earth_fault_current' => ['Smallest earth-fault current at the board', Unit::Ampere],
        'feeder.disconnection_time' => ['Disconnection time, earth fault at the board', Unit::Second],
        'feeder.voltage_drop' => ['Voltage drop of the feeder', Unit::Percent],
        'feeder.starting_drop' => ['Starting voltage drop of the feeder', Unit::Percent],
        'feeder.supply_fault_current' => ['Short-circuit current before the feeder', Unit::Ampere],
        'feeder.prospective_current' => ['Short-circuit current at the board, from the supply', Unit::Ampere],
        'feeder.two_phase_fault_current' => ['Smallest line-to-line fault current at the board', Unit::Ampere],
        'feeder.motor_contribution' => ['Share of the motors in the fault current', Unit::Ampere],
        'feeder.fault_current' => ['Short-circuit current at the board', Unit::Ampere],
        'feeder.peak_fault_current' => ['Peak of the short-circuit current at the board', Unit::Ampere],
        'feeder.board_voltage' => ['Voltage at the board, running', Unit::Volt],
        'feeder.starting_motor' => ['Start with the deepest dip', Unit::None],
        'feeder.start_dip' => ['Voltage dip at the board, deepest start', Unit::Percent],
        'feeder.start_step' => ['Step of the voltage at that start', Unit::Percent],
        'feeder.transformer_dip' => ['Voltage dip at the transformer at that start', Unit::Percent],
        'feeder.two_start_dip' => ['Voltage dip at the board, two starts at once', Unit::Percent],
        'feeder.transformer_current' => ['Rated current of the transformer', Unit::Ampere],
        'feeder.transformer_loading' => ['Load on the transformer, share of its rating', Unit::Percent],
        'feeder.regulation' => ['Voltage drop in the transformer', Unit::Percent],
        'feeder.transformer_least' => ['Smallest transformer for this board', Unit::VoltAmpere],
        'feeder.blackout_dip' => ['Voltage dip if all restart at once', Unit::Percent],
        'feeder.restart_steps' => ['Steps of the restart', Unit::None],
        'feeder.restart_time' => ['Time until all is up again', Unit::Second],
        'feeder.restart_dip' => ['Deepest voltage dip of the restart', Unit::Percent],
        'feeder.restart_fuse_share' => ['Share of the feeder fuse that the restart takes', Unit::None],
        'feeder.restart_delay' => ['Timer of the restart', Unit::Second],
        'feeder.circuit_fault_current' => ['Fault current that the device of the circuit breaks', Unit::Ampere],
        'feeder.circuit_start_dip' => ['Voltage dip at the board at its start', Unit::Percent],
        'feeder.selectivity' => ['Selectivity to the feeder', Unit::None],
        'feeder.selectivity_limit' => ['Selective up to', Unit::Ampere],
        'feeder.bank_steps_on' => ['Steps of the bank that are on', Unit::None],
        'feeder.bank_reactive' => ['Reactive power of the bank', Unit::Var],
        'feeder.corrected_current' => ['Feeder current with the bank', Unit::Ampere],
        'feeder.corrected_power_factor' => ['Power factor with the bank', Unit::None],
        'feeder.corrected_drop' => ['Voltage drop of the feeder with the bank', Unit::Percent],
        'feeder.corrected_loading' => ['Load on the transformer with the bank', Unit::Percent],
        'feeder.resonance_order' => ['Harmonic order of the resonance, all steps', Unit::None],
        'feeder.total_drop' => ['Voltage drop of feeder and circuit', Unit::Percent],
        'feeder.control_holding' => ['Control supply, all coils held', Unit::VoltAmpere],
        'feeder.control_inrush' => ['Control supply, largest inrush', Unit::VoltAmpere],
        'feeder.control_transformer' => ['Control transformer', Unit::VoltAmpere],
        'feeder.control_primary_current' => ['Control transformer, primary current', Unit::Ampere],
        'feeder.control_secondary_current' => ['Control transformer, secondary current', Unit::Ampere],
        'feeder.control_primary_fuse' => ['Control transformer, primary fuse', Unit::Ampere],
        'feeder.control_secondary_fuse' => ['Control transformer, secondary fuse', Unit::Ampere],
        'feeder.control_inrush_voltage' => ['Control voltage at the inrush', Unit::Percent],
        'feeder.control_pull_in_length' => ['Longest control cable that pulls in', Unit::Metre],
        'feeder.control_drop_out_length' => ['Longest control cable that drops out', Unit::Metre],
    ];
}
