<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

/** How often a motor trips, and whether that is too often. Common practice. */
final readonly class Trips
{
    private const DAYS = 30;

    private const MANY = 3;

    private const DAY_S = 86400;

    private const YEAR_DAYS = 12 * self::DAYS;

    /**
     * @param  int  $inAYear  trips in the last twelve months
     * @param  string  $says  what is to be minded; empty where nothing is
     * @param  int|null  $lastAt  seconds since 1970
     * @param  float|null  $dialFound  what the relay was found set to at the last trip, A
     */
    private function __construct(public int $inAYear, public string $says, public ?int $lastAt, public ?float $dialFound)
    {
    }

    public static function none(): self
    {
        return new self(0, '', null, null);
    }

    /**
     * @param  list<LogbookEntry>  $entries  oldest first
     * @param  int  $now  seconds since 1970
     */
    public static function of(array $entries, int $now): self
    {
        $trips = array_values(array_filter($entries, static fn (LogbookEntry $entry): bool => $entry->kind === EntryKind::Trip
            && $entry->at <= $now && $now - $entry->at <= self::YEAR_DAYS * self::DAY_S));
        $last = $trips === [] ? null : $trips[count($trips) - 1];

        return new self(count($trips), self::caution($trips, $now), $last?->at, $last?->number('dial'));
    }

    /** @param  list<LogbookEntry>  $trips  of a year, oldest first */
    private static function caution(array $trips, int $now): string
    {
        $recent = array_filter($trips, static fn (LogbookEntry $trip): bool => $now - $trip->at <= self::DAYS * self::DAY_S);
        if (count($recent) >= self::MANY) {
            return count($recent).' trips in '.self::DAYS.' days. Before the next reset, compare relay setting, trip class '.
                'and line currents.';
        }
        $unnamed = array_filter($trips, static fn (LogbookEntry $trip): bool => $trip->text('cause') === '');

        return count($unnamed) >= 2
            ? count($unnamed).' trips in a year without a known cause. Find the cause: '.
            'check the load, the voltage and the relay setting.'
            : '';
    }
}
