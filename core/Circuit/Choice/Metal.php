<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What a conductor is made of. */
enum Metal: string implements Choice
{
    use Labelled;

    case Copper = 'copper';
    case Aluminium = 'aluminium';

    private const LABELS = ['copper' => 'Copper', 'aluminium' => 'Aluminium'];
}
