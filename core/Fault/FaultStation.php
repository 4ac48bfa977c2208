<?php

declare(strict_types=1);

namespace BraveAnvil\Fault;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/**
 * Protective conductor, once the device is chosen. Withstand and disconnection are not computed yet; on screen this
 * belongs to Cable and Guard.
 */
final class FaultStation
{
    public static function solve(Circuit $circuit, Sizing $sizing, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Cable) || ! $sheet->has('cable.size', 'cable.size_by_ampacity')) {
            return;
        }
        $six = $sheet->get('start.method')?->value === 'star_delta';
        $line = self::name($sheet, 'cable.line_size');
        // Under six leads the cap of the NEC is the line conductor; without a line run none is applied.
        $sizing->protectiveConductor($circuit, $sheet, 'cable.protective_size', self::name($sheet, 'cable.size') ?? '', self::name($sheet, 'cable.size_by_ampacity') ?? '', $six ? ($line ?? self::largest()) : null);
        if ($line !== null) {
            $sizing->protectiveConductor($circuit, $sheet, 'cable.line_protective_size', $line, self::name($sheet, 'cable.line_size_by_ampacity') ?? $line, null);
        }
    }

    private static function largest(): string
    {
        return '2000';
    }

    /** The bare name of a size, `16`, `1/0`, `250`. */
    private static function name(Sheet $sheet, string $key): ?string
    {
        $value = $sheet->get($key)?->value;

        return $value === null ? null : str_replace([' AWG', ' kcmil'], '', (string) $value);
    }
}
