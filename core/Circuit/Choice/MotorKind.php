<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** The kind of motor that a plate may speak of. */
enum MotorKind: string implements Choice
{
    case Cage = 'cage';
    case WoundRotor = 'wound_rotor';
    case TwoSpeed = 'two_speed';
    case PartWinding = 'part_winding';
    case SinglePhase = 'single_phase';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Cage => 'Cage',
            self::WoundRotor => 'Wound rotor',
            self::TwoSpeed => 'Two speeds',
            self::PartWinding => 'Part winding',
            self::SinglePhase => 'Single phase',
        };
    }
}
