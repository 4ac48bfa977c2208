<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** By which standard a motor is built and tested: IEC 60034, or NEMA MG 1. */
enum MotorStandard: string
{
    case Iec60034 = 'IEC 60034-1';
    case NemaMg1 = 'NEMA MG 1';

    public function source(): Source
    {
        return match ($this) {
            self::Iec60034 => Standard::Iec60034_1->at(),
            self::NemaMg1 => Standard::NemaMg1->at(),
        };
    }
}
