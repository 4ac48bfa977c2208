<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\CapacitorLeads;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Cable\ConductorRules;
use BraveAnvil\Stations\Cable\Demand;
use BraveAnvil\Stations\Cable\SizeList;
use BraveAnvil\Stations\Correct\CapacitorRules;
use BraveAnvil\Stations\Correct\CorrectFigure;
use BraveAnvil\Stations\Correct\CorrectFinding;
use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Fault\GroundRules;
use BraveAnvil\Stations\Fault\LoopRules;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Start\Starting;

/** Where the capacitor goes changes its leads, fuses and disconnect. The motor's own conductors and device stay as they are. */
final readonly class CapacitorLeadsStation
{
    private const TOLERANCE = 1e-6;

    public function __construct(
        private CapacitorRules $capacitors,
        private ConductorRules $conductors,
        private LoopRules|GroundRules $faults,
    ) {
    }

    /**
     * @param  Figure|null  $design  motor current that sizes the circuit, A; null where it is no motor
     * @param  Protection|null  $protection  of the motor circuit
     * @param  Figure|null  $prospective  largest fault current, A
     */
    public function solve(
        Circuit $circuit,
        Correction $correction,
        ?Figure $design,
        Starting $starting,
        ?Cabling $cabling,
        ?Protection $protection,
        ?Figure $prospective,
        Ledger $ledger,
    ): void {
        $rules = $this->capacitors;
        $place = $correction->place;
        [$name, $overload] = match ($place) {
            CapacitorPlace::None, CapacitorPlace::Board => ['at the board', 'unchanged'],
            CapacitorPlace::BeforeController => ['before the contactor', 'unchanged'],
            CapacitorPlace::AfterController => ['between contactor and overload relay', 'unchanged'],
            CapacitorPlace::BehindRelay => ['after the overload relay', 'reduced'],
            CapacitorPlace::AtMotor => ['at the motor terminals, after the overload relay', 'reduced'],
        };
        $current = $correction->unit->leadCurrent();
        $leads = $this->conductor($circuit, $current, $design, $place !== CapacitorPlace::Board, $starting, $cabling, $ledger);
        $fuse = $rules->longestBareTapMetres !== null && $place->isBehindStarter()
            ? ! (new BareTap($this->faults))->allowed($circuit, $leads, $rules->longestBareTapMetres, $protection, $prospective, $ledger)
            : ! $place->isBehindRelay();
        if ($fuse) {
            $this->fuse($current, $ledger);
        }
        $disconnect = $place->staysOn();
        if ($disconnect) {
            $factor = $rules->disconnectFactor ?? $rules->conductorFactor;
            $ledger
                ->work(CorrectFigure::DisconnectRating)
                ->from(I: $current)
                ->as('factor · I_c', Show::number($factor).' × {I}')
                ->equals($factor * $current->number())
                ->source($rules->conductorSource)
                ->doubted($rules->disconnectDoubt)
                ->write();
        }
        if ($circuit->flag('correction.own_contactor') === true) {
            $ledger
                ->work(CorrectFigure::ContactorRating)
                ->from(I: $current)
                ->as('factor · I_c', Show::number($rules->contactorFactor).' × {I}')
                ->equals($rules->contactorFactor * $current->number())
                ->source('capacitor duty; common practice')
                ->write();
        }
        if ($correction->unit->plate->detuning > 0 && $place->isBehindStarter()) {
            $ledger->caution(CorrectFinding::DetunedBehindController)->title('Reactor switched with the motor')
                ->because('A detuned unit switched with the motor is unusual: its reactor sees every start.')
                ->do('Connect it on the supply side, with its own contactor.')->source(HowKnown::CommonPractice)
                ->about('correction.detuning_percent');
        }
        $ledger->curve(new PlacementCurve($place, $name, $overload, $fuse, $disconnect, Schools::of($place, $rules)));
    }

    /** The smallest fuse that carries it with its harmonics, and no larger than the book allows. */
    private function fuse(Figure $current, Ledger $ledger): void
    {
        $rules = $this->capacitors;
        $wanted = $rules->fuseFactor * $current->number();
        $most = $rules->largestFuseFactor === null ? INF : $rules->largestFuseFactor * $current->number();
        $enough = array_filter($rules->fuseRatings, static fn (float $rating): bool => $rating >= $wanted * (1 - self::TOLERANCE));
        $rating = $enough === [] ? null : min($enough);
        if ($rating !== null && $rating > $most * (1 + self::TOLERANCE)) {
            $under = array_filter($rules->fuseRatings, static fn (float $one): bool => $one <= $most * (1 + self::TOLERANCE));
            $rating = $under === [] ? null : max($under);
        }
        if ($rating === null) {
            return;
        }
        $ledger
            ->work(CorrectFigure::FuseRating)
            ->from(I: $current)
            ->as('next rating ≥ factor · I_c', Show::number($rules->fuseFactor).' × {I}, next standard rating'.
                ($rules->largestFuseFactor === null ? '' : ', at most '.Show::number(100 * $rules->largestFuseFactor).' %'))
            ->equals($rating)
            ->source($rules->fuseSource)
            ->write();
    }

    private function conductor(
        Circuit $circuit,
        Figure $current,
        ?Figure $design,
        bool $onMotorCircuit,
        Starting $starting,
        ?Cabling $cabling,
        Ledger $ledger,
    ): ?Conductor {
        $rules = $this->capacitors;
        $own = $rules->conductorFactor * $current->number();
        $motor = null;
        if ($rules->thirdOfMotorConductors && $onMotorCircuit && $design !== null) {
            $lineRequired = $this->conductors->required($circuit, new Demand($design, null), CableRun::line($circuit));
            // Each of six leads is thinner than the circuit: then the line run counts, or what it would need.
            $motor =
                $cabling->line->ampacity ??
                ((($starting->method?->leads() ?? 3) > 3 ? null : $cabling->motor->ampacity ?? null)
                    ?? ($lineRequired instanceof FieldError ? null : $lineRequired));
        }
        $work = $ledger->work(CorrectFigure::ConductorAmpacity)->source($rules->conductorSource);
        $needed =
            $motor !== null && $motor->number() / 3 > $own
                ? $work
                    ->from(I: $motor)
                    ->as(
                        'a third of the motor conductors',
                        '{I} ÷ 3, more than '.Show::number($rules->conductorFactor).' × '.$current->shown(),
                    )
                    ->equals($motor->number() / 3)
                    ->write()
                : $work
                    ->from(I: $current)
                    ->as('factor · I_c', Show::number($rules->conductorFactor).' × {I}')
                    ->equals($own)
                    ->write();
        // Unmarked terminals are judged by what these leads need, not by the motor's.
        $sizes = SizeList::untyped($circuit, $this->conductors, CableRun::line($circuit), $needed);
        if ($sizes instanceof FieldError) {
            $ledger->refuse($sizes);

            return null;
        }
        for ($at = 0; ($candidate = $sizes?->at($at)) !== null; $at++) {
            if ($candidate->ampacity() < $needed->number() * (1 - self::TOLERANCE)) {
                continue;
            }
            $ledger
                ->work(CorrectFigure::ConductorSize)
                ->in($candidate->conductor->unit())
                ->from(I: $needed)
                ->as('smallest that carries it', $candidate->working().' against {I}')
                ->equals($candidate->conductor->value)
                ->source($rules->conductorSource)
                ->corrected(...$candidate->corrections)
                ->write();
            if ($candidate->conductor->sets > 1) {
                $ledger->note(CorrectFinding::LeadsInParallel)->title('Capacitor conductors: '.$candidate->conductor->text.' per line')
                    ->because('No single conductor carries '.$needed->shown(3).'.')
                    ->do('Run parallel conductors of the same length and type, or split the capacitor into units with their own '.
                        'conductors.')
                    ->source($this->conductors->parallel()->source)->on(CorrectFigure::ConductorSize);
            }

            return $candidate->conductor;
        }

        return null;
    }
}
