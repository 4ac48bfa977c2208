<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/**
 * Voltages and currents of a balanced load as arrows, in star and in delta: line and phase values stand 30° apart. Angles
 * in degrees against the phase voltage of L1, positive ahead; sequence L1-L2-L3.
 */
final readonly class PhasorCurve implements Curve
{
    /**
     * @param  string  $from  where the angle comes from
     * @param  float  $angle  by which the current is behind its phase voltage, °
     * @param  float  $current  of the line, A
     * @param  float  $volts  between lines
     */
    public function __construct(private string $from, private float $angle, private float $current, private float $volts)
    {
    }

    public function name(): string
    {
        return 'phasors';
    }

    public function toArray(): array
    {
        $lag = abs($this->angle);

        return [
            'from' => $this->from, 'angle' => round($this->angle, 4),
            'lag' => Shown::of($lag, Unit::Degree)->toArray(),
            'current' => round($this->current, 4), 'volts' => round($this->volts, 4),
            'star' => ['lagging' => $this->star($lag), 'leading' => $this->star(-$lag)],
            'delta' => ['lagging' => $this->delta($lag), 'leading' => $this->delta(-$lag)],
        ];
    }

    public static function schema(): array
    {
        $arrows = Shape::list(
            Shape::object(
                [
                    'name' => Shape::text(),
                    'of' => Shape::oneOf(['phase voltage', 'line voltage', 'winding current', 'line current']),
                    'size' => Shape::number(), 'angle' => Shape::number(), 'shown' => Shape::text(),
                ],
                'Arrow',
            ),
        );
        $both = Shape::object(['lagging' => $arrows, 'leading' => $arrows], 'Arrows');

        return Shape::object(
            [
                'from' => Shape::text(), 'angle' => Shape::number(), 'lag' => Shape::shown(), 'current' => Shape::number(),
                'volts' => Shape::number(), 'star' => $both, 'delta' => $both,
            ],
            'PhasorCurve',
        );
    }

    /** @return list<array{name: string, of: string, size: float, angle: float, shown: string}> */
    private function star(float $lag): array
    {
        return [
            ...self::three(['V1N', 'V2N', 'V3N'], 'phase voltage', $this->volts / sqrt(3), 0),
            ...self::three(['V12', 'V23', 'V31'], 'line voltage', $this->volts, 30),
            ...self::three(['I1', 'I2', 'I3'], 'line current', $this->current, -$lag),
        ];
    }

    /** @return list<array{name: string, of: string, size: float, angle: float, shown: string}> */
    private function delta(float $lag): array
    {
        return [
            ...self::three(['V12', 'V23', 'V31'], 'line voltage', $this->volts, 30),
            ...self::three(['I12', 'I23', 'I31'], 'winding current', $this->current / sqrt(3), 30 - $lag),
            ...self::three(['I1', 'I2', 'I3'], 'line current', $this->current, -$lag),
        ];
    }

    /**
     * @param  array{string, string, string}  $names
     * @return list<array{name: string, of: string, size: float, angle: float, shown: string}>
     */
    private static function three(array $names, string $of, float $size, float $first): array
    {
        $unit = str_ends_with($of, 'voltage') ? Unit::Volt : Unit::Ampere;
        $shown = Show::quantity($size, $unit, 3).' at ';
        $arrows = [];
        foreach ($names as $i => $name) {
            $angle = $first - 120 * $i;
            $angle -= 360 * round($angle / 360);
            // For drawing: short numbers.
            $arrows[] = ['name' => $name, 'of' => $of, 'size' => round($size, 4), 'angle' => round($angle, 4),
                'shown' => $shown.Show::quantity($angle, Unit::Degree, 3)];
        }

        return $arrows;
    }
}
