<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** The most that a capacitor may give: it must not lead at the lowest load, nor excite a motor that is switched off. */
final readonly class Ceiling
{
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
        $limit = $place->isBehindStarter() && $load->noLoadCurrent !== null
            ? self::limit($motor, $load->noLoadCurrent, $practice, $ledger) : null;
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
            ->source('IEC 60831-1 (from memory): no self-excitation')
            ->write();
    }
}
