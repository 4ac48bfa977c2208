<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** The wattmeter whose leads were swapped so that it reads forwards. */
enum Swapped: string implements Choice
{
    case None = 'none';
    case One = '1';
    case Two = '2';
    case Three = '3';

    public function label(Words $words): string
    {
        return match ($this) {
            self::None => 'on neither',
            self::One => 'on the wattmeter in L1',
            self::Two => 'on the wattmeter in L2',
            self::Three => 'on the wattmeter in L3',
        };
    }
}
