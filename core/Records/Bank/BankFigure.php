<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** One bank for many loads. */
enum BankFigure: string implements FigureName
{
    use FigureWords;

    case ReactiveRequired = 'bank.reactive_required';
    case Step = 'bank.step';
    case Steps = 'bank.steps';
    case ReactiveInstalled = 'bank.reactive_installed';
    case Ck = 'bank.ck';
    case CkSetting = 'bank.ck_setting';
    case Switchings = 'bank.switchings';
    case LowestPowerFactor = 'bank.lowest_power_factor';
    case LowestPowerFactorBefore = 'bank.lowest_power_factor_before';
    case Current = 'bank.current';
    case ConductorAmpacity = 'bank.conductor_ampacity';
    case FuseRating = 'bank.fuse_rating';
    case IndividualInstalled = 'bank.individual_installed';
    case IndividualUnits = 'bank.individual_units';

    private const STATION = Station::Correct;

    private const SAYS = [
        'bank.reactive_required' => ['Largest reactive power required', Unit::Var],
        'bank.step' => ['Step rating (nameplate)', Unit::Var],
        'bank.steps' => ['Number of steps', Unit::None],
        'bank.reactive_installed' => ['Bank rating (nameplate)', Unit::Var],
        'bank.ck' => ['C/k: secondary current of one step', Unit::Ampere],
        'bank.ck_setting' => ['C/k: setting of the controller', Unit::Ampere],
        'bank.switchings' => ['Switching operations per day', Unit::None],
        'bank.lowest_power_factor' => ['Lowest power factor with the bank', Unit::None],
        'bank.lowest_power_factor_before' => ['Lowest power factor without the bank', Unit::None],
        'bank.current' => ['Current of the whole bank', Unit::Ampere],
        'bank.conductor_ampacity' => ['Conductors of the bank, minimum current-carrying capacity', Unit::Ampere],
        'bank.fuse_rating' => ['Fuse of the bank', Unit::Ampere],
        'bank.individual_installed' => ['Individual correction instead: total', Unit::Var],
        'bank.individual_units' => ['Individual correction instead: number of units', Unit::None],
    ];
}
