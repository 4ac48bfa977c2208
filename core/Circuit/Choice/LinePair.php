<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Two lines, from the first to the second. */
enum LinePair: string implements Choice
{
    case OneTwo = '12';
    case OneThree = '13';
    case TwoOne = '21';
    case TwoThree = '23';
    case ThreeOne = '31';
    case ThreeTwo = '32';

    public function label(Words $words): string
    {
        return match ($this) {
            self::OneTwo => 'from L1 to L2',
            self::OneThree => 'from L1 to L3',
            self::TwoOne => 'from L2 to L1',
            self::TwoThree => 'from L2 to L3',
            self::ThreeOne => 'from L3 to L1',
            self::ThreeTwo => 'from L3 to L2',
        };
    }
}
