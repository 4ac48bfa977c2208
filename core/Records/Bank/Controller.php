<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

/** The controller of a bank over a day: a step goes on or off once enough of it is missing or too much. */
final readonly class Controller
{
    /** Share of a step at which it acts. Common practice. */
    public const THRESHOLD = 0.65;

    /**
     * @param  list<Interval>  $day  with the steps on at the end of each
     * @param  bool  $recloses  whether a step that went off comes back in the very next interval
     */
    private function __construct(public array $day, public int $switchings, public bool $recloses)
    {
    }

    /**
     * @param  list<Interval>  $day
     * @param  float  $step  var
     * @param  float  $tan  of the target
     * @param  float  $discharge  s that a step needs before it may come back
     */
    public static function over(array $day, float $step, int $steps, float $tan, float $discharge): self
    {
        $on = 0;
        $switchings = 0;
        $recloses = false;
        $wentOff = false;
        $done = [];
        foreach ($day as $i => $interval) {
            $missing = static fn (int $n): float => $interval->reactive - $n * $step - $interval->power * $tan;
            $before = $on;
            while ($on < $steps && $missing($on) >= self::THRESHOLD * $step) {
                $on++;
            }
            while ($on > 0 && $missing($on) <= -self::THRESHOLD * $step) {
                $on--;
            }
            $recloses = $recloses || ($wentOff && $on > $before && 60 * $day[$i - 1]->minutes < $discharge);
            $wentOff = $on < $before;
            $switchings += abs($on - $before);
            $done[] = $interval->with($on, $step);
        }

        return new self($done, $switchings, $recloses);
    }
}
