<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Cec;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\DefaultReason;
use BraveAnvil\RuleBook\American\AmericanWorld;
use BraveAnvil\RuleBook\LocalUnits;
use BraveAnvil\RuleBook\PhaseMarks;
use BraveAnvil\RuleBook\PlateLayout;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;
use BraveAnvil\RuleBook\WireColour;
use BraveAnvil\RuleBook\Words;

/** The Canadian Electrical Code: plate and power only, so far. It goes by the plate's current for everything. */
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
        return 'CE Code 2021';
    }

    public function words(): Words
    {
        return new Words(
            'CE Code', 'wye', 'wye-delta', 'ground', 'bonding conductor', 'bond', 'conductors in raceway', 'branch overcurrent device',
            'disconnect', PlateLayout::Nema,
        );
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => new Assumed(60.0, '60 Hz supply, usual under the CE Code', DefaultReason::RuleBook),
            'supply.phases' => new Assumed(3.0, 'three phases', DefaultReason::Practice),
        ];
    }

    public function localUnits(): LocalUnits
    {
        return new LocalUnits(true, false);
    }

    public function favourable(): array
    {
        return [];
    }

    public function choices(): array
    {
        return [
            'cable.method' => ['raceway' => 'Conductors in raceway'],
            'cable.insulation' => ['RW90' => 'RW90, 90 °C', 'T90' => 'T90, 90 °C, dry', 'RW75' => 'RW75, 75 °C', 'TW' => 'TW, 60 °C'],
            'cable.terminal_temperature' => ['60' => '60 °C', '75' => '75 °C'],
        ];
    }

    /** CE Code 4-032 (from memory): red, black, blue. */
    public function phases(PhaseNaming $naming, float $volts): PhaseMarks
    {
        return PhaseMarks::of($naming, [WireColour::Red, WireColour::Black, WireColour::Blue]);
    }

    public function currents(): CecCurrents
    {
        return new CecCurrents($this->tables->named(TableName::CecMotorCurrent));
    }

    public function sizing(): null
    {
        return null;
    }
}
