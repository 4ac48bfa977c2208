<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Replace;

/** What one point says of the motor that is offered, the worst first. */
enum FitVerdict: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    /** Nothing to compare: one of both plates does not say. */
    case Unknown = 'unknown';
    case Better = 'better';
    case Equal = 'equal';

    /** @param  list<Point>  $points */
    public static function worst(array $points): self
    {
        foreach (self::cases() as $verdict) {
            if ($verdict->in($points) !== []) {
                return $verdict;
            }
        }

        return self::Equal;
    }

    /**
     * Those of the points that have this verdict.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public function in(array $points): array
    {
        return array_values(array_filter($points, fn (Point $point): bool => $point->verdict === $this));
    }
}
