<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** What a machine stands on. */
enum Foundation: string implements Choice
{
    use Labelled;

    case Rigid = 'rigid';
    case Flexible = 'flexible';

    private const LABELS = ['rigid' => 'rigid', 'flexible' => 'flexible'];
}
