<?php

declare(strict_types=1);

namespace BraveAnvil\Prove;

use BraveAnvil\Prove\Judge\Capacitor;
use BraveAnvil\Prove\Judge\Correction;
use BraveAnvil\Prove\Judge\Inrush;
use BraveAnvil\Prove\Judge\InsulationResistance;
use BraveAnvil\Prove\Judge\LineCurrent;
use BraveAnvil\Prove\Judge\LoopImpedance;
use BraveAnvil\Prove\Judge\NoLoadCurrent;
use BraveAnvil\Prove\Judge\Power;
use BraveAnvil\Prove\Judge\RelayTrip;
use BraveAnvil\Prove\Judge\Rotation;
use BraveAnvil\Prove\Judge\RunUpTime;
use BraveAnvil\Prove\Judge\Speed;
use BraveAnvil\Prove\Judge\SupplyVoltage;
use BraveAnvil\Prove\Judge\Temperature;
use BraveAnvil\Prove\Judge\TemperatureRise;
use BraveAnvil\Prove\Judge\Vibration;
use BraveAnvil\Prove\Judge\WindingResistance;

/** Who judges which readings. */
final class Judges
{
    public static function of(ReadingKind $kind): Judge
    {
        return match ($kind) {
            ReadingKind::WindingResistance => new WindingResistance,
            ReadingKind::InsulationResistance => new InsulationResistance,
            ReadingKind::LoopImpedance => new LoopImpedance,
            ReadingKind::RelayTrip => new RelayTrip,
            ReadingKind::SupplyVoltage => new SupplyVoltage,
            ReadingKind::Rotation => new Rotation,
            ReadingKind::NoLoadCurrent => new NoLoadCurrent,
            ReadingKind::Inrush => new Inrush,
            ReadingKind::RunUpTime => new RunUpTime,
            ReadingKind::LineCurrent => new LineCurrent,
            ReadingKind::Power => new Power,
            ReadingKind::Speed => new Speed,
            ReadingKind::Capacitor => new Capacitor,
            ReadingKind::Correction => new Correction,
            ReadingKind::Vibration => new Vibration,
            ReadingKind::Temperature => new Temperature,
            ReadingKind::TemperatureRise => new TemperatureRise,
        };
    }
}
