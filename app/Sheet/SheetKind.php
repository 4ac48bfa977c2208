<?php

declare(strict_types=1);

namespace App\Sheet;

/** What a sheet is signed for. */
enum SheetKind: string
{
    /** The circuit may be built and used by it. */
    case ForUse = 'for_use';
    /** It tells what was found, defects and all, and what was decided about them. */
    case AsFound = 'as_found';

    public function label(): string
    {
        return match ($this) {
            self::ForUse => 'For use', self::AsFound => 'As found',
        };
    }
}
