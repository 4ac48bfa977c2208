<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What the motor drives. It says how the load usually goes with speed, and how heavy it usually is. */
enum DrivenMachine: string implements Choice
{
    use Labelled;

    case Fan = 'fan';
    case Pump = 'pump';
    case Conveyor = 'conveyor';
    case Compressor = 'compressor';
    case Saw = 'saw';
    case Drum = 'drum';
    case Other = 'other';

    private const LABELS = [
        'fan' => 'Fan', 'pump' => 'Pump', 'conveyor' => 'Conveyor', 'compressor' => 'Compressor', 'saw' => 'Saw', 'drum' => 'Drum',
        'other' => 'Other',
    ];

    /** How its torque usually goes with speed; null where nothing is usual. */
    public function loadKind(): ?LoadKind
    {
        return match ($this) {
            self::Fan, self::Pump => LoadKind::Quadratic,
            self::Conveyor, self::Compressor, self::Saw, self::Drum => LoadKind::Constant,
            self::Other => null,
        };
    }
}
