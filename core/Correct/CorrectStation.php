<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Cable\Cabling;
use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Power\Load;
use BraveAnvil\RuleBook\Practice\CapacitorPractice;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Starting;

/** Power factor correction: how much, which step, where it may go, and what the line carries after it. */
final readonly class CorrectStation
{
    private const NEEDS = [
        'correction.load_percent', 'correction.lowest_load_percent', 'correction.target_power_factor', 'correction.place',
        'correction.rated_voltage', 'correction.rated_kvar', 'correction.own_contactor', 'correction.tap_length', 'plate.no_load_current',
        'plate.current',
    ];

    /** Harmonics that drives and rectifiers bring, and how near to one a resonance is too near. */
    private const HARMONICS = [5, 7, 11, 13];

    private const NEAR = 0.08;

    public function __construct(private Sizing $sizing, private CapacitorPractice $practice, private Words $words)
    {
    }

    /**
     * @param  Figure|null  $prospective  largest fault current, A
     * @return Correction|null null where there is no capacitor, or none can be chosen; the ledger says why
     */
    public function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        ?Cabling $cabling,
        ?Figure $prospective,
        Ledger $ledger,
    ): ?Correction {
        $supply = $motor->supplyVoltage;
        $loaded = $supply === null || $circuit->bad(...self::NEEDS) ? null : LoadedMotor::of($circuit, $motor, $load, $ledger);
        if ($loaded === null || $load->designCurrent === null) {
            $ledger->block('Waits for the motor’s power and current.', Station::Correct);

            return null;
        }
        $place = $circuit->chosen('correction.place', CapacitorPlace::class) ?? CapacitorPlace::None;
        $behindStarter = $place === CapacitorPlace::AfterController || $place === CapacitorPlace::AtMotor;
        $required = self::required($circuit, $loaded, $ledger);
        $limit = $behindStarter ? $this->limit($motor, $loaded, $ledger) : null;
        if ($place === CapacitorPlace::None) {
            $ledger->say(Station::Correct, self::without($circuit, $required));

            return null;
        }
        if ($starting->method !== null && $this->excluded($circuit, $starting->method, $behindStarter, $ledger)) {
            $ledger->say(Station::Correct, 'A capacitor is refused at this place.');

            return null;
        }
        $unit = CapacitorUnit::choose($circuit, $supply, $loaded, $required, $limit, $place, $this->practice, $ledger);
        if ($unit === null) {
            $ledger->say(Station::Correct, 'No capacitor is chosen.');

            return null;
        }
        $frequency = $circuit->number('supply.frequency') ?? $motor->frequency;
        if ($frequency === null || $load->overloadCurrent === null || $motor->powerFactor === null) {
            $ledger->block('Waits for the motor’s power and current.', Station::Correct);

            return null;
        }
        $figures = $unit->figures($supply, $frequency, $this->sizing->capacitors, $this->practice, $ledger);
        $correction = (new Effect($place, $figures))->solve($circuit, $load->overloadCurrent, $motor->powerFactor, $loaded, $ledger);
        $ledger->curve(
            new CorrectionCurve(
                $loaded, $load, $figures->given->number(), $load->overloadCurrent->number(), $correction->current->number(), $unit->steps,
            ),
        );
        (new Placement($this->sizing))->solve($circuit, $place, $figures, $load->designCurrent, $starting, $cabling, $ledger);
        self::cautions($supply, $figures->given, $prospective, $ledger);
        $ledger->say(
            Station::Correct,
            $figures->rating->shown(3).' brings '.$correction->sentence(),
        );

        return $correction;
    }

    private static function without(Circuit $circuit, ?Figure $required): string
    {
        if ($required === null) {
            return 'Type a target power factor to see what a capacitor would have to give.';
        }

        return $required->number() <= 0
            ? 'No capacitor is needed for this target.'
            : 'No capacitor. '.
                    $required->shown(3).
                    ' would be needed for '.
                    Show::number($circuit->number('correction.target_power_factor')?->number() ?? 0, 3).
                    '.';
    }

    private static function required(Circuit $circuit, LoadedMotor $motor, Ledger $ledger): ?Figure
    {
        $target = $circuit->number('correction.target_power_factor');
        if ($target === null) {
            return null;
        }
        $tan = sqrt(1 - $target->number() ** 2) / $target->number();

        return $ledger
            ->work(CorrectFigure::ReactiveRequired)
            ->from(Q: $motor->reactive, P: $motor->power, pf: $target)
            ->as('P (tan φ1 − tan φ2)', '{Q} − {P} × tan φ2, cos φ2 {pf}')
            ->equals(max(0.0, $motor->reactive->number() - $motor->power->number() * $tan))
            ->write();
    }

    private function limit(Motor $motor, LoadedMotor $loaded, Ledger $ledger): ?Figure
    {
        $volts = $motor->ratedVoltage();
        if ($volts === null) {
            return null;
        }
        $share = $this->practice->noLoadShare();

        return $ledger
            ->work(CorrectFigure::ReactiveLimit)
            ->from(k: $share, V: $volts, I: $loaded->noLoadCurrent)
            ->as('0.9 √3 V I_0', '{k} × √3 × {V} × {I}')
            ->equals($share->value * sqrt(3) * $volts->number() * $loaded->noLoadCurrent->number())
            ->source('IEC 60831-1 (from memory): no self-excitation')
            ->write();
    }

    /** Starters and places that a capacitor must not share. */
    private function excluded(Circuit $circuit, StartingMethod $method, bool $behindStarter, Ledger $ledger): bool
    {
        $limits = $method->capacitor();
        $name = lcfirst($method->name()->label($this->words));
        if ($behindStarter && ! $limits->behindStarter) {
            $ledger
                ->stop(CorrectFinding::CapacitorExcluded)
                ->title('No capacitor at a '.$name.' motor')
                ->because($limits->whyNot)
                ->do('Put it on the supply side with its own contactor, or at the board.')
                ->source($this->sizing->capacitors->exclusionSource)
                ->on(CorrectFigure::ReactiveRequired);

            return true;
        }
        $own = $circuit->flag('correction.own_contactor');
        if ($behindStarter || ! $limits->ownContactor || $own === true) {
            return false;
        }
        if ($own === false) {
            $ledger->stop(CorrectFinding::CapacitorNeedsContactor)->title('It needs its own contactor')
                ->because('At a '.$name.' motor the capacitor must be switched by its own contactor, closed only in run.')
                ->do('Give it a capacitor-duty contactor.')->source('common practice, no source');

            return true;
        }
        $ledger->caution(CorrectFinding::CapacitorNeedsContactor)->title('Give it its own contactor')
            ->because('At a '.$name.' motor the capacitor goes on the supply side with its own contactor, closed only in run.')
            ->do('Say so under “Own contactor” once it has one.')->source('common practice, no source');

        return false;
    }

    private static function cautions(Figure $supply, Figure $given, ?Figure $prospective, Ledger $ledger): void
    {
        $ledger
            ->note(CorrectFinding::StoredCharge)
            ->title('A capacitor holds charge')
            ->because(
                'Switched off it keeps up to '.
                    Show::quantity(sqrt(2) * $supply->number(), Unit::Volt, 3).
                    ' or more. Wait for the discharge time, prove it dead, then short and earth it before touching.',
            )
            ->do('Check that the resistors are whole; a blown fuse leaves an element charged.')
            ->source('usual practice; local rules and licensed people decide')
            ->on(CorrectFigure::DischargeResistance);
        if ($prospective === null) {
            return;
        }
        $fault = sqrt(3) * $supply->number() * $prospective->number();
        $order = $ledger
            ->work(CorrectFigure::ResonanceOrder)
            ->from(Q: $given, V: $supply, Ik: $prospective)
            ->as('√(S_sc / Q_c)', '√('.Show::quantity($fault, Unit::VoltAmpere).' ÷ {Q})')
            ->equals(sqrt($fault / $given->number()))
            ->write();
        foreach (self::HARMONICS as $harmonic) {
            if (abs($order->number() - $harmonic) < self::NEAR * $harmonic) {
                $ledger
                    ->caution(CorrectFinding::Resonance)
                    ->title('Close to a harmonic')
                    ->because(
                        'Capacitor and supply resonate near order '.
                            $order->shown(3).
                            ', close to '.
                            $harmonic.
                            '. Other capacitors on the bus shift it.',
                    )
                    ->do('With drives or rectifiers on the bus use a detuned unit.')
                    ->source('common practice, no source')
                    ->on(CorrectFigure::ResonanceOrder);
            }
        }
    }
}
