<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** What an inrush reading is. */
enum InrushAs: string implements Choice
{
    use Labelled;

    case Rms = 'rms';
    case Peak = 'peak';

    private const LABELS = ['rms' => 'highest rms of about 100 ms', 'peak' => 'true first peak'];
}
