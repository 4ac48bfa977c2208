<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What a board and its feeder bring up. */
enum FeederFinding: string implements FindingCode
{
    use FindingWords;

    case Rating = 'feeder_rating';
    case RatingLow = 'feeder_rating_low';
    case Size = 'feeder_size';
    case BreakingCapacity = 'feeder_breaking_capacity';
    case TotalDrop = 'total_drop';
    case StartDip = 'start_dip';
    case Collapse = 'collapse';
    case TransformerOverloaded = 'transformer_overloaded';
    case MotorsBelowOnePercent = 'motors_below_one_percent';
    case RestartNotSaid = 'restart_not_said';
    case RestartSaw = 'restart_saw';
    case RestartAtOnce = 'restart_at_once';
    case RestartDip = 'restart_dip';
    case RestartFuse = 'restart_fuse';
    case NotSelective = 'not_selective';
    case BranchBreakingCapacity = 'breaking_capacity_at_board';
    case EarthFault = 'feeder_earth_fault';
    case EarthFaultNotChecked = 'feeder_earth_fault_not_checked';
    case WeakGroundPath = 'feeder_weak_ground_path';
    case GroundFaultSetting = 'ground_fault_setting';
    case GroundFaultProtection = 'ground_fault_protection';
    case GroundFaultGrading = 'ground_fault_grading';
    case Resonance = 'feeder_resonance';
    case ControlInrush = 'control_inrush';
    case ControlPullIn = 'control_pull_in';
    case ControlDropOut = 'control_drop_out';
    case ControlTransformer = 'control_transformer';

    private const STATION = Station::Guard;
}
