<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\Inrush;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StartCurrent;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/** Which trip class lets the start pass. Judged at the right dial; a dial that stands elsewhere is held against it. */
final readonly class RelayClass
{
    /** For how long a first stage is held on to at most, to see when the relay trips, s. */
    private const HELD_S = 600.0;

    public function __construct(private Practice $practice, private Words $words, private OverloadRules $rules)
    {
    }

    /**
     * @param  Figure  $dial  that is right, A
     * @param  Figure|null  $installed  where the relay stands, A; null where nobody says
     * @return RelayPick|null null where the time of the start is not known: the class is then not checked
     */
    public function solve(
        Circuit $circuit,
        Figure $dial,
        ?Figure $installed,
        RelaySeat $seat,
        Inrush $inrush,
        Starting $starting,
        Ledger $ledger,
    ): ?RelayPick {
        $multiple = $ledger
            ->work(GuardFigure::StartMultiple)
            ->from(I: $inrush->current, dial: $dial)
            ->as('I_start / dial', '{I} ÷ {dial}')
            ->equals($inrush->current->number() / $dial->number())
            ->source('measured where the relay is')
            ->write();
        $typed = $circuit->chosen('guard.overload_class', TripClass::class);
        // Class 5 is for motors that need it, and only checked where somebody says so.
        if ($typed !== null && $typed !== TripClass::Class5 && ! in_array($typed, $this->rules->classes(), true)) {
            $typed = $this->rules->classes()[0];
        }
        if ($inrush->course === null && $inrush->time->assumed()) {
            self::notChecked($typed, $ledger);

            return null;
        }
        $classes = $this->practice->overloadClasses();
        $margin = $this->practice->guard()->classMargin();
        $class = TripClass::Class30;
        foreach ($typed !== null ? [$typed] : $this->rules->classes() as $candidate) {
            $class = $candidate;
            if ($this->share($candidate, $dial, $seat, $inrush) <= $this->most($inrush)) {
                break;
            }
        }
        $this->figure($class, $multiple, $margin, $dial, $seat, $inrush, $ledger);
        $share = $this->share($class, $dial, $seat, $inrush);
        if ($share > $this->most($inrush)) {
            $outlasts = self::outlasted($circuit, $this->longest($class, $dial, $seat, $inrush));
            $this->trips($typed, $class, $share, $multiple, $inrush, $outlasts, $ledger);
        } elseif ($installed !== null && $this->share($class, $installed, $seat, $inrush) > 1) {
            $ledger
                ->caution(GuardFinding::InstalledDialTrips)
                ->title('The present setting may trip on the start')
                ->because(
                    'Set to '.$installed->shown().', a class '.$class->value.' relay may trip before full speed; at '.$dial->shown(3).
                    ' it does not.',
                )
                ->do('Set it to '.$dial->shown(3).'.')
                ->source($classes->cited())
                ->on(GuardFigure::OverloadClass, GuardFigure::OverloadDial);
        }
        if ($share <= $this->most($inrush)) {
            $this->worst($class, $dial, $seat, $starting, $ledger);
        }
        $this->latest($class, $dial, $seat, $starting, $ledger);
        if ($circuit->has('plate.locked_rotor_time') || in_array($class, [TripClass::Class20, TripClass::Class30], true)) {
            $this->slow($circuit, $class, $dial, $seat, $inrush, $share <= $this->most($inrush), $ledger);
        }

        return new RelayPick($class, $share <= $this->most($inrush));
    }

    /** Whether a relay of the slowest class, at its right dial in its usual place, lets a start pass. */
    public function slowestHolds(Circuit $circuit, Figure $current, StartingMethod $method, RunUp $runUp): bool
    {
        $seat = $method->relaySeats()[0];
        $course = StartCurrent::of($runUp->course)->at($seat->share);
        $dial = $this->rules->setting($circuit, $current, $seat)->dial;

        return $this->practice->overloadClasses()->relay(TripClass::Class30)->warmth($course, $dial->number()) <= 1;
    }

    private static function notChecked(?TripClass $typed, Ledger $ledger): void
    {
        $ledger
            ->note(GuardFinding::ClassNotChecked)
            ->title('Trip class not checked')
            ->because(
                'The start time is not known'.($typed === null ? ', so no trip class is chosen.' : ', so class '.$typed->value.
                ' cannot be checked.'),
            )
            ->do('Time one start and enter it under Run-up time.')
            ->on(GuardFigure::StartMultiple)
            ->about('starter.run_up_time');
    }

    /** The most of its trip that a start may use up: some is kept back, in the relay itself where a start is worked out. */
    private function most(Inrush $inrush): float
    {
        return $inrush->course === null ? $this->practice->guard()->classMargin()->value : 1.0;
    }

    /**
     * Share of the class's shortest trip time that the start uses up. In the first stage the same current flows in line and
     * lead; at full voltage a relay in the delta sees its part.
     *
     * @param  Figure  $dial  A
     */
    private function share(TripClass $class, Figure $dial, RelaySeat $seat, Inrush $inrush): float
    {
        $classes = $this->practice->overloadClasses();
        if ($inrush->course !== null) {
            return $classes->relay($class)->warmth($inrush->course->at($seat->share), $dial->number());
        }
        $share = $inrush->time->number() / $classes->holds($class, $inrush->current->number() / $dial->number());

        return $inrush->fullTime === null
            ? $share
            : $share + $inrush->fullTime->number() / $classes->holds($class, ($inrush->moment->number() * $seat->share) / $dial->number());
    }

    private function figure(
        TripClass $class,
        Figure $multiple,
        TableEntry $margin,
        Figure $dial,
        RelaySeat $seat,
        Inrush $inrush,
        Ledger $ledger,
    ): void {
        $classes = $this->practice->overloadClasses();
        $work = $ledger
            ->work(GuardFigure::OverloadClass)
            ->equals($class->value)
            ->source($classes->cited())
            ->doubted($classes->doubt($class));
        $holds = Show::number($classes->holds($class, $multiple->number()), 3);
        $work->from(t: $inrush->time, x: $multiple, k: $margin);
        if ($inrush->course !== null) {
            $work->as(
                'θ′ = (m² − θ)/τ stays below 1.05²',
                Show::number(100 * $this->share($class, $dial, $seat, $inrush), 3).
                ' % of the way to a trip after a start of {t}, beginning at {x} the setting; shortest trip time × {k}',
            );
        } elseif ($inrush->fullTime === null) {
            $work->as('t_start ≤ 0.8 t_trip', '{t} against {k} × '.$holds.' s at {x} the setting');
        } else {
            $full = ($inrush->moment->number() * $seat->share) / $dial->number();
            $work->from(t: $inrush->time, x: $multiple, k: $margin, td: $inrush->fullTime)->as(
                't_star / t_trip + t_delta / t_trip ≤ 0.8',
                '{t} ÷ '.$holds.' s at {x} the setting + {td} ÷ '.Show::number($classes->holds($class, $full), 3).' s at '.
                Show::number($full, 3).' = '.Show::number($this->share($class, $dial, $seat, $inrush), 3).' against {k}',
            );
        }
        $work->write();
    }

    private function trips(
        ?TripClass $typed,
        TripClass $class,
        float $share,
        Figure $multiple,
        Inrush $inrush,
        bool $outlasts,
        Ledger $ledger,
    ): void {
        $margin = $this->practice->guard()->classMargin();
        $classes = $this->practice->overloadClasses();
        $ledger
            ->stop($typed === null ? GuardFinding::NoClassHoldsStart : GuardFinding::ClassTripsOnStart)
            ->title($typed === null ? 'No trip class allows this start' : 'A class '.$class->value.' relay trips on this start')
            ->because(
                'The start takes '.$inrush->shownTime().' at '.Show::number($multiple->number(), 3).' times the setting; class '.
                $class->value.' may trip after '.Show::number($classes->holds($class, $multiple->number()), 3).' s. '.match (true) {
                    $share > 1 => 'It would trip'.($inrush->course === null ? '.' : $this->margin($margin)), default => 'That is '.
                        Show::number(100 * $share, 3).' % of its trip time; the limit here is '.Show::number(100 * $margin->value).
                        ' %, for tolerance and low voltage. Checked for a start from cold: a restart with a warm relay can trip.',
                },
            )
            ->do(
                $outlasts || $class === TripClass::Class30
                    ? 'A start this heavy needs its own protection, such as thermistors with start-time monitoring.'
                    : 'Choose a slower class if the motor withstands it.',
            )
            ->source($classes->cited())
            ->on(GuardFigure::OverloadClass, GuardFigure::StartMultiple);
    }

    /** Whether it would trip on a start with the least torque that the standard allows. */
    private function worst(TripClass $class, Figure $dial, RelaySeat $seat, Starting $starting, Ledger $ledger): void
    {
        $course = $starting->runUp?->worst;
        if ($course === null || $starting->timed !== null) {
            return;
        }
        $after = $this->practice->overloadClasses()->relay($class)
            ->tripsAfter(StartCurrent::of($course)->at($seat->share), $dial->number());
        if ($after !== null) {
            $ledger
                ->caution(GuardFinding::WorstStartTrips)
                ->title('A slow start may trip the relay')
                ->because(
                    'With the lowest torque the standard allows, the start is longer; a class '.$class->value.' relay may trip after '.
                    Show::quantity($after, Unit::Second, 2).'.',
                )
                ->do('If it trips on a start, time a start and enter it under Run-up time.')
                ->source($this->practice->overloadClasses()->cited())
                ->on(GuardFigure::OverloadClass, StartFigure::RunUpTimeWorst);
        }
    }

    /** How long the first stage may be held before the relay trips. */
    private function latest(TripClass $class, Figure $dial, RelaySeat $seat, Starting $starting, Ledger $ledger): void
    {
        $held = $starting->runUp?->held(self::HELD_S);
        if ($held === null) {
            return;
        }
        $after = $this->practice->overloadClasses()->relay($class)
            ->tripsAfter(StartCurrent::ofLeg($held)->at($seat->share), $dial->number());
        if ($after !== null) {
            $ledger->work(StartFigure::TimerLast)->from(dial: $dial)
                ->as('θ reaches 1.05² with the first stage held', 'at a setting of {dial}, class '.$class->value)
                ->equals($after)->source($this->practice->overloadClasses()->cited())->assuming(...$starting->runUp->assumptions)->write();
        }
    }

    /**
     * How long a relay of a class may let a locked rotor stand at full voltage, s.
     *
     * @param  Figure  $dial  A
     */
    private function longest(TripClass $class, Figure $dial, RelaySeat $seat, Inrush $inrush): float
    {
        // In the first stage of two the same current flows in line and lead.
        $full = $inrush->moment->number() * ($inrush->current->number() < $inrush->moment->number() ? $seat->share : 1.0);

        return $this->practice->overloadClasses()->tripsWithin($class, $full / $dial->number(), $this->rules->classTimes());
    }

    /** Whether that is longer than is stamped. */
    private static function outlasted(Circuit $circuit, float $seconds): bool
    {
        $withstands = $circuit->number('plate.locked_rotor_time');

        return $withstands !== null && $seconds > $withstands->number();
    }

    /** Whether the relay lets a locked rotor stand for longer than the motor bears. */
    private function outlasts(Figure $withstands, float $seconds, TripClass $class, bool $holds, Ledger $ledger): void
    {
        if ($seconds <= $withstands->number()) {
            return;
        }
        $ledger
            ->caution(GuardFinding::RelayOutlastsRotor)
            ->title('Relay too slow for a locked rotor')
            ->because(
                'Class '.$class->value.' may take '.Show::quantity($seconds, Unit::Second, 3).' to trip; the nameplate allows '.
                $withstands->shown(3).'.',
            )
            ->do($holds && $class !== TripClass::Class10A && $class !== TripClass::Class5
                ? 'Choose a faster class if it allows the start, or thermistors in the winding.'
                : 'Use thermistors in the winding: no class allows this start and also protects a locked rotor.')
            ->source($this->practice->overloadClasses()->cited())
            ->on(GuardFigure::OverloadClass)
            ->about('plate.locked_rotor_time');
    }

    private function margin(TableEntry $margin): string
    {
        return ', with a margin of '.Show::number(100 * (1 - $margin->value)).
            ' % for tolerance and low voltage. Checked for a start from cold: a restart with a warm relay can trip.';
    }

    /** How long a locked rotor may stand, at this motor's own multiple of the dial. */
    private function slow(
        Circuit $circuit,
        TripClass $class,
        Figure $dial,
        RelaySeat $seat,
        Inrush $inrush,
        bool $holds,
        Ledger $ledger,
    ): void {
        $classes = $this->practice->overloadClasses();
        $usualWithstand = $this->rules->usualLockedRotorTime();
        $within = fn (float $amperes): float => $classes->tripsWithin($class, $amperes / $dial->number(), $this->rules->classTimes());
        $stands = static function (float $amperes) use ($within, $dial): string {
            $multiple = $amperes / $dial->number();

            return Show::number($within($amperes), 3).' s ('.Show::number($multiple, 3).' times the setting)';
        };
        // In the first stage of two the same current flows in line and lead.
        $full = $inrush->moment->number() * ($inrush->current->number() < $inrush->moment->number() ? $seat->share : 1.0);
        $withstands = $circuit->number('plate.locked_rotor_time');
        if ($withstands !== null) {
            $this->outlasts($withstands, $within($full), $class, $holds, $ledger);

            return;
        }
        if ($usualWithstand !== null && $within($full) <= $usualWithstand) {
            $ledger->note(GuardFinding::RotorWithstandAssumed)
                ->title('Locked-rotor withstand time assumed: '.Show::number($usualWithstand).' s')
                ->because('Class '.$class->value.' trips within '.$stands($full).'. The nameplate does not give the locked-rotor time.')
                ->do('Enter it from the data sheet to be sure.')->about('plate.locked_rotor_time')
                ->source(Standard::NemaMg1->at())->on(GuardFigure::OverloadClass);

            return;
        }
        $ledger
            ->caution(GuardFinding::SlowClass)
            ->title('Slow trip class: check the motor’s locked-rotor time')
            ->because(
                'With a locked rotor, class '.$class->value.' may take '.$stands($full).' to trip'.
                ($inrush->current->number() < $inrush->moment->number() ? '; if the starter stays in '.$this->words->star.', '.
                $stands($inrush->current->number()).'.' : '.'),
            )
            ->do('Not checked. Enter the permitted locked-rotor time from the data sheet.')
            ->about('plate.locked_rotor_time')
            ->source($classes->cited())
            ->on(GuardFigure::OverloadClass);
    }
}
