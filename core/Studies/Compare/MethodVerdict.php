<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Ground\Labelled;

/** What becomes of a motor with a starting method. Only the first will do. */
enum MethodVerdict: string
{
    use Labelled;

    case RunsUp = 'runs_up';
    case Refused = 'refused';
    case Stalls = 'stalls';
    case MayStall = 'may_stall';
    case DipsBus = 'dips_bus';
    case DipsMotor = 'dips_motor';
    case LittleTorque = 'little_torque';
    case TripsRelay = 'trips_relay';
    case AboveLimit = 'above_limit';

    private const LABELS = [
        'runs_up' => 'reaches full speed', 'refused' => 'not possible', 'stalls' => 'stalls', 'may_stall' => 'may stall',
        'dips_bus' => 'voltage dip at the bus too large', 'dips_motor' => 'voltage at the motor too low',
        'little_torque' => 'small torque margin', 'trips_relay' => 'trips every relay class',
        'above_limit' => 'above the site’s limit',
    ];
}
