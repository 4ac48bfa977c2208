<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Cec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;

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
        $power = $circuit->power();
        $rated = $sheet->get('plate.rated_voltage');
        if ($power === null || $rated === null) {
            return null;
        }
        $table = Table::of('cec/motor_current');
        $horsepower = $power->watts / Power::HORSEPOWER;
        $volts = $rated->number();
        [$column, $scale] = match (true) {
            $volts >= 110 && $volts <= 127 => [115, 1.0], $volts >= 195 && $volts < 204 => [230, $table->must('scaled_from_230', '200')], $volts >= 204 && $volts < 216 => [230, $table->must('scaled_from_230', '208')],
            $volts >= 220 && $volts <= 240 => [230, 1.0], $volts >= 440 && $volts <= 480 => [460, 1.0], $volts >= 550 && $volts <= 600 => [575, 1.0], default => [0, 1.0],
        };
        $at = array_search((float) $column, $table->numbers('columns'), true);
        if ($at === false) {
            return null;
        }
        foreach ($table->keys('rows') as $row) {
            $amperes = $table->number('rows', $row, (string) $at);
            if ($amperes !== null && abs((float) $row - $horsepower) <= 0.02 * $horsepower) {
                return new Figure('power.table_current', 'Full-load current by table', $amperes * $scale, 'A', 'table', $row.' hp in the '.$column.' V column'.($scale > 1 ? ': '.Show::number($amperes).' A × '.Show::number($scale) : ''), $table->cited());
            }
        }

        return null;
    }

    public function designCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $plate = $sheet->get('power.plate_current');
        if ($plate !== null) {
            return $plate->named('power.design_current', 'Design current', 'CE Code 28-106: plate current');
        }
        $table = $sheet->get('power.table_current');
        if ($table === null) {
            if (! $circuit->bad('plate.current') && $circuit->power() !== null) {
                $sheet->missing('plate.current', 'The plate current is wanted: Table 44 has no sure entry for this output and voltage.');
            }

            return null;
        }

        return $table->named('power.design_current', 'Design current', 'CE Code Table 44 while the plate gives no current')->withAssumption('the plate gives no current');
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
