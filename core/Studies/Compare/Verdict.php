<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

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
            self::RunsUp => 'reaches full speed',
            self::Refused => 'not possible',
            self::Stalls => 'stalls',
            self::MayStall => 'may stall',
            self::DipsBus => 'voltage dip at the bus too large',
            self::DipsMotor => 'voltage at the motor too low',
            self::LittleTorque => 'small torque margin',
            self::TripsRelay => 'trips every relay class',
            self::AboveLimit => 'above the site’s limit',
        };
    }
}
