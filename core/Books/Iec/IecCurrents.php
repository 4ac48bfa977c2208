<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\CurrentRules;
use BraveAnvil\Stations\Power\DesignCurrent;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Tables\Practice\Interpolation;
use BraveAnvil\Tables\Table;

/** The plate's current for everything; the typical table of IEC 60947-4-1 Annex G while the plate gives none (procedure I0). */
final readonly class IecCurrents implements CurrentRules
{
    /** By how much an output may differ from a row and still be that one. */
    private const ROW_TOLERANCE = 0.02;

    public function __construct(private Table $table)
    {
    }

    public function table(Circuit $circuit, Motor $motor): ?Figure
    {
        $power = $circuit->stamp('plate.power', Power::class);
        $volts = $motor->ratedVoltage()?->number();
        // Annex G is of three-phase motors.
        if ($power === null || $volts === null || $motor->onePhase) {
            return null;
        }
        [$column, $columnVolts] = $this->nearest($volts);
        $kw = $power->watts / 1000;
        $rows = $this->table->column('rows', $column);
        $exact = null;
        foreach ($rows as $row => $amperes) {
            if (abs((float) $row - $kw) <= self::ROW_TOLERANCE * $kw) {
                $exact = (string) $row;
            }
        }
        $amperes = $exact !== null ? $rows[$exact] : Interpolation::overLogarithm($rows, $kw);
        if ($amperes === null) {
            return null;
        }
        $scale = $columnVolts / $volts;
        $scaled = abs($scale - 1) > 1e-9;

        return Figure::work(PowerFigure::TableCurrent)
            ->as(
                'table',
                Show::number($exact !== null ? (float) $exact : $kw).
                    ' kW in the '.
                    Show::number($columnVolts).
                    ' V column'.
                    ($scaled
                        ? ': '.Show::number($amperes).' A × '.Show::number($columnVolts).' V ÷ '.Show::number($volts).' V'
                        : ''),
            )
            ->equals($amperes * $scale)
            ->source($this->table->cited())
            ->assuming(
                'a typical current of the table',
                $exact === null ? 'interpolated between table rows' : null,
                $scaled ? 'scaled to '.Show::number($volts).' V' : null,
            )
            ->doubted($exact === null ? null : $this->table->doubt('rows', $exact, $column))
            ->corrected($exact === null ? null : $this->table->correction('rows', $exact, $column))->make();
    }

    /** @return array{string, float} the column of the nearest voltage, and its volts */
    private function nearest(float $volts): array
    {
        $columns = $this->table->numbers('columns');
        $nearest = 0;
        foreach ($columns as $i => $column) {
            if (abs($column - $volts) < abs($columns[$nearest] - $volts)) {
                $nearest = $i;
            }
        }

        return [(string) $nearest, $columns[$nearest]];
    }

    public function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed): DesignCurrent
    {
        if ($plate !== null) {
            return new DesignCurrent($plate->named(PowerFigure::DesignCurrent, 'IEC 60364-5-52: nameplate current'));
        }
        if ($circuit->bad('plate.current')) {
            return new DesignCurrent(null);
        }

        // One current for cable and relay, or the relay could be dialled above what the cable carries.
        $byTable = $table !== null && ($computed === null || $table->number() >= $computed->number());
        $larger = $byTable ? $table : $computed;

        return new DesignCurrent(
            $larger
                ?->named(
                    PowerFigure::DesignCurrent,
                    match (true) {
                        $byTable => 'IEC 60947-4-1 Annex G, because the nameplate gives no current',
                        $table === null => 'calculated from the nameplate, because it gives no current',
                        default => 'calculated from the nameplate, larger than the typical current of IEC 60947-4-1 Annex G',
                    },
                )
                ->withAssumption('the nameplate gives no current'),
            overload: $larger,
        );
    }

    public function lockedRotor(Circuit $circuit, Motor $motor): null
    {
        return null;
    }
}
