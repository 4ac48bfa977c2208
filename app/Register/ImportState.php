<?php

declare(strict_types=1);

namespace App\Register;

/** How far an import is. */
enum ImportState: string
{
    case Reading = 'reading';
    case Preview = 'preview';
    case Applying = 'applying';
    case Done = 'done';
    case Cancelled = 'cancelled';
    case Failed = 'failed';
}
