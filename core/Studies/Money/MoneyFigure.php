<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What a year costs, and what correction or another motor saves. Amounts are in the tariff's money. */
enum MoneyFigure: string implements FigureName
{
    use FigureWords;

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

    private function says(): array
    {
        return match ($this) {
            self::RunningEnergy => ['Energy per year', Unit::WattHour],
            self::RunningCost => ['Energy cost per year', Unit::None],
            self::MachineLoss => ['Energy lost in the driven machine per year', Unit::WattHour],
            self::MachineLossCost => ['Cost of the energy lost in the driven machine per year', Unit::None],
            self::UpgradeEnergy => ['Energy saved per year by the better motor', Unit::WattHour],
            self::UpgradeSaving => ['Savings per year from the better motor', Unit::None],
            self::UpgradePayback => ['Payback of the better motor', Unit::Year],
            self::LossSaving => ['Losses saved in cable and transformer', Unit::Watt],
            self::SavingLosses => ['Savings per year from lower losses', Unit::None],
            self::SavingTariff => ['Savings per year from the tariff', Unit::None],
            self::Payback => ['Payback of the correction', Unit::Year],
        };
    }

    public function station(): Station
    {
        return str_starts_with($this->value, 'power.') ? Station::Power : Station::Correct;
    }
}
