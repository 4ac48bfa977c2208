<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

/** Why a value may be otherwise. */
enum Doubted: string
{
    /** Nobody typed it. */
    case Assumed = 'assumed';
    /** It stands in a table from memory that is not sure of it. */
    case Entry = 'entry';
}
