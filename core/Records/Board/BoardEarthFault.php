<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Fault\EarthSupply;
use BraveAnvil\Stations\Fault\EarthSupplyReader;
use BraveAnvil\Stations\Fault\GroundRules;
use BraveAnvil\Stations\Fault\LoopJudge;
use BraveAnvil\Stations\Fault\LoopRules;
use BraveAnvil\Stations\Fault\ProtectiveCase;
use BraveAnvil\Stations\Guard\Clearing;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** An earth fault at the board: protective conductor of its feeder, loop, current, and how soon the feeder’s device clears it. */
final readonly class BoardEarthFault
{
    /** Longest time that a fault on a feeder may last, s. IEC 60364-4-41. */
    private const LONGEST_S = 5.0;

    /** Times the device's rating below which a fault is cleared slowly. Common practice. */
    private const EFFECTIVE_TIMES = 5.0;

    private ?EarthSupply $supply;

    /** What an earth fault waits for; empty where it waits for nothing. */
    private string $wants;

    /** @param  EarthSupply|null  $above  at the board that feeds this one */
    public function __construct(
        private FeederDocument $document,
        private RuleBook $book,
        private float $volts,
        private ?Clearing $device,
        private Ledger $ledger,
        ?EarthSupply $above = null,
    ) {
        $rules = $book->sizing()->fault;
        $reader = EarthSupplyReader::read(
            $document->feeder, $volts, $rules instanceof LoopRules ? $rules->earthVoltage($volts) : $volts / sqrt(3),
            $rules instanceof LoopRules ? null : Earthing::TnS, null,
        );
        $this->supply = $above ?? $reader->supply;
        $this->wants = $this->supply === null ? $reader->why : '';
    }

    /** As a board below sees it, at the end of this feeder; null while something waits. */
    public function below(?Impedance $loop): ?EarthSupply
    {
        return $loop === null ? null : $this->supply?->behind($loop);
    }

    /** How sizes are held against it; null where the book has no numbers for it, or something waits. */
    public function judge(): ?LoopJudge
    {
        $rules = $this->book->sizing()->fault;
        $metres = $this->document->feeder->number('cable.length')?->number();

        return $rules instanceof LoopRules && $this->supply !== null && $metres !== null && $this->device !== null
            ? new LoopJudge($this->document->feeder, $rules, $this->device, $this->supply, null, $metres / 1000, self::LONGEST_S) : null;
    }

    /**
     * Writes all of it.
     *
     * @param  Figure|null  $rating  of the feeder's device, A
     * @param  SizeCandidate  $needed  conductors that the current alone asks for
     * @return Impedance|null of line and protective conductor together, Ω; null while something waits
     */
    public function solve(SizeCandidate $size, SizeCandidate $needed, ?Figure $rating): ?Impedance
    {
        $rules = $this->book->sizing()->fault;
        $metres = $this->document->feeder->number('cable.length')?->number();
        if ($metres === null) {
            return null;
        }
        if ($rules instanceof GroundRules) {
            return $this->american($rules, $size, $needed, $rating, $metres / 1000);
        }
        $judge = $this->judge();
        if ($judge === null || $this->supply === null) {
            $this->ledger->note(FeederFinding::EarthFaultNotChecked)->title('Earth fault at the board not checked')
                ->because(($this->wants === '' ? 'No device of the feeder is known' : $this->wants).'.')
                ->do('Enter it under the supply of the board.');

            return null;
        }
        $pick = $judge->pick($size, $metres / 1000, null);
        $this->ledger->work(FeederFigure::ProtectiveSize)->in(Unit::SquareMillimetre)->equals((float) $pick->path->protectiveSize)
            ->source($rules->source())->write();
        $this->tell($pick->fault->loopOhm, $pick->path->impedance, (string) $rules->source());
        if ($pick->fault->seconds !== null) {
            $this->ledger->work(FeederFigure::DisconnectionTime)->equals($pick->fault->seconds)
                ->saying('at most '.Show::number(self::LONGEST_S).' s on a feeder')->source($rules->source())->write();
        }
        if ($pick->rejection !== null) {
            $this->ledger->stop(FeederFinding::EarthFault)->title('Earth fault at the board not cleared in time')
                ->because('Earth-fault current '.Show::quantity($pick->fault->amperes, Unit::Ampere, 3).($pick->fault->seconds === null
                    ? '; the device is not certain to clear it.'
                    : '; the device clears it in '.Show::quantity($pick->fault->seconds, Unit::Second, 3).
                        ', too late for the conductors.'))
                ->do('Use a faster device, an earth-fault relay, or larger conductors.')->source($rules->source())
                ->on(FeederFigure::EarthFaultCurrent);
        }

        return $pick->path->impedance;
    }

    private function tell(float $ohm, Impedance $conductors, string $source): void
    {
        if ($this->supply === null) {
            return;
        }
        $this->ledger->work(FeederFigure::LoopImpedance)->as('source + line + protective conductor',
            str_replace('to the motor', 'feeder', $this->supply->loopWorking(null, $conductors)))
            ->equals($ohm)->source($source)->assuming(...$this->supply->assumptions)->write();
        $this->ledger->work(FeederFigure::EarthFaultCurrent)
            ->as(...array_map(fn (string $text): string => str_replace('{V}', Show::quantity($this->volts, Unit::Volt), $text),
                $this->supply->currentWorking($ohm)))
            ->equals($this->supply->faultCurrent($ohm))->source($source)->assuming(...$this->supply->assumptions)->write();
    }

    private function american(GroundRules $rules, SizeCandidate $size, SizeCandidate $needed, ?Figure $rating,
        float $kilometres): ?Impedance
    {
        $metal = $this->document->feeder->chosen('cable.protective_material', Metal::class) ?? $size->conductor->metal;
        $figure = $this->book->sizing()->protective->size(new ProtectiveCase(
            CableFigure::ProtectiveSize, $size->conductor, $metal, $rating,
            $size->conductor->areaMm2 * $size->conductor->sets / ($needed->conductor->areaMm2 * $needed->conductor->sets),
            $needed->conductor, $size->conductor,
        ));
        if ($figure === null) {
            return null;
        }
        $named = (string) $figure->value;
        $this->ledger->work(FeederFigure::ProtectiveSize)->as($figure->formula, $figure->working)->equals($named)
            ->source($figure->source)->doubted($figure->doubt)->write();
        $raceway = $this->document->feeder->chosen('cable.raceway_material', RacewayMaterial::class) ?? RacewayMaterial::Steel;
        $sets = $size->conductor->sets;
        $bare = (string) preg_replace('~ (AWG|kcmil)$~', '', $named);
        $path = new Impedance(
            $kilometres * ($size->ohmPerKm + ($rules->resistance($metal, $bare, $raceway) ?? $size->ohmPerKm) / $sets),
            $kilometres * ($size->reactancePerKm + ($rules->reactance($bare, $raceway) ?? $size->reactancePerKm) / $sets),
        );
        if ($this->supply === null || ! $this->supply->clearsByDevice()) {
            return $path;
        }
        $ohm = $this->supply->loop($path);
        $this->tell($ohm, $path, $rules->impedanceSource().'; for information');
        $amperes = $this->supply->faultCurrent($ohm);
        if ($rating !== null && $amperes < self::EFFECTIVE_TIMES * $rating->number()) {
            $this->ledger->caution(FeederFinding::WeakGroundPath)->title('Weak ground-fault current path to the board')
                ->because('Ground-fault current at the board: '.Show::quantity($amperes, Unit::Ampere, 3).', less than '.
                    Show::number(self::EFFECTIVE_TIMES).' times the '.$rating->shown().' device. It may clear slowly.')
                ->do('Use a larger equipment grounding conductor, or ground-fault protection.')
                ->source(Standard::Nec->at('250.4(A)(5)')->and(Standard::CeCode->at('10-500')))->on(FeederFigure::EarthFaultCurrent);
        }

        return $path;
    }

    /** Of the source alone, Ω; null where nobody knows it. */
    public function sourceOhm(): ?float
    {
        return $this->supply?->sourceOhm;
    }

    /** Of the source alone as an earth fault sees it; null where only its size is known, or nothing. */
    public function source(): ?Impedance
    {
        return $this->supply?->source;
    }
}
