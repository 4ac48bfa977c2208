<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** A start that somebody timed at the motor, held against the computed one and the one before it. */
final class TimedStart
{
    /** The shortest and, where no worst case is computed, the longest time that is to be expected, over the computed one. */
    public const SHORTEST = 0.7;

    public const LONGEST = 2.0;

    /**
     * @param  float  $seconds  from switching on to full speed
     * @param  float|null  $changeover  s from switching on; null with one stage
     * @param  Figure|null  $computed  run-up time, s; null where it is not worked out
     * @param  Figure|null  $worst  the same with the least torque, s
     * @param  float|null  $before  the last timed start of this circuit, s
     * @return list<Figure>
     */
    public static function figures(float $seconds, ?float $changeover, ?Figure $computed, ?Figure $worst, ?float $before): array
    {
        $timed = Figure::work(MeasuredFigure::RunUpTime)->equals($seconds)->source('stopwatch')->make();
        $figures = [$timed];
        if ($changeover !== null) {
            $figures[] = Figure::work(MeasuredFigure::ChangeoverTime)->equals($changeover)->source('stopwatch')->make();
        }
        if ($computed !== null) {
            $shortest = self::SHORTEST * $computed->number();
            $longest = $worst?->number() ?? self::LONGEST * $computed->number();
            $figures[] = Figure::work(MeasuredFigure::RunUpVerdict)->from(t: $timed, computed: $computed)
                ->as('0.7 × calculated … worst case', '{t} against '.Show::quantity($shortest, Unit::Second, 3).' to '.
                    Show::quantity($longest, Unit::Second, 3))
                ->equals(match (true) {
                    $seconds < $shortest => 'shorter than expected: the load is lighter than entered, or the motor was not yet '.
                        'at full speed',
                    $seconds > $longest => 'longer than expected: check for a heavier load, low voltage or a rotor fault',
                    default => 'as expected',
                })
                ->source(HowKnown::Calculated)->make();
        }
        if ($before !== null && $before > 0) {
            $figures[] = Figure::work(MeasuredFigure::RunUpChange)->from(t: $timed)
                ->as('t / t_before − 1', '{t} ÷ '.Show::quantity($before, Unit::Second, 3).' − 1')
                ->equals(100 * ($seconds / $before - 1))->source('the timed start before this one')->make();
        }

        return $figures;
    }
}
