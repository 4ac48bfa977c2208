<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Cec;

use BraveAnvil\Books\American\HorsepowerTable;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\CurrentRules;
use BraveAnvil\Stations\Power\DesignCurrent;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Tables\Table;

/** The plate's current for everything; Table 44, or 45 for one phase, only while the plate gives none (procedure C0). */
final readonly class CecCurrents implements CurrentRules
{
    /**
     * @param  Table  $threePhase  Table 44
     * @param  Table  $singlePhase  Table 45
     */
    public function __construct(private Table $threePhase, private Table $singlePhase)
    {
    }

    public function table(Circuit $circuit, Motor $motor): ?Figure
    {
        $power = $circuit->stamp('plate.power', Power::class);
        $rated = $motor->ratedVoltage();
        if ($power === null || $rated === null) {
            return null;
        }
        $volts = $rated->number();
        $table = $motor->onePhase ? $this->singlePhase : $this->threePhase;
        [$column, $times] = match (true) {
            $volts >= 110 && $volts <= 127 => [115, 1.0],
            $volts >= 195 && $volts < 204 => [230, $table->must('scaled_from_230', '200')],
            $volts >= 204 && $volts < 216 => [230, $table->must('scaled_from_230', '208')],
            $volts >= 220 && $volts <= 240 => [230, 1.0],
            $volts >= 440 && $volts <= 480 => [460, 1.0],
            $volts >= 550 && $volts <= 600 => [575, 1.0],
            default => [0, 1.0],
        };

        return (new HorsepowerTable($table))->current(PowerFigure::TableCurrent, $power, $column, false, $times);
    }

    public function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed): DesignCurrent
    {
        $named = $motor->onePhase ? 'Table 45' : 'Table 44';
        if ($plate !== null) {
            return new DesignCurrent($plate->named(PowerFigure::DesignCurrent, 'CE Code 28-106: nameplate current'));
        }
        if ($table !== null) {
            return new DesignCurrent(
                $table
                    ->named(PowerFigure::DesignCurrent, 'CE Code '.$named.', because the nameplate gives no current')
                    ->withAssumption('the nameplate gives no current'),
                overload: $table,
            );
        }
        $wanted = ! $circuit->bad('plate.current') && $circuit->stamp('plate.power', Power::class) !== null;

        return new DesignCurrent(
            null, [],
            $wanted ? 'Enter the nameplate current: '.$named.' has no verified entry for this output and voltage.' : null,
        );
    }

    public function lockedRotor(Circuit $circuit, Motor $motor): null
    {
        return null;
    }
}
