<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

/** Of which stamp a row of a site tells. */
enum LessonKind: string
{
    case Date = 'date';
    case Order = 'order';
    case Grease = 'grease';
}
