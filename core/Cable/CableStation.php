<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Conductors of both runs: the smallest size that passes every constraint, with the whole ladder to see why. */
final class CableStation
{
    /** @var list<string> fields without which no cable can be sized */
    private const NEEDS = ['supply.ambient', 'cable.material', 'cable.insulation', 'cable.method', 'cable.grouped_circuits', 'cable.terminal_temperature', 'settings.terminal_temperature', 'cable.length', 'cable.line_length',
        'cable.size', 'cable.line_size', 'cable.raceway_material', 'cable.tray', 'settings.tray', 'settings.drop_limit_running', 'settings.drop_limit_starting', 'cable.wet', 'plate.service_factor', 'settings.overload_school'];

    public static function solve(Circuit $circuit, RuleBook $book, Sizing $sizing, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Cable)) {
            return;
        }
        if (! $sheet->has('power.design_current')) {
            $sheet->block(Station::Cable, 'Waits for the motor’s current.');

            return;
        }
        if ($sheet->bad(...self::NEEDS)) {
            $sheet->block(Station::Cable, 'Waits for a field that cannot be used yet.');

            return;
        }
        $six = $sheet->get('start.method')?->value === 'star_delta';
        $limits = new DropLimits($circuit->number('settings.drop_limit_running')?->number() ?? $book->dropLimitRunning(), $circuit->number('settings.drop_limit_starting')?->number() ?? 15.0);
        $lineRun = $circuit->has('cable.line_length') ? Run::line() : null;
        $motorRun = Run::motor($six);
        $motor = new Ladder($circuit, $sizing, $sheet, $motorRun, $limits);
        $line = $lineRun === null ? null : new Ladder($circuit, $sizing, $sheet, $lineRun, $limits);
        if ($motor->empty() || ($line !== null && $line->empty())) {
            $sheet->block(Station::Cable, 'Waits for a field that cannot be used yet.');

            return;
        }
        // A longer line leaves less drop for the motor run: when none is left, the line takes a size more.
        $lineAt = $line?->pick(0.0, 0.0, 0);
        $motorAt = $motor->pick($line?->running($lineAt) ?? 0.0, $line?->starting($lineAt) ?? 0.0, 0);
        while ($motorAt === null && $line !== null && $lineAt !== null && ! $line->fixed() && ! $motor->fixed()) {
            $lineAt = $line->pick(0.0, 0.0, $lineAt + 1);
            $motorAt = $lineAt === null ? null : $motor->pick($line->running($lineAt), $line->starting($lineAt), 0);
        }
        $lineAt ??= $line?->pick(0.0, 0.0, 0);
        $before = $line !== null && $lineAt !== null ? [$line->running($lineAt), $line->starting($lineAt)] : [0.0, 0.0];
        if ($line !== null) {
            $line->write($lineAt, 0.0, 0.0, 'cable.line_');
        } else {
            $sheet->find(Grade::Note, Station::Cable, 'no_line_run', 'No run from supply to starter', 'No length is typed for it: the starter is taken to stand at the supply.', 'Type the length if there is one.', '', []);
        }
        $motor->write($motorAt, $before[0], $before[1], 'cable.');
        if ($motorAt === null || ($line !== null && $lineAt === null)) {
            $sheet->error($motorAt === null ? 'cable.size' : 'cable.line_size', 'No single size passes every constraint. Parallel sets are not computed yet.', 'Shorten the run, change the method or raise a limit.', FieldError::REFUSED);
            $sheet->block(Station::Cable, 'No single size passes every constraint.');

            return;
        }
        $sheet->put(new Figure('cable.conductors', 'Conductors from starter to motor', $motorRun->conductors(), '', '', $six ? 'both ends of each winding: two a phase' : 'one a phase', 'starting method'));
        self::notes($circuit, $sheet);
        $sheet->say(Station::Cable, self::sentence($sheet));
    }

    private static function notes(Circuit $circuit, Sheet $sheet): void
    {
        if (! $circuit->has('cable.length')) {
            $sheet->find(Grade::Note, Station::Cable, 'drop_not_checked', 'Voltage drop not checked', 'The length from starter to motor is not typed.', 'Type the length.', '', []);
        } elseif (! $sheet->has('cable.starting_drop')) {
            $sheet->find(Grade::Note, Station::Cable, 'starting_drop_not_checked', 'Starting drop not checked', 'The starting current is not known.', 'Type Ia/In or the code letter.', '', []);
        }
        $sheet->find(Grade::Note, Station::Cable, 'fault_withstand_not_checked', 'Fault withstand not checked', 'Whether the cable survives a short circuit until the device clears it, and whether an earth fault at the motor is disconnected in time, is not computed yet.', 'Have it checked before the circuit is built.', '', []);
    }

    private static function sentence(Sheet $sheet): string
    {
        $size = $sheet->need('cable.size');
        $drop = $sheet->get('cable.total_drop') ?? $sheet->get('cable.voltage_drop');

        return Show::number($sheet->need('cable.conductors')->number()).' × '.$size->shown().' from starter to motor'.($drop === null ? '.' : ', '.$drop->shown(3).' drop running'.($sheet->has('cable.starting_drop') ? ', '.($sheet->get('cable.total_starting_drop') ?? $sheet->need('cable.starting_drop'))->shown(3).' starting.' : '.'));
    }
}
