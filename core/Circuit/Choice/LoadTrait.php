<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\RuleBook\Words;

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
            self::Overhauling => 'The load drives it',
            self::BackSpin => 'Spins back when it stops',
            self::Reversing => 'Reverses',
            self::Jogging => 'Is jogged',
            self::Plugging => 'Is braked by reversing',
            self::FastReclosing => 'Supply comes back within seconds',
        };
    }
}
