<?php

declare(strict_types=1);

namespace BraveAnvil\Logbook;

/** Whether a motor trips too often. Common practice. */
final class Trips
{
    private const DAYS = 30;

    private const MANY = 3;

    private const DAY_S = 86400;

    /**
     * @param  list<Entry>  $entries  oldest first
     * @param  int  $now  seconds since 1970
     * @return string what is to be minded; empty where nothing is
     */
    public static function caution(array $entries, int $now): string
    {
        $trips = array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->kind === EntryKind::Trip
            && $entry->at <= $now));
        $recent = array_filter($trips, static fn (Entry $trip): bool => $now - $trip->at <= self::DAYS * self::DAY_S);
        if (count($recent) >= self::MANY) {
            return count($recent).' trips in '.self::DAYS.' days. Before the next reset, compare relay setting, trip class '.
                'and line currents.';
        }
        $unnamed = array_filter(
            $trips, static fn (Entry $trip): bool => $trip->text('cause') === '' && $now - $trip->at <= 12 * self::DAYS * self::DAY_S,
        );

        return count($unnamed) >= 2
            ? count($unnamed).' trips in a year without a known cause. Find the cause: '.
            'check the load, the voltage and the relay setting.'
            : '';
    }
}
