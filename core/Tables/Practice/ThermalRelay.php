<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

/**
 * The bimetal of an overload relay: it warms towards the square of its current with one time constant, and trips at the square of
 * 1.05 times its setting. Fast enough to trip at the shortest time that its class allows, with a margin.
 */
final readonly class ThermalRelay
{
    /**
     * @param  float  $timeConstant  s
     * @param  float  $never  multiple of the setting that it bears for ever
     */
    public function __construct(private float $timeConstant, private float $never)
    {
    }

    /**
     * How near to its trip a current brings it from cold, 1 at the trip.
     *
     * @param  list<array{float, float}>  $course  [s, A]
     * @param  float  $dial  A
     */
    public function warmth(array $course, float $dial): float
    {
        $warm = 0.0;
        $most = 0.0;
        foreach ($course as [$seconds, $amperes]) {
            $warm = self::after($warm, ($amperes / $dial) ** 2, $seconds / $this->timeConstant);
            $most = max($most, $warm);
        }

        return $most / $this->never ** 2;
    }

    /**
     * When a current trips it from cold, s; null where it does not.
     *
     * @param  list<array{float, float}>  $course  [s, A]
     * @param  float  $dial  A
     */
    public function tripsAfter(array $course, float $dial): ?float
    {
        $warm = 0.0;
        $time = 0.0;
        $trip = $this->never ** 2;
        foreach ($course as [$seconds, $amperes]) {
            $end = ($amperes / $dial) ** 2;
            $next = self::after($warm, $end, $seconds / $this->timeConstant);
            if ($next >= $trip) {
                return $time + $this->timeConstant * log(($end - $warm) / ($end - $trip));
            }
            $warm = $next;
            $time += $seconds;
        }

        return null;
    }

    private static function after(float $warm, float $end, float $constants): float
    {
        return $end + ($warm - $end) * exp(-$constants);
    }
}
