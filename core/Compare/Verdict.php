<?php

declare(strict_types=1);

namespace BraveAnvil\Compare;

/** What becomes of a motor with a starting method. Only the first will do. */
enum Verdict: string
{
    case RunsUp = 'runs_up';
    case Refused = 'refused';
    case Stalls = 'stalls';
    case MayStall = 'may_stall';
    case DipsBus = 'dips_bus';
    case DipsMotor = 'dips_motor';
    case LittleTorque = 'little_torque';
    case TripsRelay = 'trips_relay';
    case AboveLimit = 'above_limit';

    public function label(): string
    {
        return match ($this) {
            self::RunsUp => 'runs up',
            self::Refused => 'not possible',
            self::Stalls => 'stays behind',
            self::MayStall => 'may stay behind',
            self::DipsBus => 'bus dips too far',
            self::DipsMotor => 'motor voltage too low',
            self::LittleTorque => 'little torque to spare',
            self::TripsRelay => 'no relay holds it',
            self::AboveLimit => 'above the site’s limit',
        };
    }
}
