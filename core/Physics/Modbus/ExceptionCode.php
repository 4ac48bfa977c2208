<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Modbus;

/** Why a device refuses a request. Modbus Application Protocol Specification V1.1b3, section 7. */
enum ExceptionCode: int
{
    case IllegalFunction = 1;
    case IllegalAddress = 2;
    case IllegalValue = 3;
    case DeviceFailure = 4;
    case Busy = 6;
    case NoSuchUnit = 11;

    public function words(): string
    {
        return match ($this) {
            self::IllegalFunction => 'it does not support this function',
            self::IllegalAddress => 'it has no such register',
            self::IllegalValue => 'it does not accept this value',
            self::DeviceFailure => 'it failed',
            self::Busy => 'it is busy',
            self::NoSuchUnit => 'no device answers at this unit number',
        };
    }
}
