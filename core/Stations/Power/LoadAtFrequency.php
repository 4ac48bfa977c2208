<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Plate\Motor;

/** What the load asks at the supply's frequency: speed follows it, and a fan takes the third power of speed. */
final class LoadAtFrequency
{
    /** Frequencies closer than this are the same, as a share. */
    private const SAME = 0.01;

    public static function check(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        $supply = $circuit->number('supply.frequency');
        $ratio = $supply === null || $motor->frequency === null ? 1.0 : $supply->number() / $motor->frequency->number();
        if ($supply === null || $motor->frequency === null || abs($ratio - 1) <= self::SAME) {
            return;
        }
        $percent = $circuit->number('load.torque_percent');
        $power = match ($circuit->chosen('load.kind', LoadKind::class)) {
            LoadKind::Constant => 1, LoadKind::Linear => 2, LoadKind::Quadratic => 3,
            LoadKind::ConstantPower, LoadKind::Points, null => null,
        };
        if ($power === null || $percent === null) {
            return;
        }
        $asked = $ledger
            ->work(PowerFigure::LoadAtSupplyFrequency)
            ->from(x: $percent, f: $supply, fn: $motor->frequency)
            ->as('x (f / f_n)^'.$power, '{x} × ({f} ÷ {fn})^'.$power)
            ->equals($percent->number() * $ratio ** $power)
            ->source('definition: speed follows frequency')
            ->write();
        $bears = 100 * max(1.0, $circuit->number('plate.service_factor')?->number() ?? 1.0);
        if ($asked->number() <= $bears * (1 + 1e-6)) {
            return;
        }
        $ledger
            ->stop(PowerFinding::LoadGrowsWithFrequency)
            ->title('Load above the motor output at this frequency')
            ->because(
                $percent->shown().' load at '.$motor->frequency->shown().'. At '.$supply->shown().' it runs '.Show::number($ratio, 3).
                    ' times as fast and takes '.$asked->shown(3).' of rated output. The motor can give '.Show::number($bears).' %.',
            )
            ->do('Throttle the load, change its pulleys, or choose a larger motor.')
            ->source('affinity laws: the power of the load varies with speed to the power of '.$power)
            ->on(PowerFigure::LoadAtSupplyFrequency)
            ->about('load.torque_percent', 'supply.frequency');
    }
}
