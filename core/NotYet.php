<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Station;

/**
 * What is not computed yet: refused at its field, never sized as something simpler.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class NotYet
{
    private const STATIONS = [Station::Cable, Station::Guard, Station::Correct];

    /** Choices that are understood and not computed, by path. */
    private const CHOICES = [
        'guard.scpd' => ['fuse_am', 'motor_breaker', 'breaker_instantaneous'],
        'supply.earthing' => ['it'],
        'cable.material' => ['aluminium'],
        'cable.method' => ['D1', 'D2'],
        'rule_book' => ['cec'],
    ];

    private const UNREADABLE = [
        'supply.voltage', 'plate.voltage', 'plate.power', 'rule_book', 'starter.method', 'guard.scpd', 'supply.phases', 'plate.duty',
        'supply.earthing', 'cable.material',
        'cable.method',
    ];

    /** Whether a choice of a field is computed. */
    public static function computes(string $path, string $value): bool
    {
        return ! isset(self::CHOICES[$path]) || ! in_array($value, self::CHOICES[$path], true);
    }

    public static function refuse(Circuit $circuit, Ledger $ledger): void
    {
        self::choice(
            'guard.scpd', 'This protective device is not computed yet.',
            'IEC: fuse_gg, breaker_b, breaker_c, breaker_d. NEC: breaker_inverse_time, fuse_dual_element, fuse_non_time_delay.', $circuit,
            $ledger,
        );
        self::when(
            $circuit->has('guard.start_exception'), 'guard.start_exception', 'Start exceptions are not computed yet.', 'Empty for now.',
            $ledger,
        );
        $duty = $circuit->word('plate.duty');
        self::when($duty !== null && $duty !== 'S1', 'plate.duty', 'Duty '.($duty ?? '').' is not computed yet.', 'S1 for now.', $ledger);
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        if ($onBench && $circuit->phases() === 1) {
            $ledger->block('A load on the bench with one phase: only its power is worked out here yet.', ...self::STATIONS);
        }
        self::when(
            $circuit->phases() === 1 && ! $onBench, 'supply.phases', 'One phase is not computed yet beyond its power.', '3 for now.',
            $ledger,
        );
        self::choice('rule_book', 'The CE Code’s sizing is not computed yet.', 'iec or nec for now.', $circuit, $ledger);
        self::choice('supply.earthing', 'IT earthing is not computed yet.', 'tn_s, tn_c_s or tt for now.', $circuit, $ledger);
        self::choice('cable.material', 'Aluminium is not computed yet.', 'copper for now.', $circuit, $ledger);
        self::choice('cable.method', 'Buried methods are not computed yet.', 'A1, A2, B1, B2, C, E or F for now.', $circuit, $ledger);
        if ($circuit->bad(...self::UNREADABLE)) {
            $ledger->block('Waits for a field that cannot be read.', ...self::STATIONS);
        }
    }

    /** @param  FieldPath  $path */
    private static function choice(string $path, string $text, string $accepted, Circuit $circuit, Ledger $ledger): void
    {
        $value = $circuit->word($path);
        self::when($value !== null && ! self::computes($path, $value), $path, $text, $accepted, $ledger);
    }

    /** @param  FieldPath  $path */
    private static function when(bool $refused, string $path, string $text, string $accepted, Ledger $ledger): void
    {
        if ($refused) {
            $ledger->error($path, $text.' Cable, Guard and Correct wait; Plate and Power go on.', $accepted, ErrorKind::Refused);
            $ledger->block($text, ...self::STATIONS);
        }
    }
}
