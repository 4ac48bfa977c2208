<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** The kind of motor that a plate may speak of. */
enum MotorKind: string implements Choice
{
    use Labelled;

    case Cage = 'cage';
    case WoundRotor = 'wound_rotor';
    case TwoSpeed = 'two_speed';
    case PartWinding = 'part_winding';
    case SinglePhase = 'single_phase';

    private const LABELS = [
        'cage' => 'Cage', 'wound_rotor' => 'Wound rotor', 'two_speed' => 'Two speeds', 'part_winding' => 'Part winding',
        'single_phase' => 'Single phase',
    ];
}
