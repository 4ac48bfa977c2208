<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Stations\Prove\Judge\Capacitor;
use BraveAnvil\Stations\Prove\Judge\Correction;
use BraveAnvil\Stations\Prove\Judge\Inrush;
use BraveAnvil\Stations\Prove\Judge\InsulationResistance;
use BraveAnvil\Stations\Prove\Judge\LineCurrent;
use BraveAnvil\Stations\Prove\Judge\LoopImpedance;
use BraveAnvil\Stations\Prove\Judge\NoLoadCurrent;
use BraveAnvil\Stations\Prove\Judge\Power;
use BraveAnvil\Stations\Prove\Judge\RelayTrip;
use BraveAnvil\Stations\Prove\Judge\Rotation;
use BraveAnvil\Stations\Prove\Judge\RunUpTime;
use BraveAnvil\Stations\Prove\Judge\Speed;
use BraveAnvil\Stations\Prove\Judge\SupplyVoltage;
use BraveAnvil\Stations\Prove\Judge\Temperature;
use BraveAnvil\Stations\Prove\Judge\TemperatureRise;
use BraveAnvil\Stations\Prove\Judge\Vibration;
use BraveAnvil\Stations\Prove\Judge\WindingResistance;

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
