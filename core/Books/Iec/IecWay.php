<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

/** Reference methods of installation. IEC 60364-5-52 Table B.52.1. */
enum IecWay: string
{
    case A1 = 'A1';
    case A2 = 'A2';
    case B1 = 'B1';
    case B2 = 'B2';
    case C = 'C';
    case D1 = 'D1';
    case D2 = 'D2';
    case E = 'E';
    case F = 'F';

    public function inFreeAir(): bool
    {
        return $this === self::E || $this === self::F;
    }

    public function isBuried(): bool
    {
        return $this === self::D1 || $this === self::D2;
    }
}
