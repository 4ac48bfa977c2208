<?php

declare(strict_types=1);

namespace BraveAnvil\Logbook;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Mounting;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** When a motor is to be greased next, how that is worked out, and how it is done. Common practice, no source. */
final readonly class Greasing
{
    private const WARM_C = 70.0;

    /** K above it by which the interval halves. */
    private const HALVES = 15.0;

    /** Share of the interval before its end from which it is due. */
    private const DUE = 0.1;

    private const DAY_S = 86400;

    public const NONE = 'none';

    public const UNKNOWN = 'unknown';

    public const OK = 'ok';

    public const IS_DUE = 'due';

    public const OVERDUE = 'overdue';

    /**
     * @param  string  $state  one of the constants
     * @param  int|null  $dueAt  seconds since 1970; null where it is not known
     * @param  float|null  $hoursLeft  h, below nothing where it is overdue
     * @param  list<string>  $working  how it follows, a line each
     * @param  list<string>  $task  what to do, a line each
     */
    private function __construct(
        public string $state,
        public string $says,
        public ?int $dueAt,
        public ?float $hoursLeft,
        public array $working,
        public array $task,
    ) {
    }

    public static function unreadable(): self
    {
        return self::without(self::UNKNOWN, 'The logbook cannot be read.');
    }

    /**
     * @param  list<Entry>  $entries  oldest first
     * @param  float|null  $bearing  of the hotter one when it was last read, °C
     * @param  int  $now  seconds since 1970
     */
    public static function of(Circuit $circuit, array $entries, RunningHours $hours, ?float $bearing, int $now): self
    {
        $bearings = $circuit->word('plate.bearings') ?? '';
        if ($bearings !== '' && self::allSealed($bearings)) {
            return self::without(self::NONE, 'Closed bearings, greased for life.');
        }
        $stamped = $circuit->number('logbook.grease_interval') ?? $circuit->number('plate.grease_interval');
        if ($stamped === null) {
            return self::without(self::UNKNOWN, 'No interval is stamped or typed, so nothing says when it is to be greased.');
        }
        [$interval, $working] = self::interval($circuit, $stamped->number(), $bearing);
        $last = self::last($entries);
        if ($last === []) {
            return new self(
                self::UNKNOWN, 'No greasing is written down yet.', null, null, [...$working,
                    'It counts from the first greasing that is written down.'],
                self::task($circuit),
            );
        }
        // What was greased longer ago is due first: greasing one end leaves the clock of the other.
        $oldest = min($last);
        $end = count($last) === 2 && count(array_unique($last)) === 1
            ? GreasedEnd::Both : GreasedEnd::from((string) array_search($oldest, $last, true));
        $then = $hours->at($oldest);
        $today = $hours->at($now);
        $left = $then + $interval - $today;
        $due = $now + (int) round($left / $hours->aDay * self::DAY_S);
        $working[] = match ($end) {
            GreasedEnd::Both => '', GreasedEnd::Drive => 'drive end: ', GreasedEnd::Other => 'other end: ',
        }.'greased at '.Show::quantity($then, Unit::Hour, 5).', now '.Show::quantity($today, Unit::Hour, 5).
            ($hours->isRead() ? '' : ' (no meter is read: counted by the day)');
        $working[] = Show::quantity($interval, Unit::Hour, 5).' − ('.Show::number($today, 5).' − '.Show::number($then, 5).') h = '.
            Show::quantity($left, Unit::Hour, 4).' left, ÷ '.Show::number($hours->aDay).' h a day = '.Show::number($left / $hours->aDay,
                3).' days';
        $state = match (true) {
            $left < 0 => self::OVERDUE, $left <= self::DUE * $interval => self::IS_DUE, default => self::OK,
        };
        $days = (int) floor(abs($left) / $hours->aDay);
        $unknown = count($last) === 2
            ? '' : ' No greasing of the '.($end === GreasedEnd::Drive ? 'other' : 'drive').' end is written down.';

        return new self($state, match ($state) {
            self::OVERDUE => 'Greasing is overdue by '.$days.($days === 1 ? ' day' : ' days'),
            self::IS_DUE => 'To be greased within '.$days.($days === 1 ? ' day' : ' days'),
            default => 'To be greased in '.$days.' days',
        }.($end === GreasedEnd::Both ? '.' : ': '.($end === GreasedEnd::Drive ? 'drive' : 'other').' end.').$unknown,
            $due, $left, $working, self::task($circuit));
    }

    /**
     * When each end was greased last.
     *
     * @param  list<Entry>  $entries  oldest first
     * @return array<string, int> seconds since 1970, by the end; none for one that nobody wrote down
     */
    private static function last(array $entries): array
    {
        $last = [];
        foreach ($entries as $entry) {
            if ($entry->kind !== EntryKind::Greased) {
                continue;
            }
            $end = $entry->greasedEnd();
            foreach ($end === GreasedEnd::Both ? [GreasedEnd::Drive, GreasedEnd::Other] : [$end] as $one) {
                $last[$one->value] = $entry->at;
            }
        }

        return $last;
    }

    private static function without(string $state, string $says): self
    {
        return new self($state, $says, null, null, [], []);
    }

    /** @return array{float, list<string>} h, and how it follows */
    private static function interval(Circuit $circuit, float $interval, ?float $bearing): array
    {
        $working = ['interval '.Show::quantity($interval, Unit::Hour, 5).($circuit->has('logbook.grease_interval') ? ', typed'
            : ', stamped')];
        if ($bearing !== null && $bearing > self::WARM_C) {
            $interval *= 0.5 ** (($bearing - self::WARM_C) / self::HALVES);
            $working[] = 'bearing at '.Show::quantity($bearing, Unit::Celsius, 3).', halved for each 15 K above 70 °C: '.
                Show::quantity($interval, Unit::Hour, 4);
        }
        if (Mounting::isVertical($circuit->word('plate.mounting') ?? '')) {
            $interval /= 2;
            $working[] = 'vertical shaft, halved: '.Show::quantity($interval, Unit::Hour, 4);
        }

        return [$interval, $working];
    }

    /** @return list<string> */
    private static function task(Circuit $circuit): array
    {
        $grams = $circuit->grams();
        $amount = match (true) {
            $grams === [] => 'the amount that its plate or maker says',
            count($grams) === 1 => Show::quantity($grams[0], Unit::Gram).' for each end',
            default => Show::quantity($grams[0], Unit::Gram).' at the drive end, '.Show::quantity($grams[1], Unit::Gram).' at the other',
        };
        $grease = $circuit->word('plate.grease') ?? '';

        return [
            'Grease: '.$amount.($grease === '' ? '.' : ', '.$grease.'.'),
            'Never mix greases: where another one is in it, clean the bearing first.',
            'Many grease while it runs, so that old grease is thrown out: guards on, hands and sleeves clear, outlet open.',
        ];
    }

    private static function allSealed(string $bearings): bool
    {
        // A slash parts two bearings where a designation follows; `6205-2Z/C3` is one, with its clearance.
        $parts = preg_split('~\s*[,;]\s*|\s*/\s*(?=[A-Z]{0,3} ?\d{3})~', strtoupper($bearings));
        if ($parts === false) {
            return false;
        }
        foreach ($parts as $part) {
            if (preg_match('~ZZ|2Z|2RS|2RZ|DDU|VV|LLU|LLB~', $part) !== 1) {
                return false;
            }
        }

        return true;
    }
}
