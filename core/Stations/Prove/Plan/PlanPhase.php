<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Ground\Labelled;
use BraveAnvil\Stations\Prove\ReadingKind;

/** In which state a circuit is while a reading is taken: the order of proving it. */
enum PlanPhase: string
{
    use Labelled;

    case Dead = 'dead';
    case Live = 'live';
    case FirstStart = 'first_start';
    case UnderLoad = 'under_load';

    private const LABELS = [
        'dead' => 'Dead: isolated and locked off', 'live' => 'Live, at standstill', 'first_start' => 'First start',
        'under_load' => 'Under load, warm',
    ];

    public static function of(ReadingKind $kind): self
    {
        return match ($kind) {
            ReadingKind::WindingResistance, ReadingKind::MotorCapacitor, ReadingKind::PanelOhms, ReadingKind::InsulationResistance,
            ReadingKind::RelayTrip => self::Dead,
            ReadingKind::SupplyVoltage, ReadingKind::LoopImpedance => self::Live,
            ReadingKind::Rotation, ReadingKind::NoLoadCurrent, ReadingKind::Inrush, ReadingKind::RunUpTime => self::FirstStart,
            ReadingKind::LineCurrent, ReadingKind::Power, ReadingKind::Speed, ReadingKind::Capacitor, ReadingKind::Correction,
            ReadingKind::Vibration, ReadingKind::Temperature, ReadingKind::TemperatureRise => self::UnderLoad,
        };
    }

    /** Where hands go, before anything is touched. */
    public function caution(): string
    {
        return match ($this) {
            self::Dead => 'Isolate, lock off, wait for capacitors and drives to discharge, prove dead with a tester checked on a known '.
                'live source before and after, then earth and short-circuit. Screen live parts nearby. '.
                'With automatic reset a warm motor can start by itself.',
            self::Live => 'Live measurement by qualified persons only, with instruments, leads, gloves and PPE rated for the location. '.
            'Keep doors closed that need not be open.',
            self::FirstStart => 'Guards fitted; keep everyone clear of coupling, belt and fan; be ready at the stop button. '.
            'Remove or secure the shaft key when the motor runs uncoupled.',
            self::UnderLoad => 'Clamp meters on insulated conductors only. Keep sleeves, leads and fingers clear of shaft and fan. '.
            'Surfaces can burn you.',
        };
    }
}
