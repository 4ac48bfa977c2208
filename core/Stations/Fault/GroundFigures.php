<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\SizedRun;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** What an earth fault at the motor does where the book asks for an effective path and gives no number for it. */
final readonly class GroundFigures
{
    /** Times the device's rating below which a fault is cleared slowly. Common practice. */
    private const EFFECTIVE_TIMES = 5.0;

    /** s that a fault at the supply lasts: one cycle. */
    private const NEAR_S = 1 / 60;

    public function __construct(private GroundRules $rules, private Words $words)
    {
    }

    /**
     * @param  Figure  $line  nominal voltage between lines, V
     * @param  TwoWires|null  $wires  of a single-phase circuit
     * @param  Figure|null  $prospective  largest fault current, A
     * @param  Figure|null  $motorProtective  its size
     * @param  Figure|null  $lineProtective  its size
     * @return LoopCheck|null null while something waits
     */
    public function write(
        Circuit $circuit,
        Figure $line,
        ?TwoWires $wires,
        Cabling $cabling,
        Protection $protection,
        ?Figure $prospective,
        ?Figure $motorProtective,
        ?Figure $lineProtective,
        Ledger $ledger,
    ): ?LoopCheck {
        $near = $this->nearEnd($circuit, $cabling, $prospective, $ledger);
        if ($circuit->chosen('supply.earthing', Earthing::class) === Earthing::It) {
            (new UnearthedNotes($this->words))->unearthed($ledger);
            self::draw(null, 'the first fault carries almost no current', $near, $ledger);

            return null;
        }
        $reader = EarthSupplyReader::read(
            $circuit, $line->number(), $wires->earthVolts ?? $line->number() / sqrt(3), Earthing::TnS, $wires,
        );
        $supply = $reader->supply;
        $motorKm = $cabling->motorLadder?->kilometres();
        if ($supply === null || $motorProtective === null || $motorKm === null || $cabling->motor === null) {
            $this->waits($circuit, $reader, $near, $ledger);

            return null;
        }
        $path = $this->path($circuit, $cabling->motor, $motorProtective, $motorKm);
        $linePath = $cabling->line === null || $lineProtective === null ? null
            : $this->path($circuit, $cabling->line, $lineProtective, $cabling->lineLadder?->kilometres() ?? 0.0);
        $loop = $linePath === null ? $path : $path->plus($linePath);
        $ohm = $supply->loop($loop);
        $amperes = $supply->faultCurrent($ohm);
        $impedance = $ledger->work(FaultFigure::LoopImpedance)
            ->from(size: $motorProtective)
            ->as('source + lines + grounding conductors', $supply->loopWorking($linePath, $path))
            ->equals($ohm)
            ->source($this->rules->impedanceSource())
            ->assuming(...$supply->assumptions)
            ->write();
        $current = $ledger->work(FaultFigure::EarthFaultCurrent)
            ->from(V: $line)
            ->as(...$supply->currentWorking($ohm))
            ->equals($amperes)
            ->source($this->rules->impedanceSource().'; for information')
            ->assuming(...$supply->assumptions)
            ->write();
        if ($supply->earthing === Earthing::Resistance) {
            (new UnearthedNotes($this->words))->resistor($circuit, $amperes, $loop->resistance / 2, $ledger);
            self::draw(null, 'by the ground-fault relay only', $near, $ledger);

            return new LoopCheck($current, $impedance, null);
        }
        $basis = $protection->groundingBasis;
        self::draw(
            $basis === null ? null : $amperes >= self::EFFECTIVE_TIMES * $basis->number(),
            $basis === null ? 'no protective device is chosen'
                : Show::number(self::EFFECTIVE_TIMES).' × '.$basis->shown().' or more: common practice',
            $near, $ledger,
        );
        if ($basis !== null && $amperes < self::EFFECTIVE_TIMES * $basis->number()) {
            $ledger->caution(FaultFinding::WeakGroundPath)->title('Weak ground-fault current path')
                ->because('Ground-fault current at the motor: '.$current->shown(3).', less than '.Show::number(self::EFFECTIVE_TIMES).
                    ' times the '.$basis->shown().' device. It may clear slowly.')
                ->do('Use a larger equipment grounding conductor, or ground-fault protection.')
                ->source(self::source())->on(FaultFigure::EarthFaultCurrent, CableFigure::ProtectiveSize);
        }

        return new LoopCheck($current, $impedance, null);
    }

    /**
     * The checks in one table.
     *
     * @param  bool|null  $strong  whether the path lets enough flow; null where that is not known
     * @param  string  $why  that is not known, or what is enough
     */
    private static function draw(?bool $strong, string $why, FaultRow $near, Ledger $ledger): void
    {
        $ledger->curve(new FaultCurve('Ground fault at the motor', [
            $strong === null
                ? new FaultRow('Ground-fault current', null, null, FaultVerdict::NotChecked, $why)
                : new FaultRow(
                    'Ground-fault current', FaultFigure::EarthFaultCurrent, null, $strong ? FaultVerdict::Passes : FaultVerdict::Fails,
                    $why,
                ),
            $near,
        ]));
    }

    private function waits(Circuit $circuit, EarthSupplyReader $reader, FaultRow $near, Ledger $ledger): void
    {
        if ($reader->must && $reader->wants !== null) {
            $ledger->missing($reader->wants, $reader->why.'.');
        }
        $wants = $reader->wants ?? (! $circuit->has('cable.length') ? 'cable.length' : null);
        $why = Show::inside(match (true) {
            $reader->wants !== null => $reader->why,
            $wants !== null => 'enter the length from starter to motor',
            default => 'choose a protective device and a grounding conductor that are suitable',
        });
        self::draw(null, $why, $near, $ledger);
        $finding = $ledger->note(FaultFinding::NotChecked)->title('Ground fault not checked')
            ->because('The ground-fault current at the motor is not known: '.$why.'.')
            ->do($wants === null ? 'Choose a suitable device.' : 'Enter the length from starter to motor.')->source(self::source());
        if ($wants !== null) {
            $finding->about($wants);
        }
    }

    private function path(Circuit $circuit, SizedRun $run, Figure $protective, float $kilometres): Impedance
    {
        $candidate = $run->candidate;
        $size = (string) preg_replace('~ (AWG|kcmil)$~', '', (string) $protective->value);
        $metal = $circuit->chosen('cable.protective_material', Metal::class) ?? $candidate->conductor->metal;
        $raceway = $circuit->chosen('cable.raceway_material', RacewayMaterial::class) ?? RacewayMaterial::Steel;
        $sets = $candidate->conductor->sets;

        return new Impedance(
            $kilometres * ($candidate->ohmPerKm + ($this->rules->resistance($metal, $size, $raceway) ?? $candidate->ohmPerKm) / $sets),
            $kilometres * ($candidate->reactancePerKm + ($this->rules->reactance($size, $raceway) ?? $candidate->reactancePerKm) / $sets),
        );
    }

    /** One cycle of the largest fault against what the conductors of a set bear. */
    private function nearEnd(Circuit $circuit, Cabling $cabling, ?Figure $prospective, Ledger $ledger): FaultRow
    {
        $label = 'Fault at the supply end: conductor withstand (I²t)';
        $bears = [];
        foreach ([$cabling->motor, $cabling->line] as $run) {
            if ($run !== null) {
                $factor = $this->rules->withstandFactor($circuit->chosen('cable.insulation', Insulation::class), $run->conductor->metal);
                $bears[] = ($factor * $run->conductor->areaMm2) ** 2;
            }
        }
        if ($bears === []) {
            return new FaultRow($label, null, null, FaultVerdict::NotChecked, 'no conductors are chosen');
        }
        $withstand = $ledger->work(FaultFigure::Withstand)
            ->as('k² S², the smallest', 'k '.Show::number($this->rules->withstandFactor(
                $circuit->chosen('cable.insulation', Insulation::class), $cabling->motor?->conductor->metal ?? Metal::Copper,
            )).' for each conductor')
            ->equals(min($bears))
            ->source(HowKnown::FromMemory->behind('adiabatic equation with the constants of the insulation'))
            ->write();
        if ($prospective === null) {
            return FaultRow::most(
                $label, FaultFigure::NearLetThrough, null, FaultFigure::Withstand, $withstand->number(),
                'the fault level is not known',
            );
        }
        $near = $ledger->work(FaultFigure::NearLetThrough)
            ->from(Ik: $prospective)
            ->as('Ik² / 60', '{Ik}² × 1 cycle of 60 Hz, taken as not current-limiting')
            ->equals($prospective->number() ** 2 * self::NEAR_S)
            ->source(HowKnown::CommonPractice)
            ->assuming('a device that does not limit the current')
            ->write();
        if ($near->number() > $withstand->number() * (1 + 1e-6)) {
            $ledger->caution(FaultFinding::NearEndWithstand)->title('Conductors may be damaged by a fault near the supply')
                ->because('Let-through energy in one cycle up to '.$near->shown(3).'; the smallest conductor withstands '.
                    $withstand->shown(3).'.')
                ->do('Get the device’s I²t at '.$prospective->shown(3).' from the manufacturer. It must not exceed '.
                    Show::quantity($withstand->number(), Unit::AmpereSquaredSecond, 3).'.')
                ->source(HowKnown::CommonPractice)->on(FaultFigure::NearLetThrough, FaultFigure::Withstand);
        }

        return FaultRow::most($label, FaultFigure::NearLetThrough, $near->number(), FaultFigure::Withstand, $withstand->number(), '')
            ->unlessLimited();
    }

    private static function source(): Source
    {
        return Standard::Nec->at('250.4(A)(5)')->and(Standard::CeCode->at('10-500'));
    }
}
