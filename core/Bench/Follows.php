<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Start\StartFigure;

/** Which figures follow from a stamp of the plate, in the order of reading; those of later stations too. */
final class Follows
{
    /** @var array<string, list<FigureName>> by the path of the stamp */
    private const FOLLOWS = [
        'plate.power' => [
            PowerFigure::Input, PowerFigure::Apparent, PowerFigure::Reactive, PowerFigure::ComputedCurrent, PlateFigure::RatedTorque,
        ],
        'plate.voltage' => [PlateFigure::Connection, PlateFigure::RatedVoltage, PlateFigure::Fit, PlateFigure::WindingVoltage],
        'plate.current' => [PlateFigure::Current, PowerFigure::DesignCurrent, PowerFigure::OverloadCurrent, PowerFigure::CurrentDifference],
        'plate.speed' => [PlateFigure::Poles, PlateFigure::SynchronousSpeed, PlateFigure::Slip, PlateFigure::RatedTorque],
        'plate.frequency' => [PlateFigure::SynchronousSpeed, PlateFigure::Flux],
        'plate.power_factor' => [PowerFigure::Apparent, PowerFigure::Reactive, PowerFigure::ComputedCurrent],
        'plate.efficiency' => [PowerFigure::Input],
        'plate.efficiency_class' => [PlateFigure::Efficiency],
        'plate.service_factor' => [PlateFigure::ServiceFactorOutput],
        'plate.code_letter' => [StartFigure::LockedRotorCurrentLow, StartFigure::LockedRotorCurrent, StartFigure::LockedRotorCurrentHigh],
        'plate.start_current_ratio' => [StartFigure::LockedRotorCurrent, StartFigure::PeakFirstHalfCycle],
        'plate.start_torque_ratio' => [StartFigure::StarTorque],
        'plate.ambient' => [PlateFigure::DeratingAmbient, PlateFigure::UsableOutput],
        'plate.altitude' => [PlateFigure::DeratingAltitude, PlateFigure::UsableOutput],
        'plate.insulation_class' => [PlateFigure::DeratingAmbient],
        'plate.no_load_current' => [CorrectFigure::ReactiveLimit],
    ];

    /** @return list<string> keys */
    public static function from(string $path): array
    {
        return array_map(static fn (FigureName $figure): string => $figure->key(), self::FOLLOWS[$path] ?? []);
    }
}
