<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** Which bearing was greased. */
enum GreasedEnd: string implements Choice
{
    case Both = 'both';
    case Drive = 'de';
    case Other = 'nde';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Both => 'both ends',
            self::Drive => 'drive end',
            self::Other => 'non-drive end',
        };
    }
}
