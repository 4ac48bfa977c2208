<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\CableRun;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\Conductor;
use BraveAnvil\Stations\Cable\ConductorRules;
use BraveAnvil\Stations\Cable\Demand;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Guard\TraceKind;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Start\Starting;

/** Protective conductors, and what an earth fault does, once the device is chosen. On screen this belongs to Cable and Guard. */
final readonly class FaultStation
{
    private const AMPACITY_TOLERANCE = 1e-6;

    public function __construct(
        private LoopRules|GroundRules $rules,
        private ConductorRules $conductors,
        private ProtectiveConductorRules $protective,
        private ?RacewayRules $raceways,
        private Words $words,
    ) {
    }

    /** How sizes are held against faults; null where the book has no numbers for it, electronics end a fault, or something waits. */
    public function judge(
        Circuit $circuit,
        Motor $motor,
        Starting $starting,
        Cabling $cabling,
        ?Protection $protection,
    ): ?LoopJudge {
        $rules = $this->rules;
        $supply = $motor->supplyVoltage;
        if (! $rules instanceof LoopRules || $starting->method?->isolates() === true || $supply === null || $protection?->device === null) {
            return null;
        }
        $earth = EarthSupplyReader::read(
            $circuit, $supply->number(), $motor->wires->earthVolts ?? $rules->earthVoltage($supply->number()), null, $motor->wires,
        )->supply;
        $motorKm = $cabling->motorLadder?->kilometres();
        if ($earth === null || $motorKm === null) {
            return null;
        }
        $limit = $rules->timeLimit($earth->earthVolts, $protection->device->rating(), $earth->ownElectrode);

        return new LoopJudge(
            $circuit, $rules, $protection->device, $earth, $cabling->lineLadder?->kilometres(), $motorKm, $limit->value,
        );
    }

    /**
     * Writes protective conductors and fault figures.
     *
     * @param  Figure|null  $prospective  largest fault current, A
     * @param  Demand|null  $demand  of the line, null while it waits
     * @return LoopCheck|null null while something waits
     */
    public function solve(
        Circuit $circuit,
        Motor $motor,
        Starting $starting,
        Cabling $cabling,
        ?Protection $protection,
        ?Figure $prospective,
        ?Demand $demand,
        ?LoopJudge $judge,
        Ledger $ledger,
    ): ?LoopCheck {
        if ($cabling->motor === null || $cabling->motor->byAmpacity === null) {
            return null;
        }
        if ($circuit->bad('cable.protective_material', 'cable.protective_separate')) {
            return null;
        }
        $settled = $judge?->settle($cabling->line?->candidate, $cabling->motor->candidate);
        [$motorProtective, $lineProtective] = $this->protective($circuit, $cabling, $protection, $demand, $settled, $ledger);
        (new RacewayStation($this->raceways))->solve($circuit, $cabling, $motorProtective, $lineProtective, $ledger);
        if ($starting->method?->isolates() === true) {
            (new BehindElectronics($this->words))->tell($circuit, $ledger);

            return null;
        }
        $supply = $motor->supplyVoltage;
        if ($protection === null || $supply === null) {
            return null;
        }

        return $this->rules instanceof LoopRules
            ? (new LoopFigures($this->rules, $this->words))
                ->write($circuit, $supply, $motor->wires, $cabling, $protection, $prospective, $judge, $settled, $ledger)
            : (new GroundFigures($this->rules, $this->words))->write(
                $circuit, $supply, $motor->wires, $cabling, $protection, $prospective, $motorProtective, $lineProtective, $ledger,
            );
    }

    /** @return list<Bearing> what the conductors of both runs bear; empty while something waits */
    public function bearings(Circuit $circuit, Cabling $cabling, ?LoopJudge $judge): array
    {
        if ($cabling->motor === null) {
            return [];
        }
        $rules = $this->rules;
        if ($rules instanceof LoopRules) {
            return $judge?->bearings($judge->settle($cabling->line?->candidate, $cabling->motor->candidate)) ?? [];
        }
        $bearings = [];
        foreach (array_filter([$cabling->motor, $cabling->line]) as $run) {
            $factor = $rules->withstandFactor($circuit->chosen('cable.insulation', Insulation::class), $run->conductor->metal);
            $bearings[] = new Bearing(
                TraceKind::Conductor, $run->conductor->text.' conductors',
                ($factor * $run->conductor->areaMm2 * $run->conductor->sets) ** 2,
            );
        }

        return $bearings;
    }

    /** @return array{Figure|null, Figure|null} of the runs to the motor and to the starter */
    private function protective(
        Circuit $circuit,
        Cabling $cabling,
        ?Protection $protection,
        ?Demand $demand,
        ?SettledPaths $settled,
        Ledger $ledger,
    ): array {
        $motor = $cabling->motor;
        $line = $cabling->line;
        if ($motor === null || $motor->byAmpacity === null) {
            return [null, null];
        }
        $rating = $protection?->groundingBasis;
        $lineGrowth = $line?->byAmpacity === null ? 1.0 : $line->conductor->areaMm2 / $line->byAmpacity->areaMm2;
        $ownGrowth = $motor->conductor->areaMm2 / $motor->byAmpacity->areaMm2;
        $six = $cabling->motorLadder?->run()->sixLeads() === true;
        // Six leads are each thinner than the circuit: the line conductor bounds it, or the one that a line run would need.
        $needed = $six ? $line->byAmpacity ?? $this->wouldNeed($circuit, $demand) : $motor->byAmpacity;
        $cap = $six ? $line->conductor ?? $needed : $motor->conductor;
        $sets = $motor->conductor->sets > 1;
        $metal = $circuit->chosen('cable.protective_material', Metal::class);

        return [
            $this->written(new ProtectiveCase(
                CableFigure::ProtectiveSize, $motor->conductor, $metal ?? $motor->conductor->metal, $rating,
                $six ? max($lineGrowth, $ownGrowth) : $ownGrowth, $sets ? null : $needed, $sets ? null : $cap,
                $settled?->motor->protectiveSize,
            ), $ledger),
            $line === null ? null : $this->written(new ProtectiveCase(
                CableFigure::LineProtectiveSize, $line->conductor, $metal ?? $line->conductor->metal, $rating, $lineGrowth,
                $line->conductor->sets > 1 ? null : $line->byAmpacity ?? $line->conductor,
                $line->conductor->sets > 1 ? null : $line->conductor,
                $settled?->line?->protectiveSize,
            ), $ledger),
        ];
    }

    /** The line conductor that a run to the starter would need by ampacity. */
    private function wouldNeed(Circuit $circuit, ?Demand $demand): ?Conductor
    {
        if ($demand === null) {
            return null;
        }
        $required = $this->conductors->required($circuit, $demand, CableRun::line($circuit));
        $candidates = $required instanceof FieldError ? $required
            : $this->conductors->candidates($circuit, $required, CableRun::line($circuit));
        if ($required instanceof FieldError || $candidates instanceof FieldError) {
            return null;
        }
        foreach ($candidates as $candidate) {
            if ($candidate->ampacity() >= $required->number() * (1 - self::AMPACITY_TOLERANCE)) {
                return $candidate->conductor;
            }
        }

        return null;
    }

    private function written(ProtectiveCase $case, Ledger $ledger): ?Figure
    {
        $figure = $this->protective->size($case);

        return $figure === null ? null : $ledger->put($figure);
    }
}
