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

    private function says(): array
    {
        return match ($this) {
            self::ReactiveRequired => ['Largest reactive power required', Unit::Var],
            self::Step => ['Step rating (nameplate)', Unit::Var],
            self::Steps => ['Number of steps', Unit::None],
            self::ReactiveInstalled => ['Bank rating (nameplate)', Unit::Var],
            self::Ck => ['C/k: secondary current of one step', Unit::Ampere],
            self::CkSetting => ['C/k: setting of the controller', Unit::Ampere],
            self::Switchings => ['Switching operations per day', Unit::None],
            self::LowestPowerFactor => ['Lowest power factor with the bank', Unit::None],
            self::LowestPowerFactorBefore => ['Lowest power factor without the bank', Unit::None],
            self::Current => ['Current of the whole bank', Unit::Ampere],
            self::ConductorAmpacity => ['Conductors of the bank, minimum current-carrying capacity', Unit::Ampere],
            self::FuseRating => ['Fuse of the bank', Unit::Ampere],
            self::IndividualInstalled => ['Individual correction instead: total', Unit::Var],
            self::IndividualUnits => ['Individual correction instead: number of units', Unit::None],
        };
    }
}
