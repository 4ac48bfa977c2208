<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** How a winding is built, by which its least insulation resistance goes. */
enum WindingBuild: string implements Choice
{
    case Random = 'random';
    case Form = 'form';
    case Old = 'old';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Random => 'random-wound',
            self::Form => 'form-wound',
            self::Old => 'made before about 1970',
        };
    }
}
