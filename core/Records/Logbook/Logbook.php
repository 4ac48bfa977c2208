<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\SiteLessons;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\ReadingReader;

/** The state of a motor by its logbook at one moment: hours, greasing, trips, dates. */
final readonly class Logbook
{
    /**
     * @param  list<FieldError>  $errors  of entries, by `entries[0].values.meter`
     * @param  array<string, int>  $lastGreased  seconds since 1970, by the end; none for one that nobody wrote down
     * @param  string  $warranty  what is to be minded of its date; empty where nothing is
     */
    private function __construct(
        public array $errors,
        public string $hours,
        public Greasing $greasing,
        public GreasePlate $plate,
        public array $lastGreased,
        public Trips $trips,
        public string $warranty,
    ) {
    }

    /** Of a motor of which something stored cannot be read: only why is told. */
    public static function unreadable(string $why): self
    {
        return new self([], $why, Greasing::unreadable(), GreasePlate::of(CircuitReader::read([])), [], Trips::none(), '');
    }

    /**
     * @param  array<array-key, mixed>  $document  a decoded circuit, with its readings
     * @param  list<array<string, mixed>>  $typed  entries that are not withdrawn
     * @param  int  $now  seconds since 1970
     */
    public static function of(array $document, array $typed, int $now): self
    {
        $circuit = CircuitReader::read($document);
        [$entries, $errors] = EntryReader::read($typed, RuleBookName::isAmerican($circuit->ruleBook));
        $aDay = $circuit->number('logbook.hours_a_day')?->number() ?? RunningHours::USUAL_A_DAY;
        $hours = new RunningHours($entries, $aDay);
        $bearing = null;
        foreach (ReadingReader::read($circuit->readings(), false)->byTime as $reading) {
            if ($reading->kind === ReadingKind::Temperature && ! $reading->simulated) {
                $ends = [...$reading->all('bearing_de') ?? [], ...$reading->all('bearing_nde') ?? []];
                $bearing = $ends === [] ? $bearing : max($ends);
            }
        }

        return new self(
            $errors,
            ! $hours->isRead() ? 'No hour meter: '.Show::quantity($aDay, Unit::Hour).' per day'.
            ($circuit->has('logbook.hours_a_day') ? '.' : ' (assumed).')
                : Show::quantity(round($hours->at($now)), Unit::Hour, 6).' run, at '.Show::quantity($aDay, Unit::Hour).
                ' per day since the last reading'.($circuit->has('logbook.hours_a_day') ? '.' : ' (assumed).'),
            Greasing::of($circuit, $entries, $hours, $bearing, $now), GreasePlate::of($circuit), Greasing::last($entries),
            Trips::of($entries, $now),
            self::warranty($circuit, $now),
        );
    }

    /**
     * What is to be minded of an entry before it is kept.
     *
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  list<array<string, mixed>>  $typed  entries that are not withdrawn, the new one last
     * @return list<FieldError> at `values.grease` and the like
     */
    public static function minded(array $document, array $typed): array
    {
        $circuit = CircuitReader::read($document);
        [$entries] = EntryReader::read($typed, RuleBookName::isAmerican($circuit->ruleBook));
        $newest = count($typed) - 1;
        foreach ($entries as $entry) {
            if ($entry->index === $newest) {
                return GreaseCheck::of($entry, GreasePlate::of($circuit), array_values(array_filter(
                    $entries, static fn (LogbookEntry $one): bool => $one !== $entry,
                )));
            }
        }

        return [];
    }

    /** As it is typed, else as the serial number tells it by what the site knows. */
    private static function warranty(Circuit $circuit, int $now): string
    {
        $made = SiteLessons::read($circuit->lessons())->madeIn($circuit->stamped('plate.serial'));
        $until = $circuit->word('logbook.warranty_until') ?? $made?->warrantyEnd() ?? '';
        $end = preg_match('~^\d{4}-\d{2}-\d{2}$~', trim($until)) === 1 ? strtotime(trim($until).'T23:59:59Z') : false;
        if ($end === false) {
            return $until === '' ? '' : 'The warranty date cannot be read. Enter it as 2027-05-02.';
        }
        $days = (int) floor(($end - $now) / 86400);

        return match (true) {
            $days < 0 => '',
            $days <= 60 => 'The warranty ends in '.$days.($days === 1 ? ' day.' : ' days.'),
            default => '',
        };
    }
}
