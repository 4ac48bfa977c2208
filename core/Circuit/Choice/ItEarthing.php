<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How the exposed parts of an unearthed supply are earthed. */
enum ItEarthing: string implements Choice
{
    use Labelled;

    case Together = 'together';
    case Individual = 'individual';

    private const LABELS = ['together' => 'Collectively', 'individual' => 'Individually or in groups'];
}
