<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** The US National Electrical Code: table current for conductors and protective device, plate current for overload. */
final class NecRuleBook implements RuleBook
{
    /** Which column serves which system voltage: [from, to, column]. */
    private const COLUMNS = [[110, 120, 115], [198, 204, 200], [205, 212, 208], [220, 240, 230], [440, 480, 460], [550, 600, 575]];

    public function id(): string
    {
        return 'nec';
    }

    public function edition(): string
    {
        return 'NEC 2023';
    }

    public function words(): array
    {
        return ['name' => 'NEC', 'star' => 'wye', 'star_delta' => 'wye-delta', 'earth' => 'ground', 'protective' => 'equipment grounding conductor', 'protective_short' => 'EGC', 'cable' => 'conductors in raceway', 'scpd' => 'branch short-circuit device'];
    }

    public function defaults(): array
    {
        return [
            'supply.frequency' => [60.0, '60 Hz supply, usual under the NEC'],
            'supply.phases' => [3.0, 'three phases'],
            'supply.ambient' => [30.0, 'ambient 30 °C'],
            'cable.material' => ['copper', 'copper conductors'],
            'cable.insulation' => ['THWN-2', 'THWN-2 insulation, 90 °C'],
            'cable.method' => ['raceway', 'conductors in raceway'],
            'cable.raceway_material' => ['steel', 'steel raceway'],
            'cable.grouped_circuits' => [1.0, 'one circuit in the raceway'],
        ];
    }

    public function metricFrames(): bool
    {
        return false;
    }

    public function tableCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        return self::fromTable('nec/motor_current_three_phase', 'power.table_current', 'Full-load current by table', $circuit, $sheet);
    }

    public function designCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $table = $sheet->get('power.table_current');
        $plate = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $synchronous = $sheet->get('plate.synchronous_speed');
        if ($synchronous !== null && $synchronous->number() < Table::of('nec/motor_factors')->must('slow_below_rpm') - 1e-6 && $plate !== null) {
            $sheet->find(Grade::Note, Station::Power, 'slow_motor_uses_plate', 'Slow motor: plate current',
                'The synchronous speed of '.$synchronous->shown().' is below 1200 rpm, so the plate current replaces the table.', '', 'NEC 430.6', ['power.design_current']);

            return $plate->named('power.design_current', 'Design current', 'NEC 430.6: plate current below 1200 rpm synchronous');
        }
        if ($table !== null) {
            return $table->named('power.design_current', 'Design current', 'NEC 430.6(A)(1): table current for conductors and protective device');
        }
        if ($plate === null) {
            return null;
        }
        $sheet->find(Grade::Caution, Station::Power, 'table_has_no_current', 'No table current for this motor',
            'The full-load table has no entry for this output and voltage, so '.$plate->shown().' from the plate is used instead.',
            'Check the motor against the edition in force.', 'NEC 430.6', ['power.design_current']);

        return $plate->named('power.design_current', 'Design current', 'NEC 430.6')->withAssumption('plate current in place of the missing table current');
    }

    public function lockedRotorCurrent(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $letter = $circuit->choice('plate.design_letter');
        if ($letter !== null && ! in_array($letter, ['B', 'C', 'D'], true)) {
            return null;
        }
        $figure = self::fromTable('nec/locked_rotor_current', 'start.locked_rotor_current', 'Locked-rotor current', $circuit, $sheet, true);

        return $figure?->withAssumption($letter === null ? 'the table limit of a design B, C or D motor' : 'the table limit, not the motor’s own value');
    }

    public function dropLimitRunning(): float
    {
        return 3.0;
    }

    public function sizing(): Sizing
    {
        return new NecSizing;
    }

    /** Looks up amperes by horsepower and voltage: N0 of the procedures. */
    private static function fromTable(string $name, string $key, string $label, Circuit $circuit, Sheet $sheet, bool $plateVoltageOnly = false): ?Figure
    {
        $table = Table::of($name);
        $power = $circuit->power();
        $rated = $sheet->get('plate.rated_voltage');
        $supply = $circuit->number('supply.voltage');
        if ($power === null || $rated === null) {
            return null;
        }
        $columns = [self::column($rated->number())];
        if ($supply !== null && ! $plateVoltageOnly) {
            $columns[] = self::column($supply->number());
        }
        $best = null;
        foreach (array_unique($columns) as $volts) {
            $figure = $volts === null ? null : self::row($table, $key, $label, $power, $volts);
            if ($figure !== null && ($best === null || $figure->number() > $best->number())) {
                $best = $figure;
            }
        }

        return $best;
    }

    private static function row(Table $table, string $key, string $label, Power $power, int $volts): ?Figure
    {
        $columns = array_map(intval(...), $table->numbers('columns'));
        $column = array_search($volts, $columns, true);
        if ($column === false) {
            return null;
        }
        $column = (string) $column;
        $typedHp = $power->unit === 'hp' || $power->horsepowerWatts !== null;
        $hp = ($power->horsepowerWatts ?? $power->watts) / Power::HORSEPOWER;
        $rows = [];
        foreach ($table->keys('rows') as $row) {
            $value = $table->number('rows', $row, $column);
            if ($value !== null) {
                $rows[$row] = $value;
            }
            if (abs((float) $row - $hp) <= ($typedHp ? 1e-6 : 0.02) * $hp) {
                return $value === null ? null : new Figure($key, $label, $value, 'A', 'table',
                    Show::number((float) $row).' hp in the '.$volts.' V column', $table->cited(), [], $table->doubt('rows', $row, $column));
            }
        }
        // A kilowatt plate that is no listed horsepower keeps its own current (430.6).
        $between = $typedHp ? self::linear($rows, $hp) : null;

        return $between === null ? null : new Figure($key, $label, $between, 'A', 'interpolated',
            Show::number($hp).' hp between rows, '.$volts.' V column', $table->cited(), ['interpolated between table rows']);
    }

    /** @param  array<array-key, float>  $rows ascending by horsepower */
    private static function linear(array $rows, float $hp): ?float
    {
        $below = null;
        foreach ($rows as $key => $value) {
            $key = (float) $key;
            if ($key >= $hp && $below !== null) {
                return $below[1] + ($value - $below[1]) * ($hp - $below[0]) / ($key - $below[0]);
            }
            if ($key > $hp) {
                return null;
            }
            $below = [$key, $value];
        }

        return null;
    }

    private static function column(float $volts): ?int
    {
        foreach (self::COLUMNS as [$from, $to, $column]) {
            if ($volts >= $from && $volts <= $to) {
                return $column;
            }
        }

        return null;
    }
}
