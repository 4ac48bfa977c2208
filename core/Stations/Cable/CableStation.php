<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Station;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\StartingPractice;

/**
 * Conductors of both runs: the smallest size that passes every constraint, with the whole ladder to see why.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class CableStation
{
    /** %, where the site sets none. Common practice. */
    public const STARTING_DROP_LIMIT = 15.0;

    /** @var list<FieldPath> fields without which no cable can be sized */
    private const NEEDS = [
        'supply.ambient',
        'cable.material',
        'cable.insulation',
        'cable.method',
        'cable.grouped_circuits',
        'cable.terminal_temperature',
        'settings.terminal_temperature',
        'cable.length',
        'cable.line_length',
        'cable.size',
        'cable.line_size',
        'cable.raceway_material',
        'cable.tray',
        'settings.tray',
        'settings.drop_limit_running',
        'settings.drop_limit_starting',
        'cable.wet',
        'cable.sets',
        'cable.raceways',
        'cable.line_grouped_circuits',
        'cable.soil_temperature',
        'cable.soil_resistivity',
        'settings.largest_single_size',
        'settings.four_006_corrections',
        'load.service',
        'plate.duty',
        'plate.insulation_class',
        'plate.service_factor',
        'settings.overload_school',
    ];

    private const WAITS = 'No result: correct the marked field first.';

    /** @param  float  $dropLimit  running, where the site sets none, % */
    public function __construct(private ConductorRules $rules, private StartingPractice $practice, private float $dropLimit)
    {
    }

    /**
     * @param  FaultJudge|null  $judge  what an earth fault asks for; null before the protective device is known
     * @return Cabling|null null while it waits for something, or where a field cannot be used; the ledger says what
     */
    public function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        ?FaultJudge $judge,
        Ledger $ledger,
    ): ?Cabling {
        if ($load->conductorCurrent === null) {
            $ledger->block('No result: the motor current is not known yet.', Station::Cable);

            return null;
        }
        if ($circuit->bad(...self::NEEDS)) {
            $ledger->block(self::WAITS, Station::Cable);

            return null;
        }
        $motorRun = CableRun::motor($circuit, $starting->method?->leads() ?? 3);
        [$motorLadder, $lineLadder] = $this->ladders($circuit, $motor, $load, $starting, $ledger);
        if ($motorLadder === null || ($circuit->has('cable.line_length') && $lineLadder === null)) {
            $ledger->block(self::WAITS, Station::Cable);

            return null;
        }
        $cabling = $this->size($motorLadder, $lineLadder, $judge, $ledger);
        if ($cabling->fails !== []) {
            $why = Rejection::list($cabling->fails);
            $ledger->error(
                $cabling->lineFails ? 'cable.line_size' : 'cable.size',
                'No size is large enough: even the largest fails on '.$why.'.',
                ucfirst(implode('; ', array_map(static fn (Rejection $fail): string => $fail->remedy(), $cabling->fails))).'.',
                ErrorKind::Refused,
            );
            $ledger->block('No size is large enough: even the largest fails on '.$why.'.', Station::Cable);

            return $cabling;
        }
        $sets = $cabling->motor?->conductor->sets ?? 1;
        $conductors = $ledger
            ->work(CableFigure::Conductors)
            ->equals($motorRun->conductors * $sets)
            ->saying(
                match (true) {
                    $motorRun->isOnePhase() => $motor->wires?->hasNeutral === true
                        ? 'line and neutral' : 'two lines, both protected',
                    $motorRun->sixLeads() => 'both ends of each winding: 2 per phase',
                    default => '1 per phase',
                }.
                    ($sets > 1 ? ', in each of '.$sets.' parallel sets' : ''),
            )
            ->source('starting method')
            ->write();
        $this->notes($circuit, $cabling, $ledger);
        $ledger->say(Station::Cable, self::sentence($conductors, $cabling));

        return $cabling;
    }

    /**
     * Every size of both runs; the ledger says why where there is none.
     *
     * @return array{Ladder|null, Ladder|null} to the motor, and to the starter where there is such a run
     */
    public function ladders(Circuit $circuit, Motor $motor, Load $load, Starting $starting, Ledger $ledger): array
    {
        if ($load->conductorCurrent === null) {
            return [null, null];
        }
        $run = CableRun::motor($circuit, $starting->method?->leads() ?? 3);

        return [
            $this->ladder($circuit, $run, $motor, new Demand($load->conductorCurrent, $load->plateCurrent), $starting, $ledger),
            $circuit->has('cable.line_length')
                ? $this->ladder($circuit, CableRun::line($circuit), $motor, self::lineDemand($load, $starting), $starting, $ledger) : null,
        ];
    }

    /** What the run to the starter carries; null where the motor's current is not known. */
    public static function lineDemand(Load $load, Starting $starting): Demand
    {
        $design = $load->conductorCurrent ?? $load->designCurrent;

        return new Demand(
            $starting->supplied($design ?? throw Defect::noCandidate('supply to starter', 0)),
            $load->plateCurrent === null ? null : $starting->supplied($load->plateCurrent),
        );
    }

    private function ladder(Circuit $circuit, CableRun $run, Motor $motor, Demand $demand, Starting $starting, Ledger $ledger): ?Ladder
    {
        $limits = new DropLimits(
            $circuit->number('settings.drop_limit_running')?->number() ?? $this->dropLimit,
            $circuit->number('settings.drop_limit_starting')?->number() ?? self::STARTING_DROP_LIMIT,
        );
        $drop = VoltageDrop::of(
            $circuit, $run, $motor, $demand->design, $starting->lineCurrent(), $this->practice->lockedRotorPowerFactor(),
        );
        $ladder = Ladder::of($circuit, $this->rules, $run, $limits, $demand, $drop);
        if ($ladder instanceof FieldError) {
            $ledger->refuse($ladder);

            return null;
        }

        return $ladder;
    }

    /**
     * The smallest sizes that pass everything.
     *
     * @param  FaultJudge|null  $judge  what an earth fault asks for
     */
    public static function picks(Ladder $motor, ?Ladder $line, ?FaultJudge $judge): Picks
    {
        return $line === null
            ? new Picks($motor->pick(new Spent(), 0, $judge?->motor(null)), null)
            : (new LeastMetal($motor, $line, $judge))->picks();
    }

    /** Whether sizes that were chosen for load and drop stay what they are once a fault is asked of them. */
    public static function bears(Cabling $cabling, FaultJudge $judge): bool
    {
        if ($cabling->motorLadder === null || $cabling->picks === null) {
            return true;
        }
        $again = self::picks($cabling->motorLadder, $cabling->lineLadder, $judge);

        return ($again->motor === $cabling->picks->motor && $again->line === $cabling->picks->line)
            || $again->motor === null || ($cabling->lineLadder !== null && $again->line === null);
    }

    /** Draws the ladders with what a fault asks for. */
    public static function draw(Cabling $cabling, FaultJudge $judge, Ledger $ledger): void
    {
        $line = $cabling->lineLadder;
        $at = $cabling->picks?->line;
        $line?->draw($at, new Spent(), $judge->line(), $ledger);
        $cabling->motorLadder?->draw(
            $cabling->picks?->motor, $line?->spent($at) ?? new Spent(),
            $judge->motor($line === null || $at === null ? null : $line->candidate($at)), $ledger,
        );
    }

    private function size(Ladder $motor, ?Ladder $line, ?FaultJudge $judge, Ledger $ledger): Cabling
    {
        $byLoad = self::picks($motor, $line, null);
        $picks = $judge === null ? $byLoad : self::picks($motor, $line, $judge);
        if ($picks->motor === null || ($line !== null && $picks->line === null)) {
            // What no conductor cures is told by the fault checks: the size is that of the load.
            $picks = $byLoad;
        }
        $spent = $line?->spent($picks->line) ?? new Spent();
        $line?->draw($picks->line, new Spent(), $judge?->line(), $ledger);
        $motor->draw(
            $picks->motor, $spent,
            $judge?->motor($line === null || $picks->line === null ? null : $line->candidate($picks->line)), $ledger,
        );
        if ($picks->motor === null || ($line !== null && $picks->line === null)) {
            $line?->write(null, new Spent(), $ledger);
            $motor->write(null, $spent, $ledger);

            return $line !== null && $picks->line === null
                ? Cabling::none($line->whyNone(new Spent(), null), true)
                : Cabling::none($motor->whyNone($spent, null), false);
        }
        $lineRun = null;
        if ($line !== null) {
            $lineRun = $line->write($picks->line, new Spent(), $ledger);
        } else {
            $ledger
                ->note(CableFinding::NoLineRun)
                ->title('No cable from supply to starter')
                ->because('No length is entered, so the starter is taken to be at the supply.')
                ->do('Enter the length if there is one.');
        }
        $motorSized = $motor->write(
            $picks->motor,
            new Spent($spent->running, $spent->starting, $lineRun?->drop, $lineRun?->startingDrop),
            $ledger,
        );

        return new Cabling(
            $motorSized, $lineRun, $motor, $line, $picks, $picks->motor !== $byLoad->motor || $picks->line !== $byLoad->line,
        );
    }

    private function notes(Circuit $circuit, Cabling $cabling, Ledger $ledger): void
    {
        if (max($cabling->motor->conductor->sets ?? 1, $cabling->line->conductor->sets ?? 1) > 1) {
            $ledger
                ->note(CableFinding::ParallelAlike)
                ->title('Parallel conductors must be identical')
                ->because('Same length, size, material, insulation, termination and route; otherwise they share the current unequally.')
                ->do('Cut them to the same length and install them together.')
                ->source($this->rules->parallel()->source)
                ->on(CableFigure::Sets);
        }
        if (! $circuit->has('cable.length')) {
            $ledger
                ->note(CableFinding::DropNotChecked)
                ->title('Voltage drop not checked')
                ->because('The length from starter to motor is not entered.')
                ->do('Enter the length from starter to motor.')
                ->about('cable.length');
        } elseif ($cabling->motor?->startingDrop === null) {
            $ledger
                ->note(CableFinding::StartingDropNotChecked)
                ->title('Starting voltage drop not checked')
                ->because('The starting current is not known.')
                ->do('Enter Ia/In or the code letter.')
                ->about('plate.start_current_ratio');
        }
    }

    private static function sentence(Figure $conductors, Cabling $cabling): string
    {
        $run = $cabling->motor;
        if ($run === null) {
            return '';
        }
        $drop = $run->totalDrop ?? $run->drop;
        $starting = $run->totalStartingDrop ?? $run->startingDrop;

        $sets = $run->conductor->sets;

        $count = (int) $conductors->number();

        return 'Starter to motor: '.$count.' conductors, '.$run->size->shown().
            ($sets > 1 ? ', in '.$sets.' parallel sets' : ($count === 6 ? ' (2 per phase)' : '')).'.'.
            ($drop === null
                ? ''
                : ' Voltage drop '.$drop->shown(3).' running'.($starting === null ? '.' : ', '.$starting->shown(3).' starting.'));
    }
}
