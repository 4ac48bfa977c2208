<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\Station;

/**
 * What is not computed: refused at its field, never sized as something simpler.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class NotComputed
{
    private const STATIONS = [Station::Cable, Station::Guard, Station::Correct];

    private const OF_THREE_PHASES = [Station::Cable, Station::Guard];

    private const UNREADABLE = [
        'supply.voltage', 'plate.voltage', 'plate.power', 'rule_book', 'starter.method', 'guard.scpd', 'supply.phases', 'plate.duty',
        'supply.earthing', 'cable.material',
        'cable.method',
    ];

    public static function refuse(Circuit $circuit, Ledger $ledger): void
    {
        $duty = $circuit->stamp('plate.duty', DutyStamp::class);
        self::when(
            $duty?->isIrregular() === true, 'plate.duty',
            'A motor with duty '.($duty->type ?? '').' is not calculated: the nameplate does not give its load.',
            'S1 to S8.', $ledger,
        );
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        if ($onBench && $circuit->phases() === 1) {
            $ledger->block('Single-phase bench load: only power and correction are calculated.', ...self::OF_THREE_PHASES);
        }
        if ($circuit->bad(...self::UNREADABLE)) {
            $ledger->block('No result: correct the marked field first.', ...self::STATIONS);
        }
    }

    /** @param  FieldPath  $path */
    private static function when(bool $refused, string $path, string $text, string $accepted, Ledger $ledger): void
    {
        if ($refused) {
            $ledger->error($path, $text.' Plate and Power still work. Cable, Guard and Correct need the missing value.', $accepted,
                ErrorKind::Refused);
            $ledger->block($text, ...self::STATIONS);
        }
    }
}
