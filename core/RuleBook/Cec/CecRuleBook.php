<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Cec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;

/** The Canadian Electrical Code: plate and power only, so far. It goes by the plate's current for everything. */
final class CecRuleBook implements RuleBook
{
    public function id(): string
    {
        return 'cec';
    }

    public function edition(): string
    {
        return 'CE Code 2021';
    }

    public function words(): array
    {
        return ['name' => 'CE Code', 'star' => 'wye', 'star_delta' => 'wye-delta', 'earth' => 'ground', 'protective' => 'bonding conductor', 'protective_short' => 'bond', 'cable' => 'conductors in raceway', 'scpd' => 'branch overcurrent device'];
    }

    public function defaults(): array
    {
        return ['supply.frequency' => [60.0, '60 Hz supply, usual under the CE Code'], 'supply.phases' => [3.0, 'three phases']];
    }

    public function metricFrames(): bool
    {
        return false;
    }

    public function tableCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        return null;
    }

    public function designCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        return $sheet->get('power.plate_current')?->named('power.design_current', 'Design current', 'CE Code 28-106: plate current');
    }

    public function lockedRotorCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        return null;
    }

    public function dropLimitRunning(): float
    {
        return 3.0;
    }

    public function sizing(): ?Sizing
    {
        return null;
    }
}
