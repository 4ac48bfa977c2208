<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\LoadTrait;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Start\Starting;

/** Starters, motors and loads that a capacitor must not share its place with. */
final readonly class Exclusion
{
    /** Share by which the supply's frequency may differ from the motor's. */
    private const FREQUENCY = 0.02;

    private const ELSEWHERE = 'Connect it on the supply side with its own contactor, or at the board.';

    public function __construct(private CapacitorRules $rules, private Words $words)
    {
    }

    /** @param  Figure  $frequency  of the supply, Hz */
    public function refuses(
        Circuit $circuit,
        Motor $motor,
        Figure $frequency,
        Starting $starting,
        CapacitorPlace $place,
        Ledger $ledger,
    ): bool {
        if (! $place->isBehindStarter()) {
            return $this->wantsContactor($circuit, $starting, $ledger);
        }
        $refused = $this->starter($starting, $ledger);
        $refused = $this->kind($motor, $ledger) || $refused;
        $refused = $this->traits($circuit, $ledger) || $refused;

        return $this->frequency($motor, $frequency, $ledger) || $refused;
    }

    private function starter(Starting $starting, Ledger $ledger): bool
    {
        $limits = $starting->method?->capacitor();
        if ($starting->method === null || $limits === null || $limits->behindStarter) {
            return false;
        }
        $ledger
            ->stop(CorrectFinding::CapacitorExcluded)
            ->title('No capacitor at '.Show::one(Show::inside($starting->method->name()->label($this->words))).' motor')
            ->because($limits->whyNot)
            ->do($limits->instead ?? self::ELSEWHERE)
            ->source($this->rules->exclusionSource)
            ->on(CorrectFigure::ReactiveRequired);

        return true;
    }

    private function kind(Motor $motor, Ledger $ledger): bool
    {
        if (! in_array($motor->kind, [MotorKind::TwoSpeed, MotorKind::PartWinding], true)) {
            return false;
        }
        $ledger->stop(CorrectFinding::CapacitorExcluded)
            ->title('No capacitor at a '.Show::inside($motor->kind->label($this->words)).' motor')
            ->because('During changeover the capacitor keeps the open winding excited. Reclosing out of phase gives overvoltage and a '.
                'torque shock.')
            ->do(self::ELSEWHERE)->source($this->rules->exclusionSource)->about('plate.kind');

        return true;
    }

    private function traits(Circuit $circuit, Ledger $ledger): bool
    {
        $traits = $circuit->several('load.traits', LoadTrait::class);
        if ($traits === []) {
            return false;
        }
        $ledger->stop(CorrectFinding::CapacitorTrait)->title('No capacitor at this motor: the load drives, reverses or re-switches it')
            ->because(match ($traits[0]) {
                LoadTrait::Overhauling, LoadTrait::BackSpin => 'The load keeps the motor turning after switch-off. With a capacitor it '.
                    'becomes a generator, and its voltage can rise far above the supply voltage.',
                LoadTrait::FastReclosing => 'The supply returns while motor and capacitor still hold their own voltage, out of phase.',
                LoadTrait::Reversing, LoadTrait::Jogging, LoadTrait::Plugging => 'The motor is switched again while motor and '.
                    'capacitor still hold their own voltage: a surge of current and torque.',
            })
            ->do(self::ELSEWHERE)->source($this->rules->exclusionSource)->about('load.traits');

        return true;
    }

    private function frequency(Motor $motor, Figure $frequency, Ledger $ledger): bool
    {
        $rated = $motor->frequency;
        if ($rated === null || abs($frequency->number() / $rated->number() - 1) <= self::FREQUENCY) {
            return false;
        }
        $ledger->stop(CorrectFinding::CapacitorFrequency)->title('No capacitor at a motor for another frequency')
            ->because('Nameplate '.$rated->shown().', supply '.$frequency->shown().
                '. The nameplate does not give the no-load current at this frequency, which limits the capacitor.')
            ->do(self::ELSEWHERE)->source(HowKnown::CommonPractice)->about('supply.frequency');

        return true;
    }

    /** Before such a starter it wants a contactor of its own, closed only in run. */
    private function wantsContactor(Circuit $circuit, Starting $starting, Ledger $ledger): bool
    {
        $own = $circuit->flag('correction.own_contactor');
        if ($starting->method === null || ! $starting->method->capacitor()->ownContactor || $own === true) {
            return false;
        }
        $name = Show::inside($starting->method->name()->label($this->words));
        if ($own === false) {
            $ledger->stop(CorrectFinding::CapacitorNeedsContactor)->title('The capacitor needs its own contactor')
                ->because('With '.Show::one($name).' motor the capacitor must have its own contactor, closed only in run.')
                ->do('Fit a capacitor-duty contactor.')->source(HowKnown::CommonPractice);

            return true;
        }
        $ledger->caution(CorrectFinding::CapacitorNeedsContactor)->title('Fit a contactor for the capacitor')
            ->because('With '.Show::one($name).' motor the capacitor goes on the supply side with its own contactor, closed only in run.')
            ->do('Set “Own contactor” to Yes once it is fitted.')->source(HowKnown::CommonPractice);

        return false;
    }
}
