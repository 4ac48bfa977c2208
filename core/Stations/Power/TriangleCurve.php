<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;

/** Real, reactive and apparent power as a triangle. */
final readonly class TriangleCurve implements Curve
{
    /** @param  float  $output  at the shaft, W; that of a load without a shaft is its input */
    public function __construct(
        private float $output,
        private Figure $input,
        private Figure $reactive,
        private Figure $apparent,
        private Figure $powerFactor,
    ) {
    }

    public function name(): string
    {
        return 'triangle';
    }

    public function toArray(): array
    {
        return [
            'output' => Shown::of($this->output, Unit::Watt)->toArray(),
            'input' => Shown::of($this->input->number(), Unit::Watt)->toArray(),
            'losses' => Shown::of($this->input->number() - $this->output, Unit::Watt)->toArray(),
            'reactive' => Shown::of($this->reactive->number(), Unit::Var)->toArray(),
            'apparent' => Shown::of($this->apparent->number(), Unit::VoltAmpere)->toArray(),
            'power_factor' => Shown::of($this->powerFactor->number(), Unit::None, 2)->toArray(),
        ];
    }

    public static function schema(): array
    {
        return Shape::object([
            'output' => Shape::shown(), 'input' => Shape::shown(), 'losses' => Shape::shown(), 'reactive' => Shape::shown(),
            'apparent' => Shape::shown(), 'power_factor' => Shape::shown(),
        ], 'TriangleCurve');
    }
}
