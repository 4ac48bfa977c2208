<?php

declare(strict_types=1);

namespace BraveAnvil\Fault;

use BraveAnvil\RuleBook\Sizing;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/**
 * Protective conductor, once the device is chosen. Withstand and disconnection are not computed yet; on screen this
 * belongs to Cable and Guard.
 */
final class FaultStation
{
    public static function solve(Sizing $sizing, Sheet $sheet): void
    {
        if ($sheet->blocked(Station::Cable) || ! $sheet->has('cable.size', 'cable.size_by_ampacity')) {
            return;
        }
        $chosen = self::name($sheet, 'cable.size') ?? '';
        $line = self::name($sheet, 'cable.line_size');
        // Six leads are each thinner than the circuit: the line conductor bounds it, and without a line run nothing does.
        $largest = $sheet->get('start.method')?->value === 'star_delta' ? $line : $chosen;
        $sizing->protectiveConductor($sheet, 'cable.protective_size', $chosen, self::name($sheet, 'cable.size_by_ampacity') ?? $chosen, $largest);
        if ($line !== null) {
            $sizing->protectiveConductor($sheet, 'cable.line_protective_size', $line, self::name($sheet, 'cable.line_size_by_ampacity') ?? $line, $line);
        }
    }

    /** The bare name of a size, `16`, `1/0`, `250`. */
    private static function name(Sheet $sheet, string $key): ?string
    {
        $value = $sheet->get($key)?->value;

        return $value === null ? null : str_replace([' AWG', ' kcmil'], '', (string) $value);
    }
}
