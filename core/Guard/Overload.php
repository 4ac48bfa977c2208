<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\OverloadRules;
use BraveAnvil\RuleBook\Practice\OverloadClasses;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Start\Method\Inrush;
use BraveAnvil\Start\Method\RelaySeat;
use BraveAnvil\Start\Method\StartingMethod;

/** The overload relay: where it sits, what it is set to, and which class lets the start pass. */
final readonly class Overload
{
    public function __construct(private OverloadRules $rules, private Practice $practice, private Words $words)
    {
    }

    /**
     * @param  Figure  $current  in the line at full load, A
     * @param  Figure|null  $corrected  the same with a capacitor behind the relay
     * @return OverloadResult|null null where the relay's place is none of this starter
     */
    public function solve(
        Circuit $circuit,
        Figure $current,
        ?Figure $corrected,
        StartingMethod $method,
        Inrush $inrush,
        Ledger $ledger,
    ): ?OverloadResult {
        $seat = self::seat($circuit, $method);
        if ($seat === null) {
            $ledger->error('guard.overload_place', 'Only a star-delta starter has a place in the delta.', 'line.');
            $ledger->block('Waits for the place of the overload relay.', Station::Guard);

            return null;
        }
        if ($corrected !== null) {
            $current = $corrected;
            $ledger->note(GuardFinding::OverloadReducedByCapacitor)->title('Overload reduced by the capacitor')
                ->because('The relay sees only the corrected '.$current->shown(3).', so its setting is lower.')
                ->do('If the capacitor is ever taken off, set the relay back.')
                ->source('NEC 460.9, IEC 60831-1 (from memory)')
                ->on(GuardFigure::OverloadDial);
        }
        $ledger->work(GuardFigure::OverloadPlace)->equals($seat->place->value)->saying($seat->says)
            ->source($circuit->has('guard.overload_place') ? 'typed' : 'usual place')->write();
        $setting = $this->rules->setting($circuit, $current, $seat);
        $dial = $ledger->put($setting->dial);
        $limit = $ledger->put($setting->limit);
        $ledger->add(...$setting->findings);
        $this->stuck($seat, $ledger);
        if (abs($limit->number() - $dial->number()) > 1e-9) {
            $ledger
                ->note(GuardFinding::DialIsNotTheLimit)
                ->title('The dial is not the trip limit')
                ->because(
                    'Set a scale marked in motor amperes to '.
                        $dial->shown(3).
                        '. The trip must not exceed '.
                        $limit->shown(3).
                        '; dialling that figure would trip far too late and burn the winding.',
                )
                ->source('IEC 60947-4-1 and NEC 430.32 (from memory)')
                ->on(GuardFigure::OverloadDial, GuardFigure::OverloadSetting);
        }
        $installed = $circuit->number('guard.dial');
        if ($installed !== null) {
            $this->installed($installed, $dial, $ledger);
        }

        return new OverloadResult($dial, $this->tripClass($circuit, $installed ?? $dial, $inrush, $ledger));
    }

    private static function seat(Circuit $circuit, StartingMethod $method): ?RelaySeat
    {
        $wanted = $circuit->chosen('guard.overload_place', RelayPlace::class);
        foreach ($method->relaySeats() as $seat) {
            if ($wanted === null || $seat->place === $wanted) {
                return $seat;
            }
        }

        return null;
    }

    /** A starter that sticks in its first stage may leave a winding unprotected. */
    private function stuck(RelaySeat $seat, Ledger $ledger): void
    {
        if ($seat->stuckOverload <= 1.0) {
            return;
        }
        $ledger
            ->work(GuardFigure::StuckInStar)
            ->equals($seat->stuckOverload)
            ->as('√3', 'line setting over winding rating')
            ->source('definition')
            ->write();
        $ledger
            ->caution(GuardFinding::StuckInStar)
            ->title('Not protected when stuck in '.$this->words->star)
            ->because(
                'Set for the line, the relay lets a winding carry '.
                    Show::number($seat->stuckOverload, 3).
                    ' times its rating for ever if the starter never changes over.',
            )
            ->do('Put the relay in the delta (in the motor leads), and let the timer drop the starter out if delta does not close.')
            ->source('common practice, no source')->on(GuardFigure::StuckInStar);
    }

    private function installed(Figure $installed, Figure $dial, Ledger $ledger): void
    {
        $practice = $this->practice->guard();
        if ($installed->number() > $dial->number() * $practice->dialHighTolerance()) {
            $ledger
                ->stop(GuardFinding::InstalledDialTooHigh)
                ->title('The relay is set too high')
                ->because('It stands at '.$installed->shown().', '.$dial->shown(3).' is right.')
                ->do('Turn it down.')
                ->source($dial->source)
                ->on(GuardFigure::OverloadDial);
        } elseif ($installed->number() < $dial->number() * $practice->dialLowTolerance()) {
            $ledger->caution(GuardFinding::InstalledDialLow)->title('The relay is set low')
                ->because('It stands at '.$installed->shown().', '.$dial->shown(3).' is right: it may trip at full load.')
                ->do('Set it to '.$dial->shown(3).'.')->source($dial->source)->on(GuardFigure::OverloadDial);
        }
    }

    /** In the first stage the same current flows in line and lead, so the multiple follows from where the relay is set. */
    private function tripClass(Circuit $circuit, Figure $dial, Inrush $inrush, Ledger $ledger): Figure
    {
        $multiple = $ledger->work(GuardFigure::StartMultiple)->from(I: $inrush->current, dial: $dial)->as('I_start / dial', '{I} ÷ {dial}')
            ->equals($inrush->current->number() / $dial->number())->source('in the relay’s own place')->write();
        $classes = $this->practice->overloadClasses();
        $margin = $this->practice->guard()->classMargin();
        $typed = $circuit->chosen('guard.overload_class', TripClass::class);
        $class = TripClass::Class30;
        foreach ($typed !== null ? [$typed] : OverloadClasses::CHOSEN as $candidate) {
            $class = $candidate;
            if ($inrush->time->number() <= $margin->value * $classes->holds($candidate, $multiple->number())) {
                break;
            }
        }
        $holds = $classes->holds($class, $multiple->number());
        $figure = $ledger
            ->work(GuardFigure::OverloadClass)
            ->from(t: $inrush->time, x: $multiple, k: $margin)
            ->as('t_start ≤ 0.8 t_trip', '{t} against {k} × '.Show::number($holds, 3).' s at {x}')
            ->equals($class->value)
            ->source($classes->cited())
            ->doubted($classes->doubt($class))
            ->write();
        if ($inrush->time->number() > $margin->value * $holds) {
            $ledger->stop($typed === null ? GuardFinding::NoClassHoldsStart : GuardFinding::ClassTripsOnStart)
                ->title($typed === null ? 'No trip class holds this start' : 'Class '.$class->value.' trips on the start')
                ->because(
                    'The start takes '.
                        $inrush->time->shown().
                        ' at '.
                        $multiple->shown(3).
                        ' the dial; class '.
                        $class->value.
                        ' may trip after '.
                        Show::number($holds, 3).
                        ' s.',
                )
                ->do(
                    $typed === null
                        ? 'A start this heavy needs its own protection, such as thermistors with a start-time supervision.'
                        : 'Choose a slower class if the motor stands it.',
                )
                ->source($classes->cited())
                ->on(GuardFigure::OverloadClass, GuardFigure::StartMultiple);
        }
        if (in_array($class, [TripClass::Class20, TripClass::Class30], true)) {
            $ledger->caution(GuardFinding::SlowClass)->title('Slow class: can the motor stand it?')
                ->because('Class '.$class->value.' may let the locked rotor stand for up to '.$class->value.' s.')
                ->do('Compare with the motor’s locked-rotor withstand time.')->source($classes->cited())->on(GuardFigure::OverloadClass);
        }

        return $figure;
    }
}
