<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** How a winding is built, by which its least insulation resistance goes. */
enum WindingBuild: string implements Choice
{
    use Labelled;

    case Random = 'random';
    case Form = 'form';
    case Old = 'old';

    private const LABELS = ['random' => 'random-wound', 'form' => 'form-wound', 'old' => 'made before about 1970'];
}
