<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

/** How a fault check came out. */
enum FaultVerdict: string
{
    case Passes = 'passes';
    case Fails = 'fails';
    /** The book sets no limit in numbers: it is told. */
    case Told = 'told';
    /** More than is borne if the device does not limit: only its maker knows. */
    case Asks = 'asks';
    case NotChecked = 'not_checked';
}
