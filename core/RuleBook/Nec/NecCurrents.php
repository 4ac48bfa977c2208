<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Power\PowerFigure;
use BraveAnvil\Power\PowerFinding;
use BraveAnvil\RuleBook\American\HorsepowerTable;
use BraveAnvil\RuleBook\CurrentRules;
use BraveAnvil\RuleBook\DesignCurrent;
use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Finding;
use BraveAnvil\Start\StartFigure;

/** Table current for conductors and protective device, plate current for overload (procedure N0). */
final readonly class NecCurrents implements CurrentRules
{
    /** Which column serves which voltage: [from, to, column]. */
    private const COLUMNS = [[110, 120, 115], [198, 204, 200], [205, 212, 208], [220, 240, 230], [440, 480, 460], [550, 600, 575]];

    /** Design letters that the locked-rotor table is written for. */
    private const LETTERS = ['B', 'C', 'D'];

    public function __construct(private Tables $tables)
    {
    }

    public function table(Circuit $circuit, Motor $motor): ?Figure
    {
        $supply = $circuit->number('supply.voltage');

        return $this->lookup(TableName::NecMotorCurrentThreePhase, PowerFigure::TableCurrent, $circuit, $motor, $supply?->number());
    }

    public function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed): DesignCurrent
    {
        $own = $plate ?? $computed;
        $synchronous = $motor->synchronousSpeed;
        $slow = (new NecFactors($this->tables->named(TableName::NecMotorFactors)))->slowBelow();
        if ($synchronous !== null && $synchronous->number() < $slow - 1e-6 && $own !== null) {
            return new DesignCurrent($own->named(PowerFigure::DesignCurrent, 'NEC 430.6: plate current below 1200 rpm synchronous'), [
                Finding::note(PowerFinding::SlowMotorUsesPlate)
                    ->title('Slow motor: plate current')
                    ->because(
                        'The synchronous speed of '.
                            $synchronous->shown().
                            ' is below 1200 rpm, so the plate current replaces the table.',
                    )
                    ->source('NEC 430.6')
                    ->on(PowerFigure::DesignCurrent),
            ]);
        }
        if ($table !== null) {
            return new DesignCurrent(
                $table->named(PowerFigure::DesignCurrent, 'NEC 430.6(A)(1): table current for conductors and protective device'),
            );
        }
        if ($own === null) {
            return new DesignCurrent(null);
        }

        return new DesignCurrent(
            $own->named(PowerFigure::DesignCurrent, 'NEC 430.6')->withAssumption('plate current in place of the missing table current'),
            [
                Finding::caution(PowerFinding::TableHasNoCurrent)
                    ->title('No table current for this motor')
                    ->because(
                        'The full-load table has no entry for this output and voltage, so '.
                            $own->shown().
                            ' from the plate is used instead.',
                    )
                    ->do('Check the motor against the edition in force.')
                    ->source('NEC 430.6')
                    ->on(PowerFigure::DesignCurrent),
            ],
        );
    }

    public function lockedRotor(Circuit $circuit, Motor $motor): ?Figure
    {
        $letter = $circuit->word('plate.design_letter');
        if ($letter !== null && ! in_array($letter, self::LETTERS, true)) {
            return null;
        }

        return $this->lookup(TableName::NecLockedRotorCurrent, StartFigure::LockedRotorCurrent, $circuit, $motor, null)?->withAssumption(
            $letter === null ? 'the table limit of a design B, C or D motor' : 'the table limit, not the motor’s own value',
        );
    }

    /** The larger current of the columns of the plate's voltage and of the supply's. */
    private function lookup(TableName $table, FigureName $name, Circuit $circuit, Motor $motor, ?float $supply): ?Figure
    {
        $power = $circuit->power();
        $rated = $motor->ratedVoltage();
        if ($power === null || $rated === null) {
            return null;
        }
        $columns = new HorsepowerTable($this->tables->named($table));
        $best = null;
        foreach (array_unique([self::column($rated->number()), $supply === null ? null : self::column($supply)]) as $volts) {
            $figure = $volts === null ? null : $columns->current($name, $power, $volts, true);
            if ($figure !== null && ($best === null || $figure->number() > $best->number())) {
                $best = $figure;
            }
        }

        return $best;
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
