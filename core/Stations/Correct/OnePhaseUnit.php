<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorSeries;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** A capacitor for one phase, by the values that are sold: the next above, or the next below where that would lead. */
final readonly class OnePhaseUnit
{
    private const TOLERANCE = 1e-6;

    private const MICRO = 1e-6;

    /** µF of the largest can; above it several equal ones stand side by side. */
    private const LARGEST = 100.0;

    /** @param  float  $farads  all cans together */
    private function __construct(private float $farads, private Nameplate $plate, private bool $installed)
    {
    }

    /** @return self|null null where nothing is wanted, or nothing fits; the ledger says why */
    public static function choose(
        Circuit $circuit,
        Nameplate $plate,
        LoadToCorrect $load,
        ?Figure $required,
        Ceiling $ceiling,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): ?self {
        $omega = 2 * M_PI * $plate->frequency->number();
        $there = $circuit->number('correction.capacitance')?->number();
        $kvar = $circuit->number('correction.rated_kvar');
        if ($there === null && $kvar !== null) {
            $there = $kvar->number() / (2 * M_PI * $plate->ratedHertz() * $plate->volts->number() ** 2);
        }
        $wanted = $required === null ? null : self::required($required, $load, $plate, $omega, $ledger);
        if ($there !== null) {
            $ceiling->judge($omega * $there * $load->volts->number() ** 2, $ledger);

            return new self($there, $plate, true);
        }
        if ($required === null || $wanted === null) {
            return null;
        }
        if ($required->number() <= 0) {
            $ledger->note(CorrectFinding::NoCapacitorNeeded)->title('No capacitor needed')
                ->because('The power factor already meets the target.');

            return null;
        }

        $most = $ceiling->most->number() / ($omega * $load->volts->number() ** 2);
        if ($most < $wanted->number() * (1 - self::TOLERANCE)) {
            $ledger->note(CorrectFinding::TargetNotReached)->title('Target power factor not reached')
                ->because('Needed: '.$required->shown(3).'. Limit here: '.$ceiling->most->shown(3).'. '.
                    ($ceiling->limit === null ? 'More would make the power factor leading at the lowest load.'
                    : 'More could self-excite the motor after switch-off.'))
                ->do('Accept it, or correct the rest at the board.')
                ->source($ceiling->most->source)->on(CorrectFigure::ReactiveRequired);
        }

        return self::sold($circuit, min($wanted->number(), $most) / self::MICRO, $plate, $load, $ceiling, $practice, $omega, $ledger);
    }

    private static function required(Figure $required, LoadToCorrect $load, Nameplate $plate, float $omega, Ledger $ledger): Figure
    {
        return $ledger
            ->work(CorrectFigure::CapacitanceRequired)
            ->from(Q: $required, f: $plate->frequency, V: $load->volts)
            ->as('Q / (2π f V²)', '{Q} ÷ (2π × {f} × {V}²)')
            ->equals($required->number() / ($omega * $load->volts->number() ** 2))
            ->write();
    }

    /** @param  float  $wanted  µF */
    private static function sold(
        Circuit $circuit,
        float $wanted,
        Nameplate $plate,
        LoadToCorrect $load,
        Ceiling $ceiling,
        CapacitorPractice $practice,
        float $omega,
        Ledger $ledger,
    ): ?self {
        $cans = (int) max(1, ceil($wanted / self::LARGEST - self::TOLERANCE));
        $series = $circuit->chosen('settings.capacitor_series', CapacitorSeries::class) ?? CapacitorSeries::Run;
        $below = null;
        $above = null;
        foreach ($practice->onePhaseSeries($series) as $microfarads) {
            $all = $cans * $microfarads;
            if ($all <= $wanted * (1 + self::TOLERANCE)) {
                $below = $all;
            } else {
                $above ??= $all;
            }
        }
        if ($cans > 1) {
            $ledger->work(CorrectFigure::CapacitorUnits)->equals($cans)->source('the series has no value above 100 µF')->write();
        }
        $var = static fn (float $microfarads): float => $omega * $microfarads * self::MICRO * $load->volts->number() ** 2;
        if ($below !== null) {
            self::neighbour($below, $var($below), $load, CorrectFigure::ChoiceBelowCapacitance, CorrectFigure::ChoiceBelowCurrent,
                CorrectFigure::ChoiceBelowPowerFactor, $ledger);
        }
        if ($above !== null) {
            self::neighbour($above, $var($above), $load, CorrectFigure::ChoiceAboveCapacitance, CorrectFigure::ChoiceAboveCurrent,
                CorrectFigure::ChoiceAbovePowerFactor, $ledger);
        }
        $exact = $below !== null && abs($below - $wanted) <= self::TOLERANCE * $wanted;
        $leads = $above === null || $var($above) > min($load->reactive->number(), $ceiling->most->number()) * (1 + self::TOLERANCE);
        $chosen = $exact || $leads ? $below : $above;
        if ($chosen === null) {
            $ledger->note(CorrectFinding::NoStepFits)->title('No standard value is suitable')
                ->because('Required: '.Show::number($wanted, 3).' µF. Even the smallest standard value would make the power '.
                    'factor leading.')
                ->do('Leave the load uncorrected.')->on(CorrectFigure::CapacitanceRequired);

            return null;
        }
        if ($cans === 1 && ! $exact) {
            self::dual($wanted, $chosen, $practice, $var, $load, $ledger);
        }

        return new self($chosen * self::MICRO, $plate, false);
    }

    /** What the line carries with a value that is sold. */
    private static function neighbour(
        float $microfarads,
        float $var,
        LoadToCorrect $load,
        CorrectFigure $capacitance,
        CorrectFigure $current,
        CorrectFigure $factor,
        Ledger $ledger,
    ): void {
        $value = $ledger->work($capacitance)->equals($microfarads * self::MICRO)->source(HowKnown::CommonPractice)->write();
        $left = $load->reactive->number() - $var;
        $word = $left < 0 ? ', leading' : '';
        $apparent = hypot($load->power->number(), hypot($left, $load->distortion));
        $amperes = $ledger
            ->work($current)
            ->from(P: $load->power, Q: $load->reactive, C: $value, V: $load->volts)
            ->as('√(P² + (Q − ω C V²)²) / V', '√({P}² + ({Q} − '.Show::quantity($var, Unit::Var, 4).')²'.
                ($load->distortion > 0 ? ' + distortion' : '').') ÷ {V}'.$word)
            ->equals($apparent / $load->volts->number())
            ->write();
        $ledger
            ->work($factor)
            ->labelled($factor->label().$word)
            ->from(P: $load->power, V: $load->volts, I: $amperes)
            ->as('P / (V I)', '{P} ÷ ({V} × {I})'.$word)
            ->equals($load->power->number() / $apparent)
            ->write();
    }

    /**
     * A unit of two sections may come nearer.
     *
     * @param  \Closure(float): float  $var  of µF
     */
    private static function dual(
        float $wanted,
        float $chosen,
        CapacitorPractice $practice,
        \Closure $var,
        LoadToCorrect $load,
        Ledger $ledger,
    ): void {
        $best = null;
        foreach ($practice->onePhaseSeries(CapacitorSeries::Run) as $first) {
            foreach ($practice->isDual($first) ? $practice->dualSections() : [] as $second) {
                $off = abs($first + $second - $wanted);
                $lags = $var($first + $second) <= $load->reactive->number() * (1 + self::TOLERANCE);
                if ($lags && ($best === null || $off < abs($best[0] + $best[1] - $wanted) - 1e-9)) {
                    $best = [$first, $second];
                }
            }
        }
        if ($best !== null && abs($best[0] + $best[1] - $wanted) < abs($chosen - $wanted) - 1e-9) {
            $ledger->note(CorrectFinding::DualCapacitor)->title('A two-section unit comes closer')
                ->because(Show::number($best[0]).' µF and '.Show::number($best[1]).' µF in parallel give '.
                    Show::number($best[0] + $best[1]).' µF; required '.Show::number($wanted, 3).' µF.')
                ->do('Connect both sections to the same two conductors, if you have such a unit.')
                ->source(HowKnown::CommonPractice)->on(CorrectFigure::CapacitanceRequired);
        }
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
        $volts = $plate->volts->number();
        $element = $ledger
            ->work(CorrectFigure::CapacitanceDelta)
            ->labelled('Capacitance')
            ->equals($this->farads)
            ->source($this->installed ? 'entered' : 'from the series of standard values')
            ->write();
        $ratedVar = 2 * M_PI * $plate->ratedHertz() * $this->farads * $volts ** 2;
        $rating = $ledger
            ->work(CorrectFigure::CapacitorRating)
            ->from(C: $element, V: $plate->volts)
            ->as('2π f C V_n²', '2π × '.Show::quantity($plate->ratedHertz(), Unit::Hertz).' × {C} × {V}²')
            ->equals($ratedVar)
            ->write();
        $given = $ledger
            ->work(CorrectFigure::ReactiveChosen)
            ->from(Q: $rating, V: $supply, Vn: $plate->volts)
            ->as('Q_n (V / V_n)²', '{Q} × ({V} ÷ {Vn})²'.$plate->factors())
            ->equals($ratedVar * $plate->scale($supply->number()))
            ->write();
        $current = $ledger
            ->work(CorrectFigure::CapacitorCurrent)
            ->from(Q: $given, V: $supply)
            ->as('Q / V', '{Q} ÷ {V}')
            ->equals($given->number() / $supply->number())
            ->write();
        $rated = $ledger
            ->work(CorrectFigure::CapacitorRatedCurrent)
            ->from(Q: $rating, V: $plate->volts)
            ->as('Q_n / V_n', '{Q} ÷ {V}')
            ->equals($ratedVar / $volts)
            ->write();
        (new Discharge($rules, $practice))->solve($circuit, $element, $plate->volts, 'across its terminals', $ledger);
        $ledger->note(CorrectFinding::RunNotStart)->title('Use a run capacitor, never a start capacitor')
            ->because('It is on the supply as long as the load runs. A start capacitor is rated for seconds and can burst.')
            ->do('Check that it is marked “run” or “continuous” and '.$plate->volts->shown().' or more.')
            ->source(HowKnown::CommonPractice)->on(CorrectFigure::CapacitanceDelta);

        return new UnitFigures($rating, $given, $current, $rated, $plate, $ratedVar);
    }
}
