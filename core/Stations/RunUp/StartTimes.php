<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/** The times of a start that cannot be worked out: as somebody timed it, else a usual one, marked. */
final readonly class StartTimes
{
    public function __construct(private Practice $practice)
    {
    }

    public function solve(Circuit $circuit, Starting $starting, Ledger $ledger): Starting
    {
        $runUp = $this->runUpTime($circuit, $ledger);
        $stage = $starting->method?->changesOver() === true ? self::stageTime($circuit, $runUp, $starting, $ledger) : $runUp;

        return $starting->running(null, $runUp, $stage);
    }

    private function runUpTime(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $typed = $circuit->number('starter.run_up_time');
        if ($typed !== null) {
            return $ledger->work(StartFigure::RunUpTime)->from(t: $typed)->equals($typed->number())->source(HowKnown::Entered)->write();
        }
        if ($circuit->bad('starter.run_up_time')) {
            return null;
        }
        $usual = $this->practice->starting()->runUpTime();

        return $ledger->work(StartFigure::RunUpTime)->equals($usual->value)->source('assumed, because the run-up cannot be calculated')
            ->corrected($usual->correction)->assuming('a run-up time of '.$usual->shown().' s')->write();
    }

    /** How long the first stage lasts, s: as the timer is set, else as long as the run-up. */
    private static function stageTime(Circuit $circuit, ?Figure $runUpTime, Starting $starting, Ledger $ledger): ?Figure
    {
        if ($circuit->bad('starter.changeover.value', 'starter.changeover.by')) {
            return null;
        }
        $name = $starting->method?->stageTime() ?? StartFigure::StarTime;
        $value = $circuit->number('starter.changeover.value');
        if ($value !== null && $circuit->chosen('starter.changeover.by', ChangeoverBy::class) !== ChangeoverBy::Speed) {
            return $ledger->work($name)->from(t: $value)->equals($value->number())->source(HowKnown::Entered)->write();
        }

        return $runUpTime === null
            ? null
            : $ledger->put($runUpTime->named($name, 'the run-up time, because no changeover time is entered'));
    }
}
