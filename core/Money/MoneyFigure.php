<?php

declare(strict_types=1);

namespace BraveAnvil\Money;

use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

/** What a year costs, and what correction or another motor saves. Amounts are in the tariff's money. */
enum MoneyFigure: string implements FigureName
{
    case RunningEnergy = 'power.running_energy';
    case RunningCost = 'power.running_cost';
    case MachineLoss = 'power.machine_loss_energy';
    case MachineLossCost = 'power.machine_loss_cost';
    case UpgradeEnergy = 'power.upgrade_energy';
    case UpgradeSaving = 'power.upgrade_saving';
    case UpgradePayback = 'power.upgrade_payback';
    case LossSaving = 'correct.loss_saving';
    case SavingLosses = 'correct.saving_losses';
    case SavingTariff = 'correct.saving_tariff';
    case Payback = 'correct.payback';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::RunningEnergy => 'Energy in a year',
            self::RunningCost => 'Energy in a year, cost',
            self::MachineLoss => 'Lost in the driven machine in a year',
            self::MachineLossCost => 'Lost in the driven machine in a year, cost',
            self::UpgradeEnergy => 'Energy that the other motor saves in a year',
            self::UpgradeSaving => 'Saved in a year by the other motor',
            self::UpgradePayback => 'The other motor pays after',
            self::LossSaving => 'Losses saved upstream',
            self::SavingLosses => 'Saved in a year by less losses',
            self::SavingTariff => 'Saved in a year by the tariff',
            self::Payback => 'The correction pays after',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::RunningEnergy, self::MachineLoss, self::UpgradeEnergy => Unit::WattHour,
            self::LossSaving => Unit::Watt,
            self::UpgradePayback, self::Payback => Unit::Year,
            default => Unit::None,
        };
    }

    public function station(): Station
    {
        return str_starts_with($this->value, 'power.') ? Station::Power : Station::Correct;
    }
}
