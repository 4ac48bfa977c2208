<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Two lines, from the first to the second. */
enum LinePair: string implements Choice
{
    use Labelled;

    case OneTwo = '12';
    case OneThree = '13';
    case TwoOne = '21';
    case TwoThree = '23';
    case ThreeOne = '31';
    case ThreeTwo = '32';

    private const LABELS = [
        '12' => 'from L1 to L2', '13' => 'from L1 to L3', '21' => 'from L2 to L1', '23' => 'from L2 to L3', '31' => 'from L3 to L1',
        '32' => 'from L3 to L2',
    ];
}
