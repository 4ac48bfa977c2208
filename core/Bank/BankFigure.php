<?php

declare(strict_types=1);

namespace BraveAnvil\Bank;

use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

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
            self::ReactiveRequired => 'Reactive power required at most',
            self::Step => 'Each step, on its plate',
            self::Steps => 'Steps',
            self::ReactiveInstalled => 'Bank, on its plate',
            self::Ck => 'C/k: current of a step behind the current transformer',
            self::CkSetting => 'C/k: where the controller acts',
            self::Switchings => 'Switchings over the pattern',
            self::LowestPowerFactor => 'Lowest power factor with the bank',
            self::LowestPowerFactorBefore => 'Lowest power factor without it',
            self::Current => 'Current of the whole bank',
            self::ConductorAmpacity => 'Conductors of the bank, at least',
            self::FuseRating => 'Fuse of the bank',
            self::IndividualInstalled => 'One by one instead, all together',
            self::IndividualUnits => 'One by one instead, units',
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
