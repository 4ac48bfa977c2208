<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\OverloadRules;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Start\Method\Inrush;
use BraveAnvil\Start\Method\RelaySeat;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Starting;

/** The overload relay: where it sits, what it is set to, and which class lets the start pass. */
final readonly class Overload
{
    public function __construct(private OverloadRules $rules, private Practice $practice, private Words $words)
    {
    }

    /**
     * @param  Figure  $current  in the line at full load, A
     * @param  Figure|null  $corrected  the same with a capacitor behind the relay
     * @param  Inrush|null  $inrush  null where the start is not known: its class is then not chosen
     * @return OverloadResult|null null where the relay's place is none of this starter
     */
    public function solve(
        Circuit $circuit,
        Figure $current,
        ?Figure $corrected,
        StartingMethod $method,
        ?Inrush $inrush,
        Starting $starting,
        Ledger $ledger,
    ): ?OverloadResult {
        $seat = self::seat($circuit, $method);
        if ($seat === null) {
            $ledger->error('guard.overload_place', 'Only a star-delta starter has a place in the delta.', 'line.');
            $ledger->block('Waits for the place of the overload relay.', Station::Guard);

            return null;
        }
        // Leading past its mirror image the line carries more than the motor alone; the relay never goes above the plate.
        if ($corrected !== null && $corrected->number() < $current->number()) {
            $current = $corrected;
            $ledger
                ->note(GuardFinding::OverloadReducedByCapacitor)
                ->title('Overload reduced by the capacitor')
                ->because('The relay sees only the corrected '.$current->shown(3).', so its setting is lower.')
                ->do('If the capacitor is ever taken off, set the relay back.')
                ->source('NEC 460.9, IEC 60831-1 (from memory)')
                ->on(GuardFigure::OverloadDial);
        }
        $ledger
            ->work(GuardFigure::OverloadPlace)
            ->equals($seat->place->value)
            ->saying($seat->says)
            ->source($circuit->has('guard.overload_place') ? 'typed' : 'usual place')
            ->write();
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
                        $seat->where().
                        '. The trip must not exceed '.
                        $limit->shown(3).
                        '; dialling that figure would trip far too late and burn the winding.',
                )
                ->source('IEC 60947-4-1, NEC 430.32, CE Code 28-306 (from memory)')
                ->on(GuardFigure::OverloadDial, GuardFigure::OverloadSetting);
        }
        $installed = $circuit->number('guard.dial');
        if ($installed !== null) {
            $this->installed($installed, $dial, $ledger);
        }

        $pick = $inrush === null ? null : (new RelayClass($this->practice))->solve(
            $circuit, $dial, $installed, $seat, $inrush, $starting, $this->words, $this->rules, $ledger,
        );

        return new OverloadResult($dial, $pick, $seat);
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
            ->source('common practice, no source')
            ->on(GuardFigure::StuckInStar);
    }

    private function installed(Figure $installed, Figure $dial, Ledger $ledger): void
    {
        $practice = $this->practice->guard();
        if ($installed->number() > $dial->number() * $practice->dialHighTolerance()) {
            // On a current that nobody stamped the right dial is not known well enough to forbid another.
            $finding = $dial->assumed()
                ? $ledger->caution(GuardFinding::InstalledDialTooHigh)
                : $ledger->stop(GuardFinding::InstalledDialTooHigh);
            $finding
                ->title('The relay is set too high')
                ->because('It stands at '.$installed->shown().', '.$dial->shown(3).' is right.')
                ->do('Turn it down.')
                ->source($dial->source)
                ->on(GuardFigure::OverloadDial);
        } elseif ($installed->number() < $dial->number() * $practice->dialLowTolerance()) {
            $ledger
                ->caution(GuardFinding::InstalledDialLow)
                ->title('The relay is set low')
                ->because('It stands at '.$installed->shown().', '.$dial->shown(3).' is right: it may trip at full load.')
                ->do('Set it to '.$dial->shown(3).'.')
                ->source($dial->source)
                ->on(GuardFigure::OverloadDial);
        }
    }
}
