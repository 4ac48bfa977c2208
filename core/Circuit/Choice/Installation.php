<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How conductors lie: the reference methods of IEC 60364-5-52 Table B.52.1, and the two ways of the American books. */
enum Installation: string implements Choice
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
    case Raceway = 'raceway';
    case FreeAir = 'free_air';

    public function inFreeAir(): bool
    {
        return in_array($this, [self::E, self::F, self::FreeAir], true);
    }

    public function isBuried(): bool
    {
        return $this === self::D1 || $this === self::D2;
    }

    public function isAmerican(): bool
    {
        return $this === self::Raceway || $this === self::FreeAir;
    }

    public function label(Words $words): string
    {
        return match ($this) {
            self::Raceway => 'Raceway',
            self::FreeAir => 'Free air',
            self::A1, self::A2, self::B1, self::B2, self::C, self::D1, self::D2, self::E, self::F => $this->value,
        };
    }
}
