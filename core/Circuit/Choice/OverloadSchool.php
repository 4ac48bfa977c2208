<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Which current a site sets relays by where the plate has a service factor. */
enum OverloadSchool: string implements Choice
{
    case PlateCurrent = 'plate_current';
    case ServiceFactor = 'service_factor';

    public function label(Words $words): string
    {
        return match ($this) {
            self::PlateCurrent => 'Nameplate current',
            self::ServiceFactor => 'Service factor × nameplate current',
        };
    }
}
