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

    private const SAYS = [
        'power.running_energy' => ['Energy per year', Unit::WattHour],
        'power.running_cost' => ['Energy cost per year', Unit::None],
        'power.machine_loss_energy' => ['Energy lost in the driven machine per year', Unit::WattHour],
        'power.machine_loss_cost' => ['Cost of the energy lost in the driven machine per year', Unit::None],
        'power.upgrade_energy' => ['Energy saved per year by the better motor', Unit::WattHour],
        'power.upgrade_saving' => ['Savings per year from the better motor', Unit::None],
        'power.upgrade_payback' => ['Payback of the better motor', Unit::Year],
        'correct.loss_saving' => ['Losses saved in cable and transformer', Unit::Watt],
        'correct.saving_losses' => ['Savings per year from lower losses', Unit::None],
        'correct.saving_tariff' => ['Savings per year from the tariff', Unit::None],
        'correct.payback' => ['Payback of the correction', Unit::Year],
    ];

    public function station(): Station
    {
        return str_starts_with($this->value, 'power.') ? Station::Power : Station::Correct;
    }
}
