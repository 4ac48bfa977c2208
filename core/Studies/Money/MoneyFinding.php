<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Station;

/** What money brings up. */
enum MoneyFinding: string implements FindingCode
{
    case SiteLoadUnknown = 'site_load_unknown';
    case DoesNotPay = 'does_not_pay';
    case FasterMotor = 'faster_motor';

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return $this === self::FasterMotor ? Station::Power : Station::Correct;
    }
}
