<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** A capacitor for three phases: a standard step, or the one installed. It is delta inside. */
final readonly class CapacitorUnit
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $ratedVar  at its rated voltage and frequency
     * @param  list<CapacitorStep>  $steps  empty where a unit is there already
     */
    private function __construct(public float $ratedVar, public Nameplate $plate, public bool $installed, public array $steps)
    {
    }

    /**
     * The smallest step that gives what is required; the next lower one when that passes the ceiling; null with a finding when
     * none is left.
     *
     * @param  Figure|null  $required  var
     */
    public static function choose(
        Circuit $circuit,
        Nameplate $plate,
        LoadToCorrect $load,
        ?Figure $required,
        Ceiling $ceiling,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        // Against a ceiling the higher of both voltages counts.
        $atMost = $plate->scale(max($plate->supply->number(), $load->volts->number()));
        $typed = $circuit->number('correction.rated_kvar');
        if ($typed !== null) {
            $ceiling->judge($typed->number() * $atMost, $ledger);

            return new self($typed->number(), $plate, true, []);
        }
        if ($required === null) {
            $ledger->missing('correction.target_power_factor', 'Enter a target power factor to choose a capacitor.');

            return null;
        }
        if ($required->number() <= 0) {
            $ledger
                ->note(CorrectFinding::NoCapacitorNeeded)
                ->title('No capacitor needed')
                ->because('The power factor already meets the target.');

            return null;
        }
        $atLoad = $plate->scale($load->measured ? $load->volts->number() : $plate->supply->number());

        return self::step($plate, $atLoad, $atMost, $required, $ceiling, $practice, $ledger);
    }

    private static function step(
        Nameplate $plate,
        float $atLoad,
        float $atMost,
        Figure $required,
        Ceiling $ceiling,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        $atBoard = $ceiling->place === CapacitorPlace::Board;
        $most = $ceiling->most->number();
        $limit = $ceiling->limit?->number();
        $chosen = null;
        $reached = false;
        /** @var list<array{float, bool, string}> $looked */
        $looked = [];
        foreach ($practice->steps() as $kvar) {
            $refused = 1000 * $kvar * $atMost > $most * (1 + self::TOLERANCE);
            if ($refused) {
                $reason = $limit !== null && 1000 * $kvar * $atMost > $limit
                    ? 'above the limit at the motor' : 'leading at the lowest load';
            } elseif ($reached) {
                $reason = 'more than necessary';
            } else {
                $chosen = $kvar;
                $reached = 1000 * $kvar * $atLoad >= $required->number() * (1 - self::TOLERANCE);
                $reason = $reached ? 'meets the requirement' : 'less than required';
            }
            $looked[] = [$kvar, $refused, $reason];
        }
        if ($chosen === null) {
            $ledger
                ->note(CorrectFinding::NoStepFits)
                ->title('No standard step is suitable')
                ->because('Even the smallest step is above the limit of '.Show::quantity($most, Unit::Var, 3).'.')
                ->do($atBoard ? 'Correct several motors together with one bank.' : 'Correct several motors together at the board.')
                ->on(CorrectFigure::ReactiveRequired);

            return null;
        }
        if (! $reached) {
            $ledger
                ->note(CorrectFinding::TargetNotReached)
                ->title('Target power factor not reached')
                ->because(
                    'Needed: '.$required->shown(3).'. Limit here: '.Show::quantity($most, Unit::Var, 3).
                    '. Largest standard step within the limit: '.Show::quantity(1000 * $chosen * $atLoad, Unit::Var, 3).'. '.
                    ($limit !== null && $limit <= $ceiling->lowest ? 'More could self-excite the motor after switch-off.'
                    : 'More would make the power factor leading at the lowest load.'),
                )
                ->do($atBoard ? 'Accept it: a larger capacitor would make the power factor leading.'
                    : 'Accept it, or correct the rest at the board.')
                ->source($ceiling->limit->source ?? '')
                ->on(CorrectFigure::ReactiveRequired);
        }

        return new self(
            1000 * $chosen,
            $plate, false,
            array_map(
                static fn (array $step): CapacitorStep => new CapacitorStep($step[0], $step[0] === $chosen, $step[1], $step[2]),
                $looked,
            ),
        );
    }

    /** @param  Figure  $supply  V */
    public function figures(
        Figure $supply,
        CapacitorRules $rules,
        CapacitorPractice $practice,
        Circuit $circuit,
        Ledger $ledger,
    ): UnitFigures {
        $plate = $this->plate;
        $rating = $ledger
            ->work(CorrectFigure::CapacitorRating)
            ->as($this->installed ? '' : 'standard step', 'at '.$plate->volts->shown())
            ->from(Vn: $plate->volts)
            ->equals($this->ratedVar)
            ->source($this->installed ? 'entered' : $practice->cited())
            ->write();
        $volts = $plate->volts->number();
        $given = $ledger
            ->work(CorrectFigure::ReactiveChosen)
            ->from(Q: $rating, V: $supply, Vn: $plate->volts)
            ->as('Q_n (V / V_n)²'.($plate->detuning > 0 ? ' / (1 − p)' : ''), '{Q} × ({V} ÷ {Vn})²'.$plate->factors())
            ->equals($this->ratedVar * $plate->scale($supply->number()))
            ->write();
        $star = $ledger
            ->work(CorrectFigure::CapacitanceStar)
            ->from(Q: $rating, V: $plate->volts)
            ->as('Q_n / (2π f_n V_n²)', '{Q} ÷ (2π × '.Show::quantity($plate->ratedHertz(), Unit::Hertz).' × {V}²)')
            ->equals($this->ratedVar / (2 * M_PI * $plate->ratedHertz() * $volts ** 2))
            ->write();
        $delta = $ledger
            ->work(CorrectFigure::CapacitanceDelta)
            ->from(C: $star)
            ->as('C_star / 3', '{C} ÷ 3')
            ->equals($star->number() / 3)
            ->write();
        if ($plate->detuning > 0) {
            $omega = 2 * M_PI * $plate->frequency->number();
            $ledger->work(CorrectFigure::ReactorInductance)->from(f: $plate->frequency, C: $star)
                ->as('p / (ω² C_star)', Show::number($plate->detuning, 4).' ÷ ((2π × {f})² × {C})')
                ->equals($plate->detuning / ($omega ** 2 * $star->number()))->write();
        }
        $current = $ledger
            ->work(CorrectFigure::CapacitorCurrent)
            ->from(Q: $given, V: $supply)
            ->as('Q / (√3 V)', '{Q} ÷ (√3 × {V})')
            ->equals($given->number() / (sqrt(3) * $supply->number()))
            ->write();
        $rated = $ledger
            ->work(CorrectFigure::CapacitorRatedCurrent)
            ->from(Q: $rating, V: $plate->volts)
            ->as('Q_n / (√3 V_n)', '{Q} ÷ (√3 × {V})')
            ->equals($this->ratedVar / (sqrt(3) * $volts))
            ->write();
        (new Discharge($rules, $practice))->solve($circuit, $delta, $plate->volts, 'across each element in delta', $ledger);

        return new UnitFigures($rating, $given, $current, $rated, $plate, $this->ratedVar);
    }
}
