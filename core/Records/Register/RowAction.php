<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** What an import would do with a row. */
enum RowAction: string
{
    case Create = 'new';
    case Change = 'changed';
    case Leave = 'unchanged';
    case Refuse = 'refused';
}
