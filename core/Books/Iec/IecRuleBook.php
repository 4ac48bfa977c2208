<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Correct\CapacitorRules;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WireRules;
use BraveAnvil\Stations\Start\Wiring\PhaseMarks;
use BraveAnvil\Stations\Start\Wiring\Symbols;
use BraveAnvil\Stations\Start\Wiring\WireColour;
use BraveAnvil\Tables\Practice\CapacitorPractice;
use BraveAnvil\Tables\Practice\GuardPractice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** IEC 60364 practice: the plate's current for everything, a typical table when it is missing. */
final readonly class IecRuleBook implements RuleBook
{
    public function __construct(private Tables $tables)
    {
    }

    public function id(): RuleBookName
    {
        return RuleBookName::Iec;
    }

    public function edition(): string
    {
        return 'IEC 60364';
    }

    public function words(): Words
    {
        return Words::iec();
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => Assumed::byBook(50.0, '50 Hz supply, usual under IEC'),
            'supply.phases' => Assumed::practice(3.0, 'three phases'),
            'supply.ambient' => Assumed::byBook(30.0, 'ambient 30 °C')->within(20.0, 40.0),
            'cable.material' => Assumed::practice(Metal::Copper, 'copper conductors')->within(Metal::Aluminium),
            'cable.insulation' => Assumed::practice(Insulation::Xlpe, 'XLPE insulation')->within(Insulation::Pvc),
            'cable.method' => Assumed::practice(Installation::E, 'reference method E, multicore in free air or on a tray')
                ->within(Installation::C, Installation::B2),
            'cable.grouped_circuits' => Assumed::practice(1.0, 'one circuit on its own')->within(3.0, 6.0),
            'cable.soil_temperature' => Assumed::byBook(20.0, 'soil temperature 20 °C')->within(10.0, 30.0),
            'cable.soil_resistivity' => Assumed::byBook(2.5, 'soil resistivity 2.5 K·m/W')->within(1.0, 3.0),
            'settings.terminal_temperature' => Assumed::practice(70.0, '70 °C terminals')->within(90.0),
            'settings.tray' => Assumed::practice(Support::Perforated, 'perforated tray')->within(Support::Ladder, Support::Bunched),
        ];
    }

    public function localUnits(): LocalUnits
    {
        return new LocalUnits(false, false);
    }

    public function favourable(): array
    {
        return [
            'supply.ambient' => Assumed::practice(20.0, 'ambient 20 °C'),
            'cable.insulation' => Assumed::practice(Insulation::Xlpe, 'XLPE insulation'),
            'cable.method' => Assumed::practice(Installation::E, 'reference method E'),
            'cable.soil_temperature' => Assumed::practice(10.0, 'soil temperature 10 °C'),
            'cable.soil_resistivity' => Assumed::practice(0.5, 'soil resistivity 0.5 K·m/W'),
            'settings.terminal_temperature' => Assumed::practice(90.0, '90 °C terminals'),
            'settings.tray' => Assumed::practice(Support::Ladder, 'ladder'),
        ];
    }

    public function choices(): array
    {
        return [
            'cable.method' => [
                'A1' => 'A1, conduit in insulation', 'A2' => 'A2, cable in insulation', 'B1' => 'B1, conduit on a wall',
                'B2' => 'B2, cable in conduit', 'C' => 'C, on a wall', 'D1' => 'D1, buried duct', 'D2' => 'D2, buried',
                'E' => 'E, air or tray', 'F' => 'F, single cores',
            ],
            'cable.insulation' => ['xlpe' => 'XLPE, 90 °C', 'pvc' => 'PVC, 70 °C'],
            'cable.terminal_temperature' => ['70' => '70 °C', '90' => '90 °C'],
            'settings.terminal_temperature' => ['70' => '70 °C', '90' => '90 °C'],
        ];
    }

    public function unused(Circuit $circuit): array
    {
        $always = [
            'cable.raceway_material', 'settings.ten_ampere_rating', 'settings.four_006_corrections', 'cable.raceways', 'load.service',
            'guard.start_exception.evidence', 'guard.start_exception.overload', 'guard.instantaneous', 'cable.wet',
        ];

        $way = $circuit->chosen('cable.method', Installation::class);

        return [
            ...$always,
            ...$way?->isBuried() === true ? [] : ['cable.soil_temperature', 'cable.soil_resistivity'],
            ...$way?->inFreeAir() === true ? [] : ['cable.tray'],
        ];
    }

    public function motorStandard(): MotorStandard
    {
        return MotorStandard::Iec60034;
    }

    public function metricFrames(): bool
    {
        return true;
    }

    public function wires(): WireRules
    {
        return new IecWires;
    }

    public function terminals(): TerminalMarks
    {
        return new TerminalMarks(['U1', 'V1', 'W1'], ['W2', 'U2', 'V2'], false);
    }

    /** IEC 60445 lets brown, black and grey stand in this order (common practice). */
    public function phases(PhaseNaming $naming, float $volts): PhaseMarks
    {
        return PhaseMarks::of($naming, [WireColour::Brown, WireColour::Black, WireColour::Grey], WireColour::Blue);
    }

    public function symbols(): Symbols
    {
        return Symbols::International;
    }

    public function dropLimitRunning(): float
    {
        return 5.0;
    }

    public function currents(): IecCurrents
    {
        return new IecCurrents($this->tables->named(TableName::IecMotorCurrent));
    }

    public function sizing(): Sizing
    {
        $guard = new GuardPractice($this->tables->named(TableName::PracticeGuard));
        $gates = new FuseGates($this->tables->named(TableName::IecFuseGg), $guard);
        $conductors = new IecConductorTables($this->tables);
        $overload = new IecOverload;

        return new Sizing(
            new IecConductors($conductors, $overload),
            new IecDevices([
                new FuseChoice($gates, $guard),
                new AmChoice($this->tables->named(TableName::IecFuseAm), $gates),
                new BreakerChoice(new BreakerTable($this->tables->named(TableName::IecBreaker))),
                new MotorBreakerChoice($this->tables->named(TableName::IecMotorBreaker)),
            ]),
            $overload,
            new IecDisconnects($this->tables->named(TableName::PracticeSwitchRatings)),
            $protective = new IecProtectiveConductors($this->tables->named(TableName::IecProtectiveConductor), $conductors),
            self::capacitors(new CapacitorPractice($this->tables->named(TableName::PracticeCapacitor)), $gates),
            new IecLoopRules(
                $this->tables->named(TableName::IecDisconnectionTime), $this->tables->named(TableName::IecFaultK), $conductors, $protective,
            ),
            null,
        );
    }

    private static function capacitors(CapacitorPractice $practice, FuseGates $gates): CapacitorRules
    {
        return new CapacitorRules(
            $practice->iecConductorFactor(), false, $practice->iecFuseFactor(), null, $gates->ratings(), null,
            $practice->iecContactorFactor(), $practice->iecBareTap(),
            null,
            $practice->iecResidualVolts(), $practice->iecDischargeTime(), '1.5 × for harmonics and tolerance: common practice',
            '1.6 × for gG: common practice', Standard::Iec60831_1->at(), Standard::Iec60831_1->at('and common practice'),
        );
    }
}
