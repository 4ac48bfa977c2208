<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What brings about the changeover. */
enum ChangeoverBy: string implements Choice
{
    use Labelled;

    case Time = 'time';
    case Speed = 'speed';
    case Hand = 'hand';

    private const LABELS = ['time' => 'Timer', 'speed' => 'Speed switch', 'hand' => 'Manual'];
}
