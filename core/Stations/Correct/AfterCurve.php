<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Readings before and after fitting, side by side and as two triangles. */
final readonly class AfterCurve implements Curve
{
    /**
     * @param  array{Figure, Figure, Figure, Figure}  $before  volts, amperes, watts, var
     * @param  array{Figure, Figure, Figure, Figure}  $after  volts, amperes, watts, var
     * @param  Figure  $expected  current after, A
     * @param  Figure  $factor  after
     * @param  float  $root  1 with one phase, √3 with three
     */
    public function __construct(
        private array $before,
        private array $after,
        private Figure $expected,
        private Figure $factor,
        private float $root,
    ) {
    }

    public function name(): string
    {
        return 'after_fitting';
    }

    public function toArray(): array
    {
        [$volts, $amps, $watts, $var] = $this->before;
        [$voltsAfter, $ampsAfter, $wattsAfter, $varAfter] = $this->after;
        $apparent = $this->root * $volts->number() * $amps->number();
        $apparentAfter = $this->root * $voltsAfter->number() * $ampsAfter->number();
        $row = static fn (string $label, string $before, string $after, string $expected = ''): array => [
            'label' => $label, 'before' => $before, 'after' => $after, 'expected' => $expected,
        ];

        return [
            'rows' => [
                $row('Voltage', $volts->shown(4), $voltsAfter->shown(4)),
                $row('Current', $amps->shown(3), $ampsAfter->shown(3), $this->expected->shown(3)),
                $row('Real power', $watts->shown(4), $wattsAfter->shown(4), 'as before'),
                $row('Reactive power', self::var($var->number()), self::var($varAfter->number())),
                $row('Apparent power', Show::quantity($apparent, Unit::VoltAmpere, 3), Show::quantity($apparentAfter, Unit::VoltAmpere, 3)),
                $row('Power factor', Show::number($watts->number() / $apparent, 3), $this->factor->shown(3)),
            ],
            'before' => $this->side($this->before),
            'after' => $this->side($this->after),
        ];
    }

    /**
     * @param  array{Figure, Figure, Figure, Figure}  $read  volts, amperes, watts, var
     * @return array<string, mixed> with the current by its parts in phase with the voltage and behind it, A
     */
    private function side(array $read): array
    {
        [$volts, $amps, $watts, $var] = $read;

        return [
            'real' => Shown::figure($watts)?->toArray(), 'reactive' => Shown::figure($var)?->toArray(),
            'current' => Shown::figure($amps)?->toArray(),
            'in_phase' => $watts->number() / ($this->root * $volts->number()), 'behind' => $var->number() / ($this->root * $volts
                ->number()),
        ];
    }

    private static function var(float $var): string
    {
        return Show::quantity(abs($var), Unit::Var, 3).($var < 0 ? ' leading' : '');
    }

    public static function schema(): array
    {
        $side = Shape::object([
            'real' => Shape::shown(), 'reactive' => Shape::shown(), 'current' => Shape::shown(), 'in_phase' => Shape::number(),
            'behind' => Shape::number(),
        ], 'AfterSide');

        return Shape::object([
            'rows' => Shape::list(Shape::object([
                'label' => Shape::text(), 'before' => Shape::text(), 'after' => Shape::text(), 'expected' => Shape::text(),
            ], 'AfterRow')),
            'before' => $side, 'after' => $side,
        ], 'AfterCurve');
    }
}
