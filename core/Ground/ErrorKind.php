<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** Why a field cannot be used. */
enum ErrorKind: string
{
    /** The text cannot be read. */
    case Unreadable = 'unreadable';
    /** It can be read, but cannot be true beside the others. */
    case Impossible = 'impossible';
    /** It is empty and wanted. */
    case Missing = 'missing';
    /** It is understood, and not computed here. */
    case Refused = 'refused';
}
