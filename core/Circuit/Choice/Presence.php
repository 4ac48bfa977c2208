<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Whether something is there. */
enum Presence: string implements Choice
{
    use Labelled;

    case Present = 'present';
    case Absent = 'absent';

    private const LABELS = ['present' => 'Present', 'absent' => 'Absent'];
}
