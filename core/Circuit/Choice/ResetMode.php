<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How an overload relay comes back after a trip. */
enum ResetMode: string implements Choice
{
    use Labelled;

    case Manual = 'manual';
    case Automatic = 'automatic';

    private const LABELS = ['manual' => 'Manual', 'automatic' => 'Automatic'];
}
