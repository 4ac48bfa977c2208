<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** Where on the circuit a current or a power was read. */
enum ReadAt: string implements Choice
{
    case Motor = 'motor';
    case Line = 'line';
    case Lead = 'lead';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Motor => 'at the motor',
            self::Line => 'in the line, supply side of the capacitor',
            self::Lead => 'in a lead of a winding',
        };
    }
}
