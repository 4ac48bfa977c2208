<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Cec;

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
use BraveAnvil\Books\American\MotorInsulation;
use BraveAnvil\Books\American\OverloadLimits;
use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Insulation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Ground\Doubt;
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
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** The Canadian Electrical Code: the plate’s current for everything, Table 29 rounded down, corrections at terminations. */
final readonly class CecRuleBook implements RuleBook
{
    use AmericanWorld;

    public function __construct(private Tables $tables)
    {
    }

    public function id(): RuleBookName
    {
        return RuleBookName::Cec;
    }

    public function edition(): string
    {
        return Standard::CeCode->dated();
    }

    public function words(): Words
    {
        return new Words(
            'CE Code', 'wye', 'wye-delta', 'ground', 'bonding conductor', 'bond', 'conductors in raceway',
            'branch-circuit overcurrent device',
            'disconnect', PlateLayout::Nema, AmericanTerms::of('variable-frequency drive', 'bonding conductor'),
        );
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => Assumed::byBook(60.0, '60 Hz supply, usual under the CE Code'),
            'supply.phases' => Assumed::practice(3.0, 'three phases'),
            'supply.ambient' => Assumed::byBook(30.0, 'ambient 30 °C')->within(20.0, 40.0),
            'cable.material' => Assumed::practice(Metal::Copper, 'copper conductors')->within(Metal::Aluminium),
            'cable.insulation' => Assumed::practice(Insulation::Rw90, 'RW90 insulation, 90 °C')->within(Insulation::Tw, Insulation::Rw75),
            'cable.method' => Assumed::byBook(Installation::Raceway, 'conductors in raceway'),
            'cable.raceway_material' => Assumed::practice(RacewayMaterial::Steel, 'steel raceway')
                ->within(RacewayMaterial::Pvc, RacewayMaterial::Aluminium),
            'cable.grouped_circuits' => Assumed::practice(1.0, 'one circuit in the raceway')->within(2.0, 3.0),
        ];
    }

    public function localUnits(): LocalUnits
    {
        return new LocalUnits(true, false);
    }

    public function favourable(): array
    {
        return [
            'supply.ambient' => Assumed::byBook(30.0, 'ambient 30 °C'),
            'cable.insulation' => Assumed::practice(Insulation::Rw90, 'RW90 insulation, 90 °C'),
            'cable.terminal_temperature' => Assumed::practice(75.0, '75 °C terminals'),
            'cable.raceway_material' => Assumed::practice(RacewayMaterial::Pvc, 'PVC raceway'),
        ];
    }

    public function choices(): array
    {
        return [
            'cable.method' => ['raceway' => 'Conductors in raceway', 'free_air' => 'Single conductors in free air'],
            'cable.insulation' => ['RW90' => 'RW90, 90 °C', 'T90' => 'T90, 90 °C, dry or damp', 'RW75' => 'RW75, 75 °C',
                'TW' => 'TW, 60 °C'],
            'supply.earthing' => self::GROUNDING,
            'cable.terminal_temperature' => ['60' => '60 °C', '75' => '75 °C', '90' => '90 °C, counts as 75'],
        ];
    }

    public function unused(Circuit $circuit): array
    {
        $soil = $circuit->missing('cable.soil_temperature') ? ['cable.soil_temperature'] : [];

        return [...$soil, 'guard.start_exception.overload', 'cable.tray', 'settings.tray', 'settings.terminal_temperature',
            'settings.ten_ampere_rating', 'cable.soil_resistivity',
            'cable.protective_separate', 'supply.it_earthing'];
    }

    /** CE Code 4-032 (from memory): red, black, blue. */
    public function phases(PhaseNaming $naming, float $volts): PhaseMarks
    {
        return PhaseMarks::of($naming, [WireColour::Red, WireColour::Black, WireColour::Blue], WireColour::White);
    }

    public function currents(): CecCurrents
    {
        return new CecCurrents(
            $this->tables->named(TableName::CecMotorCurrent), $this->tables->named(TableName::CecMotorCurrentSinglePhase),
        );
    }

    public function sizing(): Sizing
    {
        $factors = new MotorFactors($this->tables->named(TableName::CecMotorFactors));
        $guard = new GuardPractice($this->tables->named(TableName::PracticeGuard));
        $switches = $this->tables->named(TableName::PracticeSwitchRatings);
        $impedances = new Impedances($this->tables);
        $ratings = $this->tables->named(TableName::CecStandardRatings);

        return new Sizing(
            new Conductors(
                new AmpacityTables(
                    $this->tables->named(TableName::CecAmpacity), $this->tables->named(TableName::CecAmpacityFreeAir),
                    $this->tables->named(TableName::CecAmbientCorrection), 30.0, $this->tables->named(TableName::CecConductorAdjustment),
                    $this->tables->named(TableName::CecFreeAirSpacing), $impedances, 'CE Code 4-006',
                    'The tables of underground conductors, D8 to D15, are not available here: not calculated.',
                ),
                new ConductorPolicy(
                    $factors->conductor(), $factors->starDeltaLead(), 'I', 'CE Code 28-106',
                    'CE Code practice: 125 % of I / √3 in each lead', $factors->leadDoubt(), $factors->smallTerminal(),
                    $factors->largestTerminal(), $factors->smallTerminalTo(), true,
                    new MotorInsulation($this->tables->named(TableName::CecMotorConductorInsulation)), Standard::CeCode->at('12-108'),
                    Standard::CeCode->at('12-3022'),
                ),
                new DutyFactors($this->tables->named(TableName::CecDuty)),
            ),
            new Devices(
                new CecDevices(
                    $this->tables->named(TableName::CecProtectionPercent), $ratings, $factors->smallestDevice(),
                ),
                $guard, new DeviceLimits($this->tables->named(TableName::NecDeviceTestLimits)),
            ),
            new OverloadLimits(
                $factors->overloadHigh(), $factors->overloadLow(), $factors->highFromServiceFactor(), null, null, 'CE Code 28-306', $guard,
            ),
            new Disconnects(
                $factors->disconnect(), 'CE Code 28-602', $switches->numbers('nec'), $switches->cited(),
                Standard::CeCode->at('28-208')->adding(': it holds its fuse'),
                Standard::CeCode->at('28-604')->adding(': within sight and 9 m'),
                Standard::CeCode->at('28-500, 28-602'),
            ),
            new GroundingConductors($this->tables->named(TableName::CecBonding), $impedances, 'Bonding conductor'),
            self::capacitors(new CapacitorPractice($this->tables->named(TableName::PracticeCapacitor)), $ratings),
            $impedances,
            null,
        );
    }

    private static function capacitors(CapacitorPractice $practice, Table $ratings): CapacitorRules
    {
        $factor = $practice->necConductorFactor();

        return new CapacitorRules(
            $factor, true, $practice->necFuseFactor(), 2.5, [...$ratings->numbers('fuse_only'), ...$ratings->numbers('ratings')], $factor,
            $practice->iecContactorFactor(), null, new Doubt('provide one, unless the edition in force exempts it'),
            $practice->necResidualVolts(), $practice->necDischargeTime(), Standard::CeCode->at('26-208'),
            'CE Code 26-210: 250 % or less; 1.65 × is common practice', Standard::CeCode->at('26-222'),
            Standard::CeCode->at('26-218 and common practice'),
        );
    }
}
