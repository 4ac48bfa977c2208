<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** One bank for many loads. */
enum BankFigure: string implements FigureName
{
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

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::ReactiveRequired => 'Largest reactive power required',
            self::Step => 'Step rating (nameplate)',
            self::Steps => 'Number of steps',
            self::ReactiveInstalled => 'Bank rating (nameplate)',
            self::Ck => 'C/k: secondary current of one step',
            self::CkSetting => 'C/k: setting of the controller',
            self::Switchings => 'Switching operations per day',
            self::LowestPowerFactor => 'Lowest power factor with the bank',
            self::LowestPowerFactorBefore => 'Lowest power factor without the bank',
            self::Current => 'Current of the whole bank',
            self::ConductorAmpacity => 'Conductors of the bank, minimum current-carrying capacity',
            self::FuseRating => 'Fuse of the bank',
            self::IndividualInstalled => 'Individual correction instead: total',
            self::IndividualUnits => 'Individual correction instead: number of units',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::ReactiveRequired, self::Step, self::ReactiveInstalled, self::IndividualInstalled => Unit::Var,
            self::Ck, self::CkSetting, self::Current, self::ConductorAmpacity, self::FuseRating => Unit::Ampere,
            default => Unit::None,
        };
    }

    public function station(): Station
    {
        return Station::Correct;
    }
}
