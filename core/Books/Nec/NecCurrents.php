<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Nec;

use BraveAnvil\Books\American\HorsepowerTable;
use BraveAnvil\Books\American\MotorFactors;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\CurrentRules;
use BraveAnvil\Stations\Power\DesignCurrent;
use BraveAnvil\Stations\Power\PowerFigure;
use BraveAnvil\Stations\Power\PowerFinding;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** Table current for conductors and protective device, plate current for overload (procedure N0). */
final readonly class NecCurrents implements CurrentRules
{
    /** Which column serves which voltage: [from, to, column]. */
    private const COLUMNS = [[110, 120, 115], [198, 204, 200], [205, 212, 208], [220, 240, 230], [440, 480, 460], [550, 600, 575]];

    /** The same of single-phase motors. */
    private const SINGLE_PHASE_COLUMNS = [[110, 120, 115], [198, 204, 200], [205, 212, 208], [220, 240, 230]];

    /** Design letters that the locked-rotor table is written for. */
    private const LETTERS = ['B', 'C', 'D'];

    public function __construct(private Tables $tables, private Practice $practice)
    {
    }

    public function table(Circuit $circuit, Motor $motor): ?Figure
    {
        $supply = $circuit->number('supply.voltage');

        $table = $motor->onePhase ? TableName::NecMotorCurrentSinglePhase : TableName::NecMotorCurrentThreePhase;

        return $this->lookup($table, PowerFigure::TableCurrent, $circuit, $motor, $supply?->number());
    }

    public function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed): DesignCurrent
    {
        $own = $plate ?? $computed;
        if ($own === null && $table === null) {
            return new DesignCurrent(null);
        }
        $findings = $plate !== null ? [] : [self::plateWanted($computed, $table)];
        // The smaller of both sets the relay, so that it never stands above what the table's conductors carry.
        $relay = $computed === null || ($table !== null && $table->number() < $computed->number()) ? $table : $computed;
        if ($own !== null && self::isSlow($motor)) {
            return new DesignCurrent(
                self::own($own, $plate === null, 'NEC 430.6: nameplate current below 1200 rpm synchronous'),
                [...$findings, self::slow($motor, $plate, $own)],
                overload: $relay,
            );
        }
        if ($table !== null) {
            $above = $plate !== null && $plate->number() > $table->number() * (1 + 1e-6);

            return new DesignCurrent(
                $table->named(PowerFigure::DesignCurrent, 'NEC 430.6(A)(1): table current for conductors and protective device'),
                [...$findings, ...$above ? [self::aboveTable($plate, $table)] : []],
                conductors: $above
                    ? $plate->named(PowerFigure::ConductorCurrent, 'nameplate current, above the table current of NEC 430.6(A)(1)')
                    : null,
                overload: $relay,
            );
        }

        return new DesignCurrent(
            self::own($own, $plate === null, 'NEC 430.6')
                ->withAssumption('the motor’s own current, because the table has none'),
            [...$findings, self::noTable($circuit, $plate, $own)],
            overload: $computed,
        );
    }

    private function isSlow(Motor $motor): bool
    {
        $slow = (new MotorFactors($this->tables->named(TableName::NecMotorFactors)))->slowBelow();

        return $motor->synchronousSpeed !== null && $motor->synchronousSpeed->number() < $slow - 1e-6;
    }

    private static function own(Figure $own, bool $computed, string $source): Figure
    {
        $figure = $own->named(PowerFigure::DesignCurrent, $source);

        return $computed ? $figure->withAssumption('the nameplate gives no current') : $figure;
    }

    private static function slow(Motor $motor, ?Figure $plate, Figure $own): FindingBuilder
    {
        return Finding::note(PowerFinding::SlowMotorUsesPlate)
            ->title($plate !== null ? 'Slow motor: nameplate current used' : 'Slow motor: calculated current used')
            ->because(
                'The synchronous speed, '.$motor->synchronousSpeed?->shown().
                ', is below 1200 rpm, so the motor’s own current replaces the table: '.$own->shown(3).
                ($plate !== null ? ' from the nameplate.' : ' (calculated, because the nameplate gives none).'),
            )
            ->source('NEC 430.6')
            ->on(PowerFigure::DesignCurrent);
    }

    private static function aboveTable(Figure $plate, Figure $table): FindingBuilder
    {
        return Finding::caution(PowerFinding::PlateAboveTable)
            ->title('Nameplate current above the table current')
            ->because(
                'Nameplate '.$plate->shown().', table '.$table->shown().
                '. Conductors and disconnect follow the larger; the protective device follows the table.',
            )
            ->do('Read output, voltage and current again on the nameplate; an old or special motor may really take more.')
            ->source(Standard::Nec->at('430.6(A), 430.22, 430.110'))
            ->on(PowerFigure::ConductorCurrent)
            ->about('plate.current');
    }

    private static function plateWanted(?Figure $computed, ?Figure $table): FindingBuilder
    {
        $smaller = $computed !== null && ($table === null || $computed->number() <= $table->number());

        return Finding::caution(PowerFinding::PlateCurrentWanted)
            ->title('Enter the nameplate current')
            ->because(
                'The overload relay is set by the nameplate current. None is entered, so '.
                ($smaller ? 'the calculated '.$computed->shown(3) : 'the table value '.$table?->shown(3)).' is used.',
            )
            ->do('Enter the nameplate current before you set the relay.')
            ->source('NEC 430.6(A)(2)')
            ->on(PowerFigure::OverloadCurrent)
            ->about('plate.current');
    }

    private static function noTable(Circuit $circuit, ?Figure $plate, Figure $own): FindingBuilder
    {
        return Finding::caution(PowerFinding::TableHasNoCurrent)
            ->title('No table current for this motor')
            ->because(
                ($circuit->stamp('plate.power', Power::class) === null ? 'Without an output the full-load table cannot be used'
                : 'The full-load table has no entry for this output and voltage').', so '.$own->shown(4).
                ($plate !== null ? ' from the nameplate' : ', calculated from output, efficiency and power factor,').' is used instead.',
            )
            ->do('Check the motor against the edition in force.')
            ->source('NEC 430.6')
            ->on(PowerFigure::DesignCurrent);
    }

    public function lockedRotor(Circuit $circuit, Motor $motor): ?Figure
    {
        if ($motor->onePhase) {
            return $this->onePhaseLockedRotor($circuit, $motor);
        }
        $letter = $circuit->word('plate.design_letter');
        if ($letter !== null && ! in_array($letter, self::LETTERS, true)) {
            return null;
        }

        return $this->lookup(TableName::NecLockedRotorCurrent, StartFigure::LockedRotorCurrent, $circuit, $motor, null)?->withAssumption(
            $letter === null ? 'the table limit for a design B, C or D motor' : 'the table limit, not the motor’s own value',
        );
    }

    /** Table 430.251(A) is the full-load table, six times. */
    private function onePhaseLockedRotor(Circuit $circuit, Motor $motor): ?Figure
    {
        $table = $this->lookup(TableName::NecMotorCurrentSinglePhase, PowerFigure::TableCurrent, $circuit, $motor, null);
        $times = $this->practice->typicalSinglePhase()->tableTimes();

        return $table === null ? null : Figure::work(StartFigure::LockedRotorCurrent)->from(k: $times, I: $table)
            ->as('6 · table current', '{k} × {I}')->equals($times->value * $table->number())
            ->source('NEC Table 430.251(A)')->assuming('the table value, not the motor’s own')->make();
    }

    /** The larger current of the columns of the plate's voltage and of the supply's. */
    private function lookup(TableName $table, FigureName $name, Circuit $circuit, Motor $motor, ?float $supply): ?Figure
    {
        $power = $circuit->stamp('plate.power', Power::class);
        $rated = $motor->ratedVoltage();
        if ($power === null || $rated === null) {
            return null;
        }
        $columns = new HorsepowerTable($this->tables->named($table));
        $best = null;
        $used = [self::column($rated->number(), $motor), $supply === null ? null : self::column($supply, $motor)];
        foreach (array_unique($used) as $volts) {
            $figure = $volts === null ? null : $columns->current($name, $power, $volts, true);
            if ($figure !== null && ($best === null || $figure->number() > $best->number())) {
                $best = $figure;
            }
        }

        return $best;
    }

    private static function column(float $volts, Motor $motor): ?int
    {
        foreach ($motor->onePhase ? self::SINGLE_PHASE_COLUMNS : self::COLUMNS as [$from, $to, $column]) {
            if ($volts >= $from && $volts <= $to) {
                return $column;
            }
        }

        return null;
    }
}
