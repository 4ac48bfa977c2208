<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

/** The capacitor, its leads, and what the line carries after it. */
enum CorrectFigure: string implements FigureName
{
    case NoLoadCurrent = 'correct.no_load_current';
    case NoLoadReactive = 'correct.no_load_reactive';
    case LoadPower = 'correct.load_power';
    case LoadReactive = 'correct.load_reactive';
    case ReactiveRequired = 'correct.reactive_required';
    case ReactiveLimit = 'correct.reactive_limit';
    case CapacitorRating = 'correct.capacitor_rating';
    case ReactiveChosen = 'correct.reactive_chosen';
    case CapacitanceStar = 'correct.capacitance_star';
    case CapacitanceDelta = 'correct.capacitance_delta';
    case CapacitorCurrent = 'correct.capacitor_current';
    case CapacitorRatedCurrent = 'correct.capacitor_rated_current';
    case DischargeResistance = 'correct.discharge_resistance';
    case DischargeRecommended = 'correct.discharge_recommended';
    case DischargePower = 'correct.discharge_power';
    case CorrectedCurrent = 'correct.corrected_current';
    case CorrectedPowerFactor = 'correct.corrected_power_factor';
    case LoadCorrectedCurrent = 'correct.load_corrected_current';
    case LoadCorrectedPowerFactor = 'correct.load_corrected_power_factor';
    case AloneCurrent = 'correct.alone_current';
    case ConductorAmpacity = 'correct.conductor_ampacity';
    case ConductorSize = 'correct.conductor_size';
    case FuseRating = 'correct.fuse_rating';
    case DisconnectRating = 'correct.disconnect_rating';
    case ResonanceOrder = 'correct.resonance_order';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::NoLoadCurrent => 'No-load current',
            self::NoLoadReactive => 'Reactive power at no load',
            self::LoadPower => 'Real power at this load',
            self::LoadReactive => 'Reactive power at this load',
            self::ReactiveRequired => 'Reactive power required',
            self::ReactiveLimit => 'Limit at the motor',
            self::CapacitorRating => 'Capacitor rating',
            self::ReactiveChosen => 'Reactive power given at site',
            self::CapacitanceStar => 'Capacitance a phase, star',
            self::CapacitanceDelta => 'Capacitance a phase, delta',
            self::CapacitorCurrent => 'Capacitor current at site',
            self::CapacitorRatedCurrent => 'Capacitor rated current',
            self::DischargeResistance => 'Discharge resistor, at most',
            self::DischargeRecommended => 'Discharge resistor to take',
            self::DischargePower => 'Heat in each resistor',
            self::CorrectedCurrent => 'Line current after correction, full load',
            self::CorrectedPowerFactor => 'Power factor after correction, full load',
            self::LoadCorrectedCurrent => 'Line current after correction at this load',
            self::LoadCorrectedPowerFactor => 'Power factor after correction at this load',
            self::AloneCurrent => 'Leading current while the motor stands',
            self::ConductorAmpacity => 'Capacitor conductors, at least',
            self::ConductorSize => 'Capacitor conductor size',
            self::FuseRating => 'Capacitor fuse',
            self::DisconnectRating => 'Capacitor disconnect, at least',
            self::ResonanceOrder => 'Resonance order',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::NoLoadReactive,
            self::LoadReactive,
            self::ReactiveRequired,
            self::ReactiveLimit,
            self::CapacitorRating,
            self::ReactiveChosen => Unit::Var,
            self::LoadPower, self::DischargePower => Unit::Watt,
            self::CapacitanceStar, self::CapacitanceDelta => Unit::Farad,
            self::DischargeResistance, self::DischargeRecommended => Unit::Ohm,
            self::CorrectedPowerFactor, self::LoadCorrectedPowerFactor, self::ResonanceOrder => Unit::None,
            self::ConductorSize => Unit::SquareMillimetre,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Correct;
    }
}
