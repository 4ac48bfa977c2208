<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Stations\Prove\ReadingKind;

/** In which state a circuit is while a reading is taken: the order of proving it. */
enum Phase: string
{
    case Dead = 'dead';
    case Live = 'live';
    case FirstStart = 'first_start';
    case UnderLoad = 'under_load';

    public static function of(ReadingKind $kind): self
    {
        return match ($kind) {
            ReadingKind::WindingResistance, ReadingKind::InsulationResistance, ReadingKind::RelayTrip => self::Dead,
            ReadingKind::SupplyVoltage, ReadingKind::LoopImpedance => self::Live,
            ReadingKind::Rotation, ReadingKind::NoLoadCurrent, ReadingKind::Inrush, ReadingKind::RunUpTime => self::FirstStart,
            ReadingKind::LineCurrent, ReadingKind::Power, ReadingKind::Speed, ReadingKind::Capacitor, ReadingKind::Correction,
            ReadingKind::Vibration, ReadingKind::Temperature, ReadingKind::TemperatureRise => self::UnderLoad,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Dead => 'Dead: isolated and locked off',
            self::Live => 'Live, at standstill',
            self::FirstStart => 'First start',
            self::UnderLoad => 'Under load, warm',
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
