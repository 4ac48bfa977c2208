<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Trip classes of overload relays. */
enum TripClass: string implements Choice
{
    case Class5 = '5';
    case Class10A = '10A';
    case Class10 = '10';
    case Class20 = '20';
    case Class30 = '30';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Class5 => '5',
            self::Class10A => '10A',
            self::Class10 => '10',
            self::Class20 => '20',
            self::Class30 => '30',
        };
    }
}
