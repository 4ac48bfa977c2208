<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

/** The tables there are: folder and file below `data/` without ending. */
enum TableName: string
{
    case CecMotorCurrent = 'cec/motor_current';
    case IecAmbientAir = 'iec/ambient_air';
    case IecAmbientGround = 'iec/ambient_ground';
    case IecAmpacityAirPvcCopper = 'iec/ampacity_air_pvc_copper';
    case IecAmpacityAirXlpeCopper = 'iec/ampacity_air_xlpe_copper';
    case IecAmpacityPvcAluminium = 'iec/ampacity_pvc_aluminium';
    case IecAmpacityPvcCopper = 'iec/ampacity_pvc_copper';
    case IecAmpacityXlpeAluminium = 'iec/ampacity_xlpe_aluminium';
    case IecAmpacityXlpeCopper = 'iec/ampacity_xlpe_copper';
    case IecBreaker = 'iec/breaker';
    case IecCapacitor = 'iec/capacitor';
    case IecCoolingCode = 'iec/cooling_code';
    case IecDisconnectionTime = 'iec/disconnection_time';
    case IecEfficiencyClass50hz = 'iec/efficiency_class_50hz';
    case IecEfficiencyClass60hz = 'iec/efficiency_class_60hz';
    case IecFaultK = 'iec/fault_k';
    case IecFrames = 'iec/frames';
    case IecFuseAm = 'iec/fuse_am';
    case IecFuseGg = 'iec/fuse_gg';
    case IecGrouping = 'iec/grouping';
    case IecInsulationResistance = 'iec/insulation_resistance';
    case IecLoopImpedance = 'iec/loop_impedance';
    case IecMotorCurrent = 'iec/motor_current';
    case IecMountingCode = 'iec/mounting_code';
    case IecOverloadClass = 'iec/overload_class';
    case IecProtectionCode = 'iec/protection_code';
    case IecProtectiveConductor = 'iec/protective_conductor';
    case IecRatingAndPerformance = 'iec/rating_and_performance';
    case IecSoilResistivity = 'iec/soil_resistivity';
    case IecStartingPerformance = 'iec/starting_performance';
    case IecTerminalMarking = 'iec/terminal_marking';
    case IecVoltageDrop = 'iec/voltage_drop';
    case IecVoltageDropBs = 'iec/voltage_drop_bs';
    case NecAmbientCorrection = 'nec/ambient_correction';
    case NecAmpacity = 'nec/ampacity';
    case NecCodeLetter = 'nec/code_letter';
    case NecConductorAdjustment = 'nec/conductor_adjustment';
    case NecConductorImpedance = 'nec/conductor_impedance';
    case NecConductorProperties = 'nec/conductor_properties';
    case NecDesignLetters = 'nec/design_letters';
    case NecEditionChanges = 'nec/edition_changes';
    case NecEnclosure = 'nec/enclosure';
    case NecEquipmentGrounding = 'nec/equipment_grounding';
    case NecExampleD8 = 'nec/example_d8';
    case NecFrames = 'nec/frames';
    case NecLockedRotorCurrent = 'nec/locked_rotor_current';
    case NecMotorCurrentSinglePhase = 'nec/motor_current_single_phase';
    case NecMotorCurrentThreePhase = 'nec/motor_current_three_phase';
    case NecMotorFactors = 'nec/motor_factors';
    case NecMotorRules = 'nec/motor_rules';
    case NecPremiumEfficiency4pole60hz = 'nec/premium_efficiency_4pole_60hz';
    case NecPremiumEfficiency4pole60hzOpen = 'nec/premium_efficiency_4pole_60hz_open';
    case NecProtectionExceptions = 'nec/protection_exceptions';
    case NecProtectionPercent = 'nec/protection_percent';
    case NecSmallConductorLimit = 'nec/small_conductor_limit';
    case NecStandardRatings = 'nec/standard_ratings';
    case NecTypicalTorque = 'nec/typical_torque';
    case NecUnbalanceDerating = 'nec/unbalance_derating';
    case NecVoltageTolerance = 'nec/voltage_tolerance';
    case PracticeCapacitor = 'practice/capacitor';
    case PracticeDerating = 'practice/derating';
    case PracticeGuard = 'practice/guard';
    case PracticePlateWords = 'practice/plate_words';
    case PracticeRunUp = 'practice/run_up';
    case PracticeStarting = 'practice/starting';
    case PracticeSurroundings = 'practice/surroundings';
    case PracticeSwitchRatings = 'practice/switch_ratings';
    case PracticeTypicalMotor = 'practice/typical_motor';
}
