<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Units in which a person of a rule book's world reads outputs and lengths. Everything is computed in watts and metres. */
final readonly class LocalUnits
{
    private const FOOT_M = 0.3048;

    public function __construct(private bool $horsepower, private bool $feet)
    {
    }

    /**
     * `37 kW`, or `50 hp, 37.3 kW`.
     *
     * @param  float  $watts  at the shaft
     */
    public function output(float $watts): string
    {
        $metric = Show::quantity($watts, Unit::Watt, 3);

        return $this->horsepower ? Show::quantity($watts / Power::HORSEPOWER, Unit::Horsepower, 3).', '.$metric : $metric;
    }

    /** `60 m`, or `197 ft`. */
    public function length(float $metres): string
    {
        return $this->feet
            ? Show::number($metres / self::FOOT_M, 3).Show::UNIT_SPACE.'ft'
            : Show::number($metres, 3).Show::UNIT_SPACE.'m';
    }
}
