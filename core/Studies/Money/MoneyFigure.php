<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

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
            self::RunningEnergy => 'Energy per year',
            self::RunningCost => 'Energy cost per year',
            self::MachineLoss => 'Energy lost in the driven machine per year',
            self::MachineLossCost => 'Cost of the energy lost in the driven machine per year',
            self::UpgradeEnergy => 'Energy saved per year by the better motor',
            self::UpgradeSaving => 'Savings per year from the better motor',
            self::UpgradePayback => 'Payback of the better motor',
            self::LossSaving => 'Losses saved in cable and transformer',
            self::SavingLosses => 'Savings per year from lower losses',
            self::SavingTariff => 'Savings per year from the tariff',
            self::Payback => 'Payback of the correction',
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
