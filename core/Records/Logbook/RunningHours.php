<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

/** How many hours a motor has run, at any time: between two readings of its meter straight, outside them by its hours a day. */
final readonly class RunningHours
{
    private const DAY_S = 86400.0;

    /** Where nobody says. Common practice. */
    public const USUAL_A_DAY = 16.0;

    /** @var list<array{int, float}> time with hours in all, oldest first */
    private array $points;

    /**
     * @param  list<LogbookEntry>  $entries  oldest first
     * @param  float  $aDay  h
     */
    public function __construct(array $entries, public float $aDay)
    {
        $points = [];
        $meterBefore = 0.0;
        foreach ($entries as $entry) {
            $meter = $entry->kind === EntryKind::Hours ? $entry->number('meter') : null;
            if ($meter === null) {
                continue;
            }
            $last = end($points);
            if ($last === false) {
                $points[] = [$entry->at, $meter];
            } elseif ($entry->isTicked('replaced') || $meter < $meterBefore) {
                // Of the days around the change nobody knows more than the usual hours.
                $points[] = [$entry->at, $last[1] + $aDay * ($entry->at - $last[0]) / self::DAY_S];
            } else {
                $points[] = [$entry->at, $last[1] + $meter - $meterBefore];
            }
            $meterBefore = $meter;
        }
        $this->points = $points;
    }

    public function isRead(): bool
    {
        return $this->points !== [];
    }

    /**
     * Hours in all at a time, h; without any reading they are counted from then on.
     *
     * @param  int  $at  seconds since 1970
     */
    public function at(int $at): float
    {
        $before = null;
        foreach ($this->points as $point) {
            if ($point[0] >= $at) {
                if ($before === null) {
                    return $point[1] - $this->aDay * ($point[0] - $at) / self::DAY_S;
                }

                return $before[1] + ($point[1] - $before[1]) * ($at - $before[0]) / max(1, $point[0] - $before[0]);
            }
            $before = $point;
        }

        return ($before[1] ?? 0.0) + $this->aDay * ($at - ($before[0] ?? 0)) / self::DAY_S;
    }
}
