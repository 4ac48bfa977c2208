<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** The most that a capacitor may give: it must not lead at the lowest load, nor excite a motor that is switched off. */
final readonly class Ceiling
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  Figure  $most  var
     * @param  float  $lowest  reactive power at the lowest load, var
     * @param  Figure|null  $limit  against self-excitation, var; null where the capacitor stays on the supply
     * @param  float  $surely  var above which it is too large whatever the motor takes without load: no more than at full load
     * @param  CapacitorPlace  $place  which decides what else can be done
     */
    private function __construct(
        public Figure $most,
        public float $lowest,
        public ?Figure $limit,
        public float $surely,
        public CapacitorPlace $place,
    ) {
    }

    public static function of(
        Circuit $circuit,
        Motor $motor,
        LoadToCorrect $load,
        CapacitorPlace $place,
        CapacitorPractice $practice,
        Ledger $ledger,
    ): self {
        $limit = match (true) {
            ! $place->isBehindStarter() => null,
            $load->onePhase => $load->noLoadReactive === null ? null : self::onePhaseLimit($load->noLoadReactive, $practice, $ledger),
            default => $load->noLoadCurrent === null ? null : self::limit($motor, $load->noLoadCurrent, $practice, $ledger),
        };
        $typed = $circuit->number('correction.lowest_load_percent');
        $share = self::lowerOf($typed, $load->share);
        $full = $load->measured || $load->noLoadCurrent === null ? null : 1.0;
        $lowest = $load->reactiveAt($share === null ? $full : $share->number() / 100);
        if ($typed === null && $load->noLoadCurrent !== null) {
            $ledger->note(CorrectFinding::NoLowestLoad)->title('Lowest operating load not entered')
                ->because(ucfirst($load->said()).' is used as the lowest. Below that the power factor may go leading.')
                ->do('Enter the lowest load at which the motor runs.')
                ->about('correction.lowest_load_percent');
        }
        $most = $ledger
            ->work(CorrectFigure::ReactiveCeiling)
            ->from(...array_filter(['Q' => $load->reactive, 'x' => $share, 'limit' => $limit]))
            ->as(
                $limit === null ? 'Q at the lowest load' : 'smaller of Q at the lowest load and the limit at the motor',
                Show::quantity($lowest, Unit::Var, 4).($share === null ? '' : ' at {x}').($limit === null ? '' : ', {limit} at the motor'),
            )
            ->equals(max(0.0, min($lowest, $limit?->number() ?? INF)))
            ->source($limit === null ? 'no leading power factor' : $limit->source)
            ->write();

        return new self($most, $lowest, $limit, match (true) {
            $limit === null => INF,
            $circuit->number('plate.no_load_current') !== null => $limit->number(),
            $load->fullReactive === null || $motor->powerFactor?->assumed() !== false => INF,
            default => $practice->noLoadShare()->value * $load->fullReactive,
        }, $place);
    }

    private static function lowerOf(?Figure $a, ?Figure $b): ?Figure
    {
        return $a === null || ($b !== null && $b->number() < $a->number()) ? $b : $a;
    }

    /** The no-load current of one phase is far from all reactive: its real part is taken out before. */
    private static function onePhaseLimit(Figure $reactive, CapacitorPractice $practice, Ledger $ledger): Figure
    {
        $share = $practice->noLoadShare();

        return $ledger
            ->work(CorrectFigure::ReactiveLimit)
            ->from(k: $share, Q: $reactive)
            ->as('0.9 Q_0', '{k} × {Q}')
            ->equals($share->value * $reactive->number())
            ->source(Standard::Iec60831_1->at()->adding(': no self-excitation'))
            ->write();
    }

    private static function limit(Motor $motor, Figure $noLoadCurrent, CapacitorPractice $practice, Ledger $ledger): ?Figure
    {
        $volts = $motor->ratedVoltage();
        if ($volts === null) {
            return null;
        }
        $share = $practice->noLoadShare();

        return $ledger
            ->work(CorrectFigure::ReactiveLimit)
            ->from(k: $share, V: $volts, I: $noLoadCurrent)
            ->as('0.9 √3 V I_0', '{k} × √3 × {V} × {I}')
            ->equals($share->value * sqrt(3) * $volts->number() * $noLoadCurrent->number())
            ->source(Standard::Iec60831_1->at()->adding(': no self-excitation'))
            ->write();
    }

    /**
     * Whether a capacitor that is there already may stay.
     *
     * @param  float  $var  that it gives at most
     */
    public function judge(float $var, Ledger $ledger): void
    {
        $limit = $this->limit;
        if ($limit !== null && $var > $limit->number() * (1 + self::TOLERANCE)) {
            // A current without load that is only estimated forbids nothing by itself.
            $sure = $var > $this->surely * (1 + self::TOLERANCE);
            $finding = $sure
                ? $ledger->stop(CorrectFinding::InstalledCapacitorTooLarge) : $ledger->caution(CorrectFinding::InstalledCapacitorTooLarge);
            $finding
                ->title($sure ? 'Installed capacitor too large' : 'Installed capacitor may be too large')
                ->because(
                    Show::quantity($var, Unit::Var, 3).' at this supply; the limit at the motor is '.$limit->shown(3).
                    '. More could self-excite the motor after switch-off.'.($sure ? '' : ' The no-load reactive power is an estimate.'),
                )
                ->do(($sure ? '' : 'Measure the no-load current and enter it. Otherwise: ').
                    ($this->place === CapacitorPlace::Board ? 'Use a smaller unit.' : 'Use a smaller unit, or connect it at the board.'))
                ->source($limit->source)
                ->on(CorrectFigure::ReactiveLimit);
        }
        if ($var > $this->lowest * (1 + self::TOLERANCE)) {
            $ledger
                ->caution(CorrectFinding::LeadingAtLowestLoad)
                ->title('Leading power factor at the lowest load')
                ->because(
                    Show::quantity($var, Unit::Var, 3).' is more than the load takes there, '.
                    Show::quantity($this->lowest, Unit::Var, 3).': the power factor goes leading and the voltage rises.',
                )
                ->do('Use a smaller unit, or one that is switched with the load.')
                ->source(HowKnown::Definition)
                ->on(CorrectFigure::ReactiveCeiling);
        }
    }
}
