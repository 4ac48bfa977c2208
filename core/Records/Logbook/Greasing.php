<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Mounting;

/** When a motor is to be greased next, how that is worked out, and how it is done. Common practice. */
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
     * @param  list<LogbookEntry>  $entries  oldest first
     * @param  float|null  $bearing  of the hotter one when it was last read, °C
     * @param  int  $now  seconds since 1970
     */
    public static function of(Circuit $circuit, array $entries, RunningHours $hours, ?float $bearing, int $now): self
    {
        $bearings = $circuit->word('plate.bearings') ?? '';
        if ($bearings !== '' && self::allSealed($bearings)) {
            return self::without(self::NONE, 'Sealed bearings, lubricated for life.');
        }
        $stamped = $circuit->number('logbook.grease_interval') ?? $circuit->number('plate.grease_interval');
        if ($stamped === null) {
            return self::without(self::UNKNOWN, 'No greasing interval on the nameplate and none entered, so no greasing date '.
                'can be given.');
        }
        [$interval, $working] = self::interval($circuit, $stamped->number(), $bearing);
        $last = self::last($entries);
        if ($last === []) {
            return new self(
                self::UNKNOWN, 'No greasing in the logbook yet.', null, null, [...$working,
                    'The interval is counted from the first greasing in the logbook.'],
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
            GreasedEnd::Both => '', GreasedEnd::Drive => 'drive end: ', GreasedEnd::Other => 'non-drive end: ',
        }.'greased at '.Show::quantity($then, Unit::Hour, 5).', now '.Show::quantity($today, Unit::Hour, 5).
        ($hours->isRead() ? '' : ' (no hour meter: counted by days)');
        $working[] = Show::quantity($interval, Unit::Hour, 5).' − ('.Show::number($today, 5).' − '.Show::number($then, 5).') h = '.
            Show::quantity($left, Unit::Hour, 4).' left, ÷ '.Show::number($hours->aDay).' h per day = '.
            Show::number($left / $hours->aDay, 3).' days';
        $state = match (true) {
            $left < 0 => self::OVERDUE, $left <= self::DUE * $interval => self::IS_DUE, default => self::OK,
        };
        $days = (int) floor(abs($left) / $hours->aDay);
        $unknown = count($last) === 2
            ? '' : ' No greasing of the '.($end === GreasedEnd::Drive ? 'non-drive' : 'drive').' end in the logbook.';

        return new self($state, match ($state) {
            self::OVERDUE => 'Greasing is overdue by '.$days.($days === 1 ? ' day' : ' days'),
            self::IS_DUE => 'Greasing due within '.$days.($days === 1 ? ' day' : ' days'),
            default => 'Greasing due in '.$days.' days',
        }.($end === GreasedEnd::Both ? '.' : ': '.($end === GreasedEnd::Drive ? 'drive' : 'non-drive').' end.').$unknown,
            $due, $left, $working, self::task($circuit));
    }

    /**
     * When each end was greased last.
     *
     * @param  list<LogbookEntry>  $entries  oldest first
     * @return array<string, int> seconds since 1970, by the end; none for one that nobody wrote down
     */
    public static function last(array $entries): array
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
        $working = ['interval '.Show::quantity($interval, Unit::Hour, 5).
            ($circuit->has('logbook.grease_interval') ? ', entered' : ', from the nameplate')];
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
        $grams = $circuit->numbers('plate.grease_amount');
        $amount = match (true) {
            $grams === [] => 'the quantity given by the nameplate or the manufacturer',
            count($grams) === 1 => Show::quantity($grams[0], Unit::Gram).' for each end',
            default => Show::quantity($grams[0], Unit::Gram).' at the drive end, '.Show::quantity($grams[1], Unit::Gram).
            ' at the non-drive end',
        };
        $grease = $circuit->word('plate.grease') ?? '';

        return [
            'Grease: '.$amount.($grease === '' ? '.' : ', '.$grease.'.'),
            'Never mix greases: if the bearing holds another grease, clean it first.',
            'Grease while running if the manufacturer allows it, so that old grease is pushed out. Guards fitted, hands and sleeves '.
            'clear, relief plug open.',
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
