<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Whether the motor loses its supply at the changeover. */
enum Transition: string implements Choice
{
    use Labelled;

    case Open = 'open';
    case Closed = 'closed';

    private const LABELS = ['open' => 'Open', 'closed' => 'Closed'];
}
