<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\RelayPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\Inrush;
use BraveAnvil\Stations\Start\Method\RelaySeat;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

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
            $ledger->error('guard.overload_place', 'Only a star-delta starter can have the relay in the motor leads.', 'line.');
            $ledger->block('No result: choose the position of the overload relay.', Station::Guard);

            return null;
        }
        // Leading past its mirror image the line carries more than the motor alone; the relay never goes above the plate.
        if ($corrected !== null && $corrected->number() < $current->number()) {
            $current = $corrected;
            $ledger
                ->note(GuardFinding::OverloadReducedByCapacitor)
                ->title('Overload setting reduced for the capacitor')
                ->because('The relay carries only the corrected current, '.$current->shown(3).'.')
                ->do('If the capacitor is removed, set the relay again for the full motor current.')
                ->source(Standard::Nec->at('460.9')->and(Standard::Iec60831_1->at()))
                ->on(GuardFigure::OverloadDial);
        }
        $ledger
            ->work(GuardFigure::OverloadPlace)
            ->equals($seat->place->value)
            ->said(Show::inside($seat->place->label($this->words)))
            ->saying($seat->says)
            ->source($circuit->has('guard.overload_place') ? 'entered' : 'usual place')
            ->write();
        $setting = $this->rules->setting($circuit, $current, $seat);
        $dial = $ledger->put($setting->dial);
        $limit = $ledger->put($setting->limit);
        $ledger->add(...$setting->findings);
        $this->stuck($seat, $ledger);
        if (abs($limit->number() - $dial->number()) > 1e-9) {
            $ledger
                ->note(GuardFinding::DialIsNotTheLimit)
                ->title('Set the dial to motor amperes, not to the trip limit')
                ->because(
                    'Set the relay'.$seat->where().' to '.$dial->shown(3).'. '.$limit->shown(3).
                    ' is the maximum trip current the code allows. Do not set the dial to it: the relay would trip too late and the '.
                    'winding would burn.',
                )
                ->source(Standard::Iec60947_4_1->at()->and(Standard::Nec->at('430.32'))->and(Standard::CeCode->at('28-306')))
                ->on(GuardFigure::OverloadDial, GuardFigure::OverloadSetting);
        }
        $installed = $circuit->number('guard.dial');
        if ($installed !== null) {
            $this->installed($installed, $dial, $ledger);
        }

        $pick = $inrush === null ? null : (new RelayClass($this->practice, $this->words, $this->rules))->solve(
            $circuit, $dial, $installed, $seat, $inrush, $starting, $ledger,
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
            ->as('√3', 'line setting ÷ winding rating')
            ->source(HowKnown::Definition)
            ->write();
        $ledger
            ->caution(GuardFinding::StuckInStar)
            ->title('No overload protection if the starter stays in '.$this->words->star)
            ->because(
                'A relay in the line lets each winding carry '.Show::number($seat->stuckOverload, 3).
                ' times its rated current if delta never closes.',
            )
            ->do('Fit the relay in the motor leads, and trip the starter if delta does not close in time.')
            ->source(HowKnown::CommonPractice)
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
                ->title('Overload relay set too high')
                ->because('Set to '.$installed->shown().'; it should be '.$dial->shown(3).'.')
                ->do('Set it to '.$dial->shown(3).'.')
                ->source($dial->source)
                ->on(GuardFigure::OverloadDial);
        } elseif ($installed->number() < $dial->number() * $practice->dialLowTolerance()) {
            $ledger
                ->caution(GuardFinding::InstalledDialLow)
                ->title('Overload relay set too low')
                ->because('Set to '.$installed->shown().'; it should be '.$dial->shown(3).'. It may trip at full load.')
                ->do('Set it to '.$dial->shown(3).'.')
                ->source($dial->source)
                ->on(GuardFigure::OverloadDial);
        }
    }
}
