<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How a site calls its three lines. */
enum PhaseNaming: string implements Choice
{
    use Labelled;

    case L123 = 'l1_l2_l3';
    case Ryb = 'r_y_b';
    case Abc = 'a_b_c';

    private const LABELS = [
        'l1_l2_l3' => 'L1 L2 L3, brown black grey', 'r_y_b' => 'R Y B, red yellow blue', 'a_b_c' => 'A B C, red black blue',
    ];

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
