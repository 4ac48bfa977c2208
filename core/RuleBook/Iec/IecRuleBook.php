<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\RuleBook\TypicalMotor;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;

/** IEC 60364 practice: the plate's current for everything, a typical table when it is missing. */
final class IecRuleBook implements RuleBook
{
    public function id(): string
    {
        return 'iec';
    }

    public function edition(): string
    {
        return 'IEC 60364';
    }

    public function words(): array
    {
        return ['name' => 'IEC 60364', 'star' => 'star', 'star_delta' => 'star-delta', 'earth' => 'earth', 'protective' => 'protective conductor', 'protective_short' => 'PE', 'cable' => 'cable', 'scpd' => 'short-circuit protective device'];
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => [50.0, '50 Hz supply, usual under IEC'],
            'supply.phases' => [3.0, 'three phases'],
            'supply.ambient' => [30.0, 'ambient 30 °C'],
            'cable.material' => ['copper', 'copper conductors'],
            'cable.insulation' => ['XLPE', 'XLPE insulation'],
            'cable.method' => ['E', 'reference method E, multicore in free air or on a tray'],
            'cable.grouped_circuits' => [1.0, 'one circuit on its own'],
            'settings.terminal_temperature' => [70.0, 'terminals for 70 °C'],
            'settings.tray' => ['perforated', 'perforated tray'],
        ];
    }

    public function metricFrames(): bool
    {
        return true;
    }

    public function tableCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $power = $circuit->power();
        $volts = $sheet->get('plate.rated_voltage')?->number();
        if ($power === null || $volts === null) {
            return null;
        }
        $table = Table::of('iec/motor_current');
        $columns = $table->numbers('columns');
        $nearest = 0;
        foreach ($columns as $i => $column) {
            if (abs($column - $volts) < abs($columns[$nearest] - $volts)) {
                $nearest = $i;
            }
        }
        $scale = $columns[$nearest] / $volts;
        $kw = $power->watts / 1000;
        $rows = [];
        $exact = null;
        foreach ($table->keys('rows') as $row) {
            $value = $table->number('rows', $row, (string) $nearest);
            if ($value !== null) {
                $rows[$row] = $value;
                if (abs((float) $row - $kw) <= 0.02 * $kw) {
                    $exact = $row;
                }
            }
        }
        $amperes = $exact !== null ? $rows[$exact] : TypicalMotor::interpolated($rows, $kw);
        if ($amperes === null) {
            return null;
        }
        $assumptions = ['a typical current of the table'];
        if ($exact === null) {
            $assumptions[] = 'interpolated between table rows';
        }
        $working = Show::number($exact !== null ? (float) $exact : $kw).' kW in the '.Show::number($columns[$nearest]).' V column';
        if (abs($scale - 1) > 1e-9) {
            $working .= ': '.Show::number($amperes).' A × '.Show::number($columns[$nearest]).' V ÷ '.Show::number($volts).' V';
            $assumptions[] = 'scaled to '.Show::number($volts).' V';
        }

        return new Figure('power.table_current', 'Full-load current by table', $amperes * $scale, 'A', 'table', $working, $table->cited(), $assumptions,
            $exact === null ? null : $table->doubt('rows', $exact, (string) $nearest));
    }

    public function designCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $plate = $sheet->get('power.plate_current');
        if ($plate !== null) {
            return $plate->named('power.design_current', 'Design current', 'IEC 60364-5-52: plate current');
        }
        if ($circuit->bad('plate.current')) {
            return null;
        }

        return ($sheet->get('power.table_current') ?? $sheet->get('power.computed_current'))
            ?->named('power.design_current', 'Design current', 'IEC 60947-4-1 Annex G while the plate gives no current')
            ->withAssumption('the plate gives no current');
    }

    public function lockedRotorCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        return null;
    }

    public function dropLimitRunning(): float
    {
        return 5.0;
    }

    public function sizing(): Sizing
    {
        return new IecSizing;
    }
}
