<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Which contactors of a star-delta starter were held in, dead, while its motor terminals were read. */
enum ContactorsIn: string implements Choice
{
    use Labelled;

    case None = 'none';
    case Star = 'star';
    case Delta = 'delta';

    private const LABELS = ['none' => 'None', 'star' => 'Star contactor', 'delta' => 'Delta contactor'];
}
