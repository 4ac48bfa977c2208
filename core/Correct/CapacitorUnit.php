<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Practice\CapacitorPractice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** The capacitor unit: a standard step, or the one installed. A three-phase unit is delta inside. */
final readonly class CapacitorUnit
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $ratedVar  at its rated voltage
     * @param  list<CapacitorStep>  $steps  empty where a unit is there already
     */
    private function __construct(public float $ratedVar, public Figure $ratedVoltage, public bool $installed, public array $steps)
    {
    }

    /**
     * The smallest step that gives what is required; the next lower one when that passes a limit; null with a finding when
     * none is left.
     *
     * @param  Figure  $supply  V
     * @param  Figure|null  $required  var
     * @param  Figure|null  $limit  at the motor, var; null elsewhere
     * @param  CapacitorPlace  $place  which decides what else can be done
     */
    public static function choose(
        Circuit $circuit,
        Figure $supply,
        LoadedMotor $motor,
        ?Figure $required,
        ?Figure $limit,
        CapacitorPlace $place,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        $rated =
            $circuit->number('correction.rated_voltage') ??
            Figure::step('Capacitor rated voltage', $supply->number(), Unit::Volt, V: $supply)->withAssumption(
                'capacitor rated for the supply voltage',
            );
        $scale = ($supply->number() / $rated->number()) ** 2;
        if ($supply->number() > $rated->number() * (1 + 1e-9)) {
            $ledger
                ->stop(CorrectFinding::CapacitorVoltage)
                ->title('The supply is above the capacitor’s voltage')
                ->because('A unit for '.$rated->shown().' on '.$supply->shown().'.')
                ->do('Choose one rated for the supply voltage or above.')
                ->source('IEC 60831-1 (from memory)');

            return null;
        }
        $lowest = $circuit->number('correction.lowest_load_percent') ?? $motor->load;
        $most = min($motor->reactiveAt(($lowest?->number() ?? 100.0) / 100), $limit?->number() ?? INF);
        $typed = $circuit->number('correction.rated_kvar');
        if ($typed !== null) {
            if ($typed->number() * $scale > $most) {
                $ledger
                    ->stop(CorrectFinding::InstalledCapacitorTooLarge)
                    ->title('The installed capacitor is too large')
                    ->because(
                        Show::quantity($typed->number() * $scale, Unit::Var, 3).
                            ' at this supply, at most '.
                            Show::quantity($most, Unit::Var, 3).
                            ' is allowed here.',
                    )
                    ->do($place === CapacitorPlace::Board ? 'Use a smaller unit.' : 'Use a smaller unit, or move it to the board.')
                    ->source($limit->source ?? 'no leading power factor')
                    ->on(CorrectFigure::ReactiveLimit);
            }

            return new self($typed->number(), $rated, true, []);
        }
        if ($required === null) {
            $ledger->missing('correction.target_power_factor', 'A target power factor is wanted to choose a capacitor.');

            return null;
        }
        if ($required->number() <= 0) {
            $ledger
                ->note(CorrectFinding::NoCapacitorNeeded)
                ->title('No capacitor needed')
                ->because('The power factor is already at the target.');

            return null;
        }

        return self::step($rated, $scale, $most, $required, $limit, $place === CapacitorPlace::Board, $practice, $ledger);
    }

    private static function step(
        Figure $rated,
        float $scale,
        float $most,
        Figure $required,
        ?Figure $limit,
        bool $atBoard,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        $chosen = null;
        $reached = false;
        /** @var list<array{float, bool, string}> $looked */
        $looked = [];
        foreach ($practice->steps() as $kvar) {
            $site = 1000 * $kvar * $scale;
            $refused = $site > $most * (1 + self::TOLERANCE);
            if ($refused) {
                $reason = $limit !== null && $site > $limit->number() ? 'above the limit at the motor' : 'would lead at the lowest load';
            } elseif ($reached) {
                $reason = 'more than is needed';
            } else {
                $chosen = $kvar;
                $reached = $site >= $required->number() * (1 - self::TOLERANCE);
                $reason = $reached ? 'gives what is required' : 'less than required';
            }
            $looked[] = [$kvar, $refused, $reason];
        }
        if ($chosen === null) {
            $ledger
                ->note(CorrectFinding::NoStepFits)
                ->title('No standard step fits')
                ->because('Even the smallest step is above '.Show::quantity($most, Unit::Var, 3).'.')
                ->do($atBoard ? 'Correct several motors together with one bank.' : 'Correct several motors together at the board.')
                ->on(CorrectFigure::ReactiveRequired);

            return null;
        }
        if (! $reached) {
            $ledger
                ->note(CorrectFinding::TargetNotReached)
                ->title('The target is not reached')
                ->because(
                    $required->shown(3).
                        ' would be needed. The limit here is '.
                        Show::quantity($most, Unit::Var, 3).
                        ', and the largest standard step below it gives '.
                        Show::quantity(1000 * $chosen * $scale, Unit::Var, 3).
                        ': '.
                        ($limit !== null && $most === $limit->number()
                            ? 'more could excite the motor after it is switched off.'
                            : 'more would lead at the lowest load.'),
                )
                ->do($atBoard ? 'Accept it: more than this would lead.' : 'Accept it, or correct the rest at the board.')
                ->source($limit->source ?? '')
                ->on(CorrectFigure::ReactiveRequired);
        }

        return new self(
            1000 * $chosen,
            $rated, false,
            array_map(
                static fn (array $step): CapacitorStep => new CapacitorStep($step[0], $step[0] === $chosen, $step[1], $step[2]),
                $looked,
            ),
        );
    }

    /**
     * @param  Figure  $supply  V
     * @param  Figure  $frequency  Hz
     */
    public function figures(
        Figure $supply,
        Figure $frequency,
        CapacitorRules $rules,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): UnitFigures {
        $rating = $ledger
            ->work(CorrectFigure::CapacitorRating)
            ->as($this->installed ? '' : 'standard step', 'at '.$this->ratedVoltage->shown())
            ->from(Vn: $this->ratedVoltage)
            ->equals($this->ratedVar)
            ->source($this->installed ? 'typed' : $practice->cited())
            ->write();
        $volts = $this->ratedVoltage->number();
        $given = $ledger
            ->work(CorrectFigure::ReactiveChosen)
            ->from(Q: $rating, V: $supply, Vn: $this->ratedVoltage)
            ->as('Q_n (V / V_n)²', '{Q} × ({V} ÷ {Vn})²')
            ->equals($this->ratedVar * ($supply->number() / $volts) ** 2)
            ->write();
        $star = $ledger
            ->work(CorrectFigure::CapacitanceStar)
            ->from(Q: $rating, f: $frequency, V: $this->ratedVoltage)
            ->as('Q / (2π f V_n²)', '{Q} ÷ (2π × {f} × {V}²)')
            ->equals($this->ratedVar / (2 * M_PI * $frequency->number() * $volts ** 2))
            ->write();
        $delta = $ledger
            ->work(CorrectFigure::CapacitanceDelta)
            ->from(C: $star)
            ->as('C_star / 3', '{C} ÷ 3')
            ->equals($star->number() / 3)
            ->write();
        $current = $ledger
            ->work(CorrectFigure::CapacitorCurrent)
            ->from(Q: $given, V: $supply)
            ->as('Q / (√3 V)', '{Q} ÷ (√3 × {V})')
            ->equals($given->number() / (sqrt(3) * $supply->number()))
            ->write();
        $rated = $ledger
            ->work(CorrectFigure::CapacitorRatedCurrent)
            ->from(Q: $rating, V: $this->ratedVoltage)
            ->as('Q_n / (√3 V_n)', '{Q} ÷ (√3 × {V})')
            ->equals($this->ratedVar / (sqrt(3) * $volts))
            ->write();
        $this->discharge($rules, $practice, $delta, $ledger);

        return new UnitFigures($rating, $given, $current, $rated);
    }

    private function discharge(CapacitorRules $rules, CapacitorPractice $practice, Figure $delta, Ledger $ledger): void
    {
        $volts = $this->ratedVoltage->number();
        $ohm = $rules->dischargeSeconds / ($delta->number() * log((sqrt(2) * $volts) / $rules->residualVolts));
        $figure = $ledger
            ->work(CorrectFigure::DischargeResistance)
            ->from(C: $delta, V: $this->ratedVoltage)
            ->as(
                't / (C ln(√2 V_n / V_r))',
                Show::number($rules->dischargeSeconds).' s ÷ ({C} × ln(√2 × {V} ÷ '.Show::number($rules->residualVolts).' V))',
            )
            ->equals($ohm)
            ->source($rules->dischargeSource.': across each element in delta')
            ->write();
        $share = $practice->resistorShare();
        $most = $share->value * $ohm;
        $decade = 10 ** floor(log10($most));
        $best = 0.82 * $decade;
        foreach ($practice->resistorSeries() as $value) {
            if ($value * $decade <= $most * (1 + 1e-9)) {
                $best = $value * $decade;
            }
        }
        $take = $ledger
            ->work(CorrectFigure::DischargeRecommended)
            ->from(k: $share, R: $figure)
            ->as('standard value ≤ 0.8 of it', '{k} × {R}, next standard value below')
            ->equals($best)
            ->source('poles clear one after another and leave more than √2 V on one element')
            ->write();
        $ledger
            ->work(CorrectFigure::DischargePower)
            ->from(V: $this->ratedVoltage, R: $take)
            ->as('V_n² / R', '{V}² ÷ {R}')
            ->equals($volts ** 2 / $best)
            ->write();
    }
}
