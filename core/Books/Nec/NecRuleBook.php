<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Nec;

use BraveAnvil\Books\American\AmericanTerms;
use BraveAnvil\Books\American\AmericanWorld;
use BraveAnvil\Books\American\AmpacityTables;
use BraveAnvil\Books\American\ConductorPolicy;
use BraveAnvil\Books\American\Conductors;
use BraveAnvil\Books\American\DeviceLimits;
use BraveAnvil\Books\American\Devices;
use BraveAnvil\Books\American\Disconnects;
use BraveAnvil\Books\American\DutyFactors;
use BraveAnvil\Books\American\GroundingConductors;
use BraveAnvil\Books\American\Impedances;
use BraveAnvil\Books\American\MotorFactors;
use BraveAnvil\Books\American\OverloadLimits;
use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Ground\PlateLayout;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Rules\Sizing;
use BraveAnvil\Stations\Correct\CapacitorRules;
use BraveAnvil\Stations\Start\Wiring\PhaseMarks;
use BraveAnvil\Stations\Start\Wiring\WireColour;
use BraveAnvil\Tables\Practice\CapacitorPractice;
use BraveAnvil\Tables\Practice\GuardPractice;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** The US National Electrical Code: table current for conductors and protective device, plate current for overload. */
final readonly class NecRuleBook implements RuleBook
{
    use AmericanWorld;

    public function __construct(private Tables $tables)
    {
    }

    public function id(): RuleBookName
    {
        return RuleBookName::Nec;
    }

    public function edition(): string
    {
        return Standard::Nec->dated();
    }

    public function words(): Words
    {
        return new Words(
            'NEC', 'wye', 'wye-delta', 'ground', 'equipment grounding conductor', 'EGC', 'conductors in raceway',
            'branch-circuit short-circuit and ground-fault protective device', 'disconnect', PlateLayout::Nema,
            AmericanTerms::of('adjustable-speed drive', 'equipment grounding conductor'),
        );
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => Assumed::byBook(60.0, '60 Hz supply, usual under the NEC'),
            'supply.phases' => Assumed::practice(3.0, 'three phases'),
            'supply.ambient' => Assumed::byBook(30.0, 'ambient 30 °C')->within(20.0, 40.0),
            'cable.material' => Assumed::practice(Metal::Copper, 'copper conductors')->within(Metal::Aluminium),
            'cable.insulation' => Assumed::practice(Insulation::Thwn2, 'THWN-2 insulation, 90 °C')
                ->within(Insulation::Tw, Insulation::Thwn),
            'cable.method' => Assumed::byBook(Installation::Raceway, 'conductors in raceway'),
            'cable.raceway_material' => Assumed::practice(RacewayMaterial::Steel, 'steel raceway')
                ->within(RacewayMaterial::Pvc, RacewayMaterial::Aluminium),
            'cable.grouped_circuits' => Assumed::practice(1.0, 'one circuit in the raceway')->within(2.0, 3.0),
        ];
    }

    public function localUnits(): LocalUnits
    {
        return new LocalUnits(true, true);
    }

    public function unused(Circuit $circuit): array
    {
        return ['cable.tray', 'settings.tray', 'settings.terminal_temperature', 'settings.four_006_corrections', 'cable.soil_resistivity',
            'cable.protective_separate', 'supply.it_earthing'];
    }

    public function favourable(): array
    {
        return [
            'supply.ambient' => Assumed::practice(25.0, 'ambient 25 °C'),
            'cable.insulation' => Assumed::practice(Insulation::Thwn2, 'THWN-2 insulation, 90 °C'),
            'cable.terminal_temperature' => Assumed::practice(75.0, '75 °C terminals'),
            'cable.raceway_material' => Assumed::practice(RacewayMaterial::Pvc, 'PVC raceway'),
        ];
    }

    public function choices(): array
    {
        return [
            'cable.method' => ['raceway' => 'Conductors in raceway'],
            'cable.insulation' => [
                'THWN-2' => 'THWN-2, 90 °C', 'XHHW-2' => 'XHHW-2, 90 °C', 'THHN' => 'THHN, 90 °C, dry or damp', 'THWN' => 'THWN, 75 °C',
                'XHHW' => 'XHHW, 75 °C', 'TW' => 'TW, 60 °C',
            ],
            'supply.earthing' => self::GROUNDING,
            'cable.terminal_temperature' => ['60' => '60 °C', '75' => '75 °C', '90' => '90 °C, counts as 75'],
        ];
    }

    /** Common practice: brown, orange, yellow from 277/480 V on; black, red, blue below. */
    public function phases(PhaseNaming $naming, float $volts): PhaseMarks
    {
        return PhaseMarks::of($naming, $volts > 300
            ? [WireColour::Brown, WireColour::Orange, WireColour::Yellow] : [WireColour::Black, WireColour::Red, WireColour::Blue],
            $volts > 300 ? WireColour::Grey : WireColour::White);
    }

    public function currents(): NecCurrents
    {
        return new NecCurrents($this->tables, new Practice($this->tables));
    }

    public function sizing(): Sizing
    {
        $factors = new MotorFactors($this->tables->named(TableName::NecMotorFactors));
        $guard = new GuardPractice($this->tables->named(TableName::PracticeGuard));
        $ratings = new StandardRatings($this->tables->named(TableName::NecStandardRatings));
        $switches = $this->tables->named(TableName::PracticeSwitchRatings);
        $impedances = new Impedances($this->tables);

        return new Sizing(
            new Conductors(
                new AmpacityTables(
                    $this->tables->named(TableName::NecAmpacity), null, $this->tables->named(TableName::NecAmbientCorrection), null,
                    $this->tables->named(TableName::NecConductorAdjustment), null, $impedances, 'NEC 110.14(C)', null,
                ),
                new ConductorPolicy(
                    $factors->conductor(), $factors->starDeltaLead(), 'FLC', 'NEC 430.22', 'NEC 430.22(C)', $factors->leadDoubt(),
                    $factors->smallTerminal(), $factors->largestTerminal(), $factors->smallTerminalTo(), false, null,
                    Standard::Nec->at('310.10(G)'), Standard::Nec->at('300.3(B), 300.20'),
                ),
                new DutyFactors($this->tables->named(TableName::NecDuty)),
            ),
            new Devices(
                new NecDevices($this->tables->named(TableName::NecProtectionPercent), $ratings), $guard,
                new DeviceLimits($this->tables->named(TableName::NecDeviceTestLimits)),
            ),
            new OverloadLimits(
                $factors->overloadHigh(), $factors->overloadLow(), $factors->highFromServiceFactor(), $factors->highToRise(),
                $factors->overloadRaised(), 'NEC 430.32(A)(1)', $guard,
            ),
            new Disconnects(
                $factors->disconnect(), 'NEC 430.110(A)', $switches->numbers('nec'), $switches->cited(),
                Standard::Nec->at('430.57')->adding(': it holds its fuse'),
                Standard::Nec->at('430.102'),
                Standard::Nec->at('430.83, 430.109'),
            ),
            new GroundingConductors(
                $this->tables->named(TableName::NecEquipmentGrounding), $impedances, 'Equipment grounding conductor',
            ),
            self::capacitors(new CapacitorPractice($this->tables->named(TableName::PracticeCapacitor)), $ratings),
            $impedances,
            new NecRaceways($this->tables->named(TableName::NecRacewayFill)),
        );
    }

    private static function capacitors(CapacitorPractice $practice, StandardRatings $ratings): CapacitorRules
    {
        $factor = $practice->necConductorFactor();

        return new CapacitorRules(
            $factor, true, $practice->necFuseFactor(), null, $ratings->of(Scpd::FuseDualElement, true), $factor,
            $practice->necContactorFactor(), null, null,
            $practice->necResidualVolts(), $practice->necDischargeTime(), 'NEC 460.8(A)',
            'NEC 460.8(B): as low as practicable; 1.65 × is common practice', 'NEC 460.6',
            Standard::Nec->at('460.9 and common practice'),
        );
    }
}
