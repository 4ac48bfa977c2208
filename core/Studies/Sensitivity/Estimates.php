<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Start\StartFigure;

/**
 * What a station estimates by itself where a plate or a person says nothing, and how far the truth may lie from it: common practice, no
 * source. Whatever is estimated is swept only where a figure says that it rests on the estimate.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class Estimates
{
    /** Least and most of what the estimate may be, as shares of it, and the figure that says whether there is one. */
    private const SHARES = [
        'plate.efficiency' => [0.97, 1.02, PlateFigure::Efficiency],
        'plate.power_factor' => [0.94, 1.04, PlateFigure::PowerFactor],
        'load.inertia' => [0.5, 2.0, StartFigure::Inertia],
    ];

    /** Least and most where the estimate itself is no figure. */
    private const BOUNDS = [
        'plate.start_current_ratio' => [5.0, 8.5, StartFigure::LockedRotorCurrent],
        'plate.start_torque_ratio' => [1.5, 2.8, StartFigure::LockedRotorTorque],
        'plate.breakdown_torque_ratio' => [2.0, 3.5, StartFigure::BreakdownSpeed],
        'load.torque_percent' => [60.0, 100.0, StartFigure::RunUpTime],
    ];

    /**
     * @param  array<string, Figure>  $figures  by key
     * @return list<DoubtfulValue>
     */
    public static function of(Circuit $circuit, array $figures): array
    {
        $candidates = [];
        foreach (self::SHARES as $path => [$low, $high, $name]) {
            $figure = self::estimated($circuit, $path, $name, $figures);
            if ($figure !== null) {
                $value = $figure->number();
                $most = in_array($path, ['plate.efficiency', 'plate.power_factor'], true) ? 0.99 : INF;
                $candidates[] = self::candidate($path, $figure->shown(3), [$value * $low, min($most, $value * $high)]);
            }
        }
        foreach (self::BOUNDS as $path => [$low, $high, $name]) {
            $figure = self::estimated($circuit, $path, $name, $figures);
            if ($figure !== null) {
                $candidates[] = self::candidate($path, 'a usual value', [$low, $high]);
            }
        }
        // Without a simulated start a run-up time is taken.
        if ($circuit->missing('starter.run_up_time') && ($figures[StartFigure::RunUpTime->key()] ?? null)?->assumed() === true
            && ! isset($figures[StartFigure::RunUpTimeWorst->key()])) {
            $figure = $figures[StartFigure::RunUpTime->key()];
            $candidates[] = self::candidate('starter.run_up_time', $figure->shown(3), [$figure->number() / 2, $figure->number() * 2]);
        }

        return $candidates;
    }

    /**
     * @param  FieldPath  $path
     * @param  array<string, Figure>  $figures
     */
    private static function estimated(Circuit $circuit, string $path, FigureName $name, array $figures): ?Figure
    {
        $figure = $figures[$name->key()] ?? null;

        return $figure !== null && $figure->assumed() && $circuit->missing($path) && $circuit->defaultOf($path) === null ? $figure : null;
    }

    /**
     * @param  FieldPath  $path
     * @param  list<float>  $values  in base units
     */
    private static function candidate(string $path, string $taken, array $values): DoubtfulValue
    {
        $field = Fields::named($path);
        $tried = [];
        foreach ($values as $value) {
            $tried[] = [$value, Show::quantity($value, $field->unit, 3)];
        }

        return new DoubtfulValue(Doubted::Assumed, $path, $field->label, $taken, $tried);
    }
}
