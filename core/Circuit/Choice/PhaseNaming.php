<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How a site calls its three lines. */
enum PhaseNaming: string implements Choice
{
    case L123 = 'l1_l2_l3';
    case Ryb = 'r_y_b';
    case Abc = 'a_b_c';

    public function label(Words $words): string
    {
        return match ($this) {
            self::L123 => 'L1 L2 L3, brown black grey',
            self::Ryb => 'R Y B, red yellow blue',
            self::Abc => 'A B C, red black blue',
        };
    }

    /** @return array{string, string, string} */
    public function names(): array
    {
        return match ($this) {
            self::L123 => ['L1', 'L2', 'L3'],
            self::Ryb => ['R', 'Y', 'B'],
            self::Abc => ['A', 'B', 'C'],
        };
    }
}
