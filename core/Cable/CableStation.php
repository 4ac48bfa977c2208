<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Power\Load;
use BraveAnvil\RuleBook\ConductorRules;
use BraveAnvil\RuleBook\Practice\StartingPractice;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Start\Starting;

/** Conductors of both runs: the smallest size that passes every constraint, with the whole ladder to see why. */
final readonly class CableStation
{
    /** Fields without which no cable can be sized. */
    /** %, where the site sets none. Common practice, no source. */
    public const STARTING_DROP_LIMIT = 15.0;

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
        'plate.service_factor',
        'settings.overload_school',
    ];

    private const WAITS = 'Waits for a field that cannot be used yet.';

    /** @param  float  $dropLimit  running, where the site sets none, % */
    public function __construct(private ConductorRules $rules, private StartingPractice $practice, private float $dropLimit)
    {
    }

    /** @return Cabling|null null while it waits for something, or where a field cannot be used; the ledger says what */
    public function solve(Circuit $circuit, Motor $motor, Load $load, Starting $starting, Ledger $ledger): ?Cabling
    {
        if ($load->conductorCurrent === null) {
            $ledger->block('Waits for the motor’s current.', Station::Cable);

            return null;
        }
        if ($circuit->bad(...self::NEEDS)) {
            $ledger->block(self::WAITS, Station::Cable);

            return null;
        }
        $motorRun = Run::motor($starting->method?->leads() ?? 3);
        $motorLadder = $this->ladder($circuit, $motorRun, $motor, $load->conductorCurrent, $starting, $ledger);
        $lineLadder = $circuit->has('cable.line_length')
            ? $this->ladder($circuit, Run::line(), $motor, $starting->supplied($load->conductorCurrent), $starting, $ledger)
            : null;
        if ($motorLadder === null || ($circuit->has('cable.line_length') && $lineLadder === null)) {
            $ledger->block(self::WAITS, Station::Cable);

            return null;
        }
        $cabling = $this->size($motorLadder, $lineLadder, $ledger);
        if ($cabling->fails !== []) {
            $why = implode(' and ', array_column($cabling->fails, 'value'));
            $ledger->error(
                $cabling->lineFails ? 'cable.line_size' : 'cable.size',
                'No single size passes: even the largest fails by '.$why.'. Parallel sets are not computed yet.',
                ucfirst(implode('; ', array_map(static fn (Rejection $fail): string => $fail->remedy(), $cabling->fails))).'.',
                ErrorKind::Refused,
            );
            $ledger->block('No single size passes: even the largest fails by '.$why.'.', Station::Cable);

            return $cabling;
        }
        $conductors = $ledger
            ->work(CableFigure::Conductors)
            ->equals($motorRun->conductors)
            ->saying($motorRun->sixLeads() ? 'both ends of each winding: two a phase' : 'one a phase')
            ->source('starting method')
            ->write();
        self::notes($circuit, $cabling, $ledger);
        $ledger->say(Station::Cable, self::sentence($conductors, $cabling));

        return $cabling;
    }

    private function ladder(Circuit $circuit, Run $run, Motor $motor, Figure $design, Starting $starting, Ledger $ledger): ?Ladder
    {
        $limits = new DropLimits(
            $circuit->number('settings.drop_limit_running')?->number() ?? $this->dropLimit,
            $circuit->number('settings.drop_limit_starting')?->number() ?? self::STARTING_DROP_LIMIT,
        );
        $drop = VoltageDrop::of($circuit, $run, $motor, $design, $starting->lineCurrent(), $this->practice->lockedRotorPowerFactor());
        $ladder = Ladder::of($circuit, $this->rules, $run, $limits, $design, $drop);
        if ($ladder instanceof FieldError) {
            $ledger->refuse($ladder);

            return null;
        }

        return $ladder;
    }

    private function size(Ladder $motor, ?Ladder $line, Ledger $ledger): Cabling
    {
        // A longer line leaves less drop for the motor run: when none is left, the line takes a size more.
        $lineAt = $line?->pick(new Spent(), 0);
        $motorAt = $motor->pick($line?->spent($lineAt) ?? new Spent(), 0);
        $first = $lineAt;
        while ($line !== null && $lineAt !== null && ! $line->fixed() && ! $motor->passes($motorAt, $line->spent($lineAt))) {
            $lineAt = $line->pick(new Spent(), $lineAt + 1);
            $motorAt = $lineAt === null ? null : $motor->pick($line->spent($lineAt), 0);
        }
        if ($lineAt === null) {
            // No line helps: it stays as small as it may, and the motor run tells why it fails.
            $lineAt = $first;
            $motorAt = $motor->pick($line?->spent($lineAt) ?? new Spent(), 0);
        }
        if ($motorAt === null || ($line !== null && $lineAt === null)) {
            $line?->write(null, new Spent(), $ledger);
            $motor->write(null, $line?->spent($lineAt) ?? new Spent(), $ledger);

            return $line !== null && $lineAt === null
                ? Cabling::none($line->whyNone(new Spent()), true)
                : Cabling::none($motor->whyNone($line?->spent($lineAt) ?? new Spent()), false);
        }
        $lineRun = null;
        if ($line !== null) {
            $lineRun = $line->write($lineAt, new Spent(), $ledger);
        } else {
            $ledger
                ->note(CableFinding::NoLineRun)
                ->title('No run from supply to starter')
                ->because('No length is typed for it: the starter is taken to stand at the supply.')
                ->do('Type the length if there is one.');
        }
        $spent = $line?->spent($lineAt) ?? new Spent();
        $motorSized = $motor->write(
            $motorAt,
            new Spent($spent->running, $spent->starting, $lineRun?->drop, $lineRun?->startingDrop),
            $ledger,
        );

        return new Cabling($motorSized, $lineRun);
    }

    private static function notes(Circuit $circuit, Cabling $cabling, Ledger $ledger): void
    {
        if (! $circuit->has('cable.length')) {
            $ledger
                ->note(CableFinding::DropNotChecked)
                ->title('Voltage drop not checked')
                ->because('The length from starter to motor is not typed.')
                ->do('Type the length.');
        } elseif ($cabling->motor?->startingDrop === null) {
            $ledger
                ->note(CableFinding::StartingDropNotChecked)
                ->title('Starting drop not checked')
                ->because('The starting current is not known.')
                ->do('Type Ia/In or the code letter.');
        }
        $ledger
            ->note(CableFinding::FaultWithstandNotChecked)
            ->title('Fault withstand not checked')
            ->because(
                'Whether the cable survives a short circuit until the device clears it, and whether an earth fault at the motor is disconnected in time, is not computed yet.',
            )
            ->do('Have it checked before the circuit is built.');
    }

    private static function sentence(Figure $conductors, Cabling $cabling): string
    {
        $run = $cabling->motor;
        if ($run === null) {
            return '';
        }
        $drop = $run->totalDrop ?? $run->drop;
        $starting = $run->totalStartingDrop ?? $run->startingDrop;

        return Show::number($conductors->number()).
            ' × '.
            $run->size->shown().
            ' from starter to motor'.
            ($drop === null
                ? '.'
                : ', '.$drop->shown(3).' drop running'.($starting === null ? '.' : ', '.$starting->shown(3).' starting.'));
    }
}
