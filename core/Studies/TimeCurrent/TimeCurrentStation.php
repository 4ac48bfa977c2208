<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Fault\Bearing;
use BraveAnvil\Stations\Guard\AdjustableBreaker;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\OverloadResult;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Guard\TraceKind;
use BraveAnvil\Stations\Start\Method\Inrush;
use BraveAnvil\Stations\Start\Motion\Phase;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/** Device, relay, start, rotor and conductors over current and time, at the current of the line. */
final readonly class TimeCurrentStation
{
    /** Multiples of the dial between which the relay’s band is drawn: no standard says more beyond. */
    private const RELAY_TIMES = [1.05, 1.2, 1.35, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 6.0, 7.2, 10.0];

    /** s for which the adiabatic equation holds. */
    private const ADIABATIC_S = 5.0;

    /** s that the first half-cycle is drawn at. */
    private const HALF_CYCLE_S = 0.01;

    /** s at which a start is drawn from, after its first half-cycles. */
    private const FROM_S = 0.02;

    /** s that the whole locked-rotor current is taken to flow for at a changeover. */
    private const CHANGEOVER_S = 0.1;

    /** s up to which anything is drawn. */
    private const LONGEST_S = 10000.0;

    public function __construct(private RuleBook $book, private Sizing $sizing, private Practice $practice)
    {
    }

    /**
     * @param  Figure|null  $running  in the line at full load, A
     * @param  list<Bearing>  $bearings
     * @param  Figure|null  $smallest  fault at the motor, A
     * @param  Figure|null  $largest  fault at the supply, A
     */
    public function solve(
        Circuit $circuit,
        ?Figure $running,
        Starting $starting,
        Protection $protection,
        array $bearings,
        ?Figure $smallest,
        ?Figure $largest,
        Ledger $ledger,
    ): void {
        $inrush = $starting->inrush();
        $overload = $protection->overload;
        if ($inrush === null || $running === null || $overload === null) {
            return;
        }
        $device = $protection->rating === null ? null
            : $this->sizing->devices->band($protection->scpd, $protection->rating->number(), $overload->dial->number());
        $relay = $overload->pick === null ? null : $this->relay($overload);
        $start = self::start($inrush, $running->number(), 1.0, TraceKind::Start);
        $traces = [$start];
        if ($relay !== null && $overload->seat->share !== 1.0) {
            $traces[] = self::start($inrush, $running->number(), $overload->seat->share, TraceKind::StartAtRelay);
        }
        foreach (self::weakest($bearings) as $bearing) {
            $traces[] = self::borne($bearing, $largest);
        }
        $words = $this->book->words();
        $name = $protection->scpd->label($words);
        $typed = $circuit->number('plate.locked_rotor_time');
        $picture = new TimeCurrentPicture(
            $protection->rating === null ? $name : $name.' '.$protection->rating->shown(),
            $device,
            $protection->setting,
            $overload->pick === null
                ? 'Overload relay, trip class not checked'
                : 'Overload relay'.$overload->seat->where().', class '.$overload->pick->class->value.', set to '.$overload->dial->shown(3),
            $relay,
            $traces,
            $inrush->peak->number() / M_SQRT2,
            Rotor::of(
                $starting->figures->lockedRotorCurrent ?? $inrush->moment,
                $typed?->number() ?? $this->sizing->overload->usualLockedRotorTime(),
                $typed === null,
            ),
            $smallest,
            $largest,
            ...$this->feeder($circuit),
        );
        $checks = (new TimeCurrentChecks($picture, $protection, $bearings))->rows();
        $ledger->curve(new TimeCurrentCurve($picture, $checks, $running->number()));
    }

    /** @return array{string, Band|null} name and edges of the device that protects the feeder of its board */
    private function feeder(Circuit $circuit): array
    {
        $fuse = $circuit->number('supply.board.fuse_ampere');
        $long = $circuit->number('supply.board.long_time_ampere');
        $tag = $circuit->word('supply.board.tag') ?? '';
        if ($fuse !== null) {
            return [
                'Feeder of '.$tag.', gG fuse '.$fuse->shown(), $this->sizing->devices->device(Scpd::FuseGg, $fuse->number(), 0.0)?->band(),
            ];
        }

        return $long === null ? ['', null] : ['Feeder of '.$tag.', breaker set to '.$long->shown(), (new AdjustableBreaker(
            $long->number(), $circuit->number('supply.board.long_time_seconds')?->number(),
            $circuit->number('supply.board.short_time_ampere')?->number(),
            $circuit->number('supply.board.short_time_seconds')?->number(),
            $circuit->number('supply.board.instantaneous_ampere')?->number(),
        ))->band()];
    }

    /** Its class’s shortest and longest times from cold, at the current of the line. */
    private function relay(OverloadResult $overload): ?Band
    {
        if ($overload->pick === null) {
            return null;
        }
        $class = $overload->pick->class;
        $classes = $this->practice->overloadClasses();
        $surely = $this->practice->guard()->relayTripsAtDialTimes();
        $dial = $overload->dial->number();
        $lower = [];
        $upper = [];
        foreach (self::RELAY_TIMES as $times) {
            $lower[] = [$times * $dial, $classes->holds($class, $times)];
            if ($times >= $surely) {
                $upper[] = [$times * $dial, $classes->tripsWithin($class, $times, $this->sizing->overload->classTimes())];
            }
        }

        return (new Band($lower, $upper))->times(1 / $overload->seat->share);
    }

    /**
     * Current against the time for which it has flowed by then.
     *
     * @param  float  $running  A
     * @param  float  $share  of the line’s current that the relay sees while the motor runs; 1 for the line itself
     */
    private static function start(Inrush $inrush, float $running, float $share, TraceKind $kind): Trace
    {
        $points = [];
        $passed = 0.0;
        foreach (self::steps($inrush, $share) as [$seconds, $amperes]) {
            $points[] = [$amperes, max(self::FROM_S, $passed)];
            $passed += $seconds;
            $points[] = [$amperes, max(self::FROM_S, $passed)];
        }
        $points[] = [$running, max(self::FROM_S, $passed)];
        $points[] = [$running, self::LONGEST_S];

        return new Trace($kind, $kind === TraceKind::Start ? 'The start' : 'The start, as the relay sees it', $points);
    }

    /** @return list<array{float, float}> s, A */
    private static function steps(Inrush $inrush, float $share): array
    {
        if ($inrush->course !== null) {
            return array_map(static fn (array $step): array => [
                $step['seconds'], $share === 1.0 || $step['phase'] === Phase::Full ? $step['line'] : $step['line'] / $share,
            ], $inrush->course->steps);
        }
        $first = $inrush->current->number();
        $staged = $first < $inrush->moment->number();
        // In the first stage all of the line’s current flows through the relay, wherever it sits.
        $steps = [[$inrush->time->number(), $staged ? $first / $share : $first]];
        if ($staged) {
            $steps[] = [$inrush->fullTime?->number() ?? self::CHANGEOVER_S, $inrush->moment->number()];
        }

        return $steps;
    }

    /**
     * @param  list<Bearing>  $bearings
     * @return list<Bearing> the weakest of each kind
     */
    private static function weakest(array $bearings): array
    {
        $weakest = [];
        foreach ($bearings as $bearing) {
            $known = $weakest[$bearing->kind->value] ?? null;
            $weakest[$bearing->kind->value] = $known === null || $bearing->energy < $known->energy ? $bearing : $known;
        }

        return array_values($weakest);
    }

    /** From the longest time that the equation holds for to the largest fault, or to a hundredth of a second. */
    private static function borne(Bearing $bearing, ?Figure $largest): Trace
    {
        $from = sqrt($bearing->energy / self::ADIABATIC_S);
        $to = sqrt($bearing->energy / self::HALF_CYCLE_S);
        $end = $largest === null ? $to : max($from * 1.5, min($to, $largest->number()));

        return new Trace($bearing->kind, $bearing->name, [[$from, self::ADIABATIC_S], [$end, $bearing->energy / $end ** 2]]);
    }
}
