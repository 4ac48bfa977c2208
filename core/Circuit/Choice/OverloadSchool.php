<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Which current a site sets relays by where the plate has a service factor. */
enum OverloadSchool: string implements Choice
{
    use Labelled;

    case PlateCurrent = 'plate_current';
    case ServiceFactor = 'service_factor';

    private const LABELS = ['plate_current' => 'Nameplate current', 'service_factor' => 'Service factor × nameplate current'];
}
