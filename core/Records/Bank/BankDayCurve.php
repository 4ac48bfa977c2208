<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Steps of a bank over a day: what is needed, what is on, and the power factor before and after. */
final readonly class BankDayCurve implements Curve
{
    /**
     * @param  list<Interval>  $day
     * @param  float  $step  var
     */
    public function __construct(private array $day, private float $step, private int $steps, private float $target)
    {
    }

    public function name(): string
    {
        return 'bank_day';
    }

    public function toArray(): array
    {
        return [
            'step' => Shown::of($this->step, Unit::Var)->toArray(),
            'steps' => $this->steps,
            'target' => Show::number($this->target),
            'intervals' => array_map(static fn (Interval $interval): array => [
                'from' => round($interval->from, 3), 'until' => round($interval->from + $interval->minutes, 3),
                'clock' => sprintf('%02d:%02d', intdiv((int) $interval->from, 60) % 24, (int) $interval->from % 60),
                'power' => Shown::of($interval->power, Unit::Watt)->toArray(),
                'reactive' => Shown::of($interval->reactive, Unit::Var)->toArray(),
                'need' => Shown::of($interval->need, Unit::Var)->toArray(),
                'on' => $interval->steps, 'given' => Shown::of($interval->given, Unit::Var)->toArray(),
                'before' => self::factor($interval->powerFactor(false), false),
                'after' => self::factor($interval->powerFactor(true), $interval->given > $interval->reactive),
            ], $this->day),
        ];
    }

    private static function factor(?float $factor, bool $leads): string
    {
        return $factor === null ? '–' : Show::number($factor, 3).($leads ? ' leading' : '');
    }

    public static function schema(): array
    {
        return Shape::object([
            'step' => Shape::shown(), 'steps' => Shape::number(), 'target' => Shape::text(),
            'intervals' => Shape::list(Shape::object([
                'from' => Shape::number(), 'until' => Shape::number(), 'clock' => Shape::text(), 'power' => Shape::shown(),
                'reactive' => Shape::shown(), 'need' => Shape::shown(), 'on' => Shape::number(), 'given' => Shape::shown(),
                'before' => Shape::text(), 'after' => Shape::text(),
            ], 'BankInterval')),
        ], 'BankDayCurve');
    }
}
