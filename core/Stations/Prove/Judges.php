<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Stations\Prove\Judge\CapacitorJudge;
use BraveAnvil\Stations\Prove\Judge\CorrectionJudge;
use BraveAnvil\Stations\Prove\Judge\InrushJudge;
use BraveAnvil\Stations\Prove\Judge\InsulationResistanceJudge;
use BraveAnvil\Stations\Prove\Judge\LineCurrentJudge;
use BraveAnvil\Stations\Prove\Judge\LoopImpedanceJudge;
use BraveAnvil\Stations\Prove\Judge\MotorCapacitorJudge;
use BraveAnvil\Stations\Prove\Judge\NoLoadCurrentJudge;
use BraveAnvil\Stations\Prove\Judge\PanelOhmsJudge;
use BraveAnvil\Stations\Prove\Judge\PowerJudge;
use BraveAnvil\Stations\Prove\Judge\RelayTripJudge;
use BraveAnvil\Stations\Prove\Judge\RotationJudge;
use BraveAnvil\Stations\Prove\Judge\RunUpTimeJudge;
use BraveAnvil\Stations\Prove\Judge\SpeedJudge;
use BraveAnvil\Stations\Prove\Judge\SupplyVoltageJudge;
use BraveAnvil\Stations\Prove\Judge\TemperatureJudge;
use BraveAnvil\Stations\Prove\Judge\TemperatureRiseJudge;
use BraveAnvil\Stations\Prove\Judge\VibrationJudge;
use BraveAnvil\Stations\Prove\Judge\WindingResistanceJudge;

/** Who judges which readings. */
final class Judges
{
    public static function of(ReadingKind $kind): Judge
    {
        return match ($kind) {
            ReadingKind::WindingResistance => new WindingResistanceJudge,
            ReadingKind::MotorCapacitor => new MotorCapacitorJudge,
            ReadingKind::PanelOhms => new PanelOhmsJudge,
            ReadingKind::InsulationResistance => new InsulationResistanceJudge,
            ReadingKind::LoopImpedance => new LoopImpedanceJudge,
            ReadingKind::RelayTrip => new RelayTripJudge,
            ReadingKind::SupplyVoltage => new SupplyVoltageJudge,
            ReadingKind::Rotation => new RotationJudge,
            ReadingKind::NoLoadCurrent => new NoLoadCurrentJudge,
            ReadingKind::Inrush => new InrushJudge,
            ReadingKind::RunUpTime => new RunUpTimeJudge,
            ReadingKind::LineCurrent => new LineCurrentJudge,
            ReadingKind::Power => new PowerJudge,
            ReadingKind::Speed => new SpeedJudge,
            ReadingKind::Capacitor => new CapacitorJudge,
            ReadingKind::Correction => new CorrectionJudge,
            ReadingKind::Vibration => new VibrationJudge,
            ReadingKind::Temperature => new TemperatureJudge,
            ReadingKind::TemperatureRise => new TemperatureRiseJudge,
        };
    }
}
