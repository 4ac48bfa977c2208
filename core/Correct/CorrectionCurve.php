<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Power\Load;
use BraveAnvil\Solution\Curve;
use BraveAnvil\Solution\Shape;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Shown;
use BraveAnvil\Solution\Unit;

/** Real and reactive power before and after, at the load it runs at and at full load; and the steps looked at. */
final readonly class CorrectionCurve implements Curve
{
    /**
     * @param  float  $given  by the capacitor, var
     * @param  float  $before  line current at full load, A
     * @param  float  $after  the same with the capacitor, A
     * @param  list<CapacitorStep>  $steps
     */
    public function __construct(
        private LoadedMotor $motor,
        private Load $load,
        private float $given,
        private float $before,
        private float $after,
        private array $steps,
    ) {
    }

    public function name(): string
    {
        return 'correction';
    }

    public function toArray(): array
    {
        return [
            'load' => $this->motor->load === null ? 'full' : $this->motor->load->shown(),
            'power' => Shown::of($this->motor->power->number(), Unit::Watt)->toArray(),
            'reactive' => Shown::of($this->motor->reactive->number(), Unit::Var)->toArray(),
            'chosen' => Shown::of($this->given, Unit::Var)->toArray(),
            'left' => self::left($this->motor->reactive->number() - $this->given),
            'full_load_left' => self::left(($this->load->reactive?->number() ?? 0.0) - $this->given),
            'current_before' => Shown::of($this->before, Unit::Ampere)->toArray(),
            'current_after' => Shown::of($this->after, Unit::Ampere)->toArray(),
            'steps' => array_map(static fn (CapacitorStep $step): array => [
                'kvar' => Shown::of($step->kvar)->text, 'chosen' => $step->chosen, 'refused' => $step->refused, 'reason' => $step->reason,
            ], $this->steps),
        ];
    }

    /**
     * What the line still carries, and what it leads by where the capacitor gives more.
     *
     * @return array{value: float, shown: string}
     */
    private static function left(float $var): array
    {
        return Shown::said($var, Show::quantity(abs($var), Unit::Var, 3).($var < 0 ? ' leading' : ' left'))->toArray();
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'load' => Shape::text(),
                'power' => Shape::shown(), 'reactive' => Shape::shown(), 'chosen' => Shape::shown(), 'left' => Shape::shown(),
                'full_load_left' => Shape::shown(), 'current_before' => Shape::shown(), 'current_after' => Shape::shown(),
                'steps' => Shape::list(
                    Shape::object(
                        ['kvar' => Shape::text(), 'chosen' => Shape::flag(), 'refused' => Shape::flag(), 'reason' => Shape::text()],
                        'CapacitorStep',
                    ),
                ),
            ],
            'CorrectionCurve',
        );
    }
}
