<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

/** How a motor stands, by its IM code. IEC 60034-7: `B3`, `V1`, or four digits, of which the third tells the shaft. */
final class Mounting
{
    /** Third digits of a shaft that stands upright, its end down or up. */
    private const UPRIGHT = ['1', '3'];

    /** The code alone: `IM B3` and `imb3` are `B3`. */
    public static function bare(string $stamp): string
    {
        return str_replace(' ', '', (string) preg_replace('/^IM\s*/', '', strtoupper(trim($stamp))));
    }

    /** Whether the shaft stands upright; a stamp that tells two ways, or none, does not say so. */
    public static function isVertical(string $stamp): bool
    {
        $code = self::bare($stamp);

        return preg_match('/^V\d{1,2}$/', $code) === 1 || preg_match('/\bVERTICAL\b/', strtoupper($stamp)) === 1
            || (preg_match('/^[1-9]\d(\d)\d$/', $code, $m) === 1 && in_array($m[1], self::UPRIGHT, true));
    }
}
