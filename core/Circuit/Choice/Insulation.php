<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What lies around a conductor. */
enum Insulation: string implements Choice
{
    case Pvc = 'PVC';
    case Xlpe = 'XLPE';
    case Tw = 'TW';
    case Thw = 'THW';
    case Thwn = 'THWN';
    case Xhhw = 'XHHW';
    case Thhn = 'THHN';
    case Thwn2 = 'THWN-2';
    case Xhhw2 = 'XHHW-2';
    case Rhw2 = 'RHW-2';
    case Rw75 = 'RW75';
    case Rw90 = 'RW90';
    case T90 = 'T90';

    /** How hot it may get under the American books, °C. NEC Table 310.4(1), CE Code Table 19. */
    public function celsius(): int
    {
        return match ($this) {
            self::Tw => 60,
            self::Pvc, self::Thw, self::Thwn, self::Xhhw, self::Rw75 => 75,
            self::Xlpe, self::Thhn, self::Thwn2, self::Xhhw2, self::Rhw2, self::Rw90, self::T90 => 90,
        };
    }

    /** Whether heat makes it soft. */
    public function isThermoplastic(): bool
    {
        return match ($this) {
            self::Pvc, self::Tw, self::Thw, self::Thwn, self::Thwn2, self::Thhn, self::T90 => true,
            self::Xlpe, self::Xhhw, self::Xhhw2, self::Rhw2, self::Rw75, self::Rw90 => false,
        };
    }

    public function label(Words $words): string
    {
        return $this->value;
    }
}
