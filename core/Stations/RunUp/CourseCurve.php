<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\Course;
use BraveAnvil\Stations\Start\Motion\Moment;
use BraveAnvil\Stations\Start\Motion\Phase;
use BraveAnvil\Stations\Start\Motion\RunUp;

/** Speed, current, voltage and torque over the time of the start, as it should be and at its worst. */
final readonly class CourseCurve implements Curve
{
    public function __construct(private RunUp $runUp, private StartingMethod $method, private Words $words)
    {
    }

    public function name(): string
    {
        return 'start_course';
    }

    public function toArray(): array
    {
        $volts = $this->runUp->feed->feed->volts;

        return [
            'first' => ucfirst($this->method->stageWord($this->words)),
            'points' => array_map(static fn (Moment $at): array => [
                'phase' => $at->phase->value,
                'time' => Shown::of($at->time, Unit::Second)->toArray(), 'speed' => Shown::of($at->node->speed, Unit::Rpm, 4)->toArray(),
                'line' => Shown::of($at->node->flow->line, Unit::Ampere)->toArray(),
                'volts' => Shown::of($at->node->flow->terminals, Unit::Volt)->toArray(),
                'torque' => Shown::of($at->node->shaft, Unit::NewtonMetre)->toArray(),
                'load' => Shown::of($at->node->load, Unit::NewtonMetre)->toArray(),
            ], $this->thinned($this->runUp->course)),
            'worst' => array_map(static fn (Moment $at): array => [
                'time' => round($at->time, 3), 'speed' => round($at->node->speed, 1), 'line' => round($at->node->flow->line, 1),
            ], $this->thinned($this->runUp->worst)),
            'supply' => Shown::of($volts, Unit::Volt)->toArray(),
            'runs_up' => $this->runUp->course->runUpTime !== null, 'runs_up_at_worst' => $this->runUp->worst->runUpTime !== null,
        ];
    }

    /**
     * About as many moments as a picture can show.
     *
     * @return list<Moment>
     */
    private function thinned(Course $course): array
    {
        $moments = $course->moments;
        $every = intdiv(count($moments), 30) + 1;
        $last = count($moments) - 1;
        $kept = [];
        foreach ($moments as $i => $moment) {
            $corner = $i === 0 || $i === $last || $moment->phase !== $moments[$i - 1]->phase || $moment->phase !== $moments[$i + 1]->phase;
            if ($corner || $i % $every === 0) {
                $kept[] = $moment;
            }
        }

        return $kept;
    }

    public static function schema(): array
    {
        return Shape::object([
            'first' => Shape::text(),
            'points' => Shape::list(Shape::object([
                'phase' => Shape::oneOf(array_column(Phase::cases(), 'value')),
                'time' => Shape::shown(), 'speed' => Shape::shown(), 'line' => Shape::shown(), 'volts' => Shape::shown(),
                'torque' => Shape::shown(), 'load' => Shape::shown(),
            ], 'StartMoment')),
            'worst' => Shape::list(Shape::object([
                'time' => Shape::number(), 'speed' => Shape::number(), 'line' => Shape::number(),
            ], 'WorstMoment')),
            'supply' => Shape::shown(), 'runs_up' => Shape::flag(), 'runs_up_at_worst' => Shape::flag(),
        ], 'StartCourse', 'The start over time.');
    }
}
