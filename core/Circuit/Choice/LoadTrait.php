<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What a driven machine may do to its motor that no capacitor at the motor may see. */
enum LoadTrait: string implements Choice
{
    use Labelled;

    case Overhauling = 'overhauling';
    case BackSpin = 'back_spin';
    case Reversing = 'reversing';
    case Jogging = 'jogging';
    case Plugging = 'plugging';
    case FastReclosing = 'fast_reclosing';

    private const LABELS = [
        'overhauling' => 'Load can drive the motor', 'back_spin' => 'Spins back after switch-off', 'reversing' => 'Reversing',
        'jogging' => 'Jogging (inching)', 'plugging' => 'Braking by reversal (plugging)',
        'fast_reclosing' => 'Supply returns within seconds (reclosing)',
    ];
}
