<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How the exposed parts of an unearthed supply are earthed. */
enum ItEarthing: string implements Choice
{
    case Together = 'together';
    case Individual = 'individual';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Together => 'Collectively',
            self::Individual => 'Individually or in groups',
        };
    }
}
