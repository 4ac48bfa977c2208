<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Tables\Practice\StartingPractice;

/** Power factor of a rotor that stands, direct on line: of the machine that has this plate, else as it usually is. */
final readonly class StandstillPowerFactor
{
    public function __construct(private StartingPractice $practice)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Ledger $ledger): Figure
    {
        $fit = $motor->fit;
        if ($fit?->machine === null) {
            $usual = $this->practice->lockedRotorPowerFactor();

            return $ledger->work(StartFigure::LockedRotorPowerFactor)->equals($usual->value)->source($usual->source)
                ->corrected($usual->correction)->assuming('locked-rotor power factor '.$usual->shown())->write();
        }
        $stand = $fit->machine->at(1.0);
        $inputs = array_filter([
            'Ia' => $circuit->number('plate.start_current_ratio'), 'Tst' => $circuit->number('plate.start_torque_ratio'),
            'Tmax' => $circuit->number('plate.breakdown_torque_ratio'), 'cos' => $motor->powerFactor, 'eta' => $motor->efficiency,
            's' => $motor->slip,
        ]);

        return $ledger->work(StartFigure::LockedRotorPowerFactor)->from(...$inputs)
            ->as('P / S at standstill', 'of the equivalent circuit fitted to the nameplate')
            ->equals($stand['real'] / hypot($stand['real'], $stand['reactive']))->source(HowKnown::Calculated)
            ->assuming($fit->typical === [] ? null : $fit->typicalWords())->write();
    }
}
