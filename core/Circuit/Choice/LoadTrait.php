<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What a driven machine may do to its motor that no capacitor at the motor may see. */
enum LoadTrait: string implements Choice
{
    case Overhauling = 'overhauling';
    case BackSpin = 'back_spin';
    case Reversing = 'reversing';
    case Jogging = 'jogging';
    case Plugging = 'plugging';
    case FastReclosing = 'fast_reclosing';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Overhauling => 'Load can drive the motor',
            self::BackSpin => 'Spins back after switch-off',
            self::Reversing => 'Reversing',
            self::Jogging => 'Jogging (inching)',
            self::Plugging => 'Braking by reversal (plugging)',
            self::FastReclosing => 'Supply returns within seconds (reclosing)',
        };
    }
}
