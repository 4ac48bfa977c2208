<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** How the windings were joined while their resistance was read. */
enum ReadJoin: string implements Choice
{
    use Labelled;

    case Star = 'star';
    case Delta = 'delta';
    case Open = 'open';

    private const LABELS = ['star' => 'star', 'delta' => 'delta', 'open' => 'links out'];
}
