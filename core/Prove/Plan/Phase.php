<?php

declare(strict_types=1);

namespace BraveAnvil\Prove\Plan;

use BraveAnvil\Prove\ReadingKind;

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
            default => self::UnderLoad,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Dead => 'Dead: isolated and locked off',
            self::Live => 'Live, standing still',
            self::FirstStart => 'First start',
            self::UnderLoad => 'Under load, warm',
        };
    }

    /** Where hands go, before anything is touched. */
    public function caution(): string
    {
        return match ($this) {
            self::Dead => 'Isolate, lock off, prove it dead with a tester that was tried on a known source before and after. '.
                'Capacitors hold charge: wait, prove them dead, short them. A warm motor may start by itself where a relay resets by itself.',
            self::Live => 'Live measurement only by qualified people, with instruments, leads and gloves rated for the place. '.
                'Doors that need not be open stay shut.',
            self::FirstStart => 'Guards on, nobody at coupling, belt or fan; a hand on the stop. '.
                'Loose keys fly when a motor runs uncoupled.',
            self::UnderLoad => 'Clamps only on insulated leads. Keep sleeves, leads and fingers from shaft and fan; surfaces burn.',
        };
    }
}
