<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Which way the shaft was seen to turn. */
enum SeenTurning: string implements Choice
{
    use Labelled;

    case Right = 'right';
    case Wrong = 'wrong';

    private const LABELS = ['right' => 'correct direction', 'wrong' => 'wrong direction'];
}
