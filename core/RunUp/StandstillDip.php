<?php

declare(strict_types=1);

namespace BraveAnvil\RunUp;

use BraveAnvil\Cable\Cabling;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Machine\StandingMotor;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Power\Load;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Method\StartSetup;
use BraveAnvil\Start\Motion\ChangeoverRule;
use BraveAnvil\Start\Motion\Dip;
use BraveAnvil\Start\Motion\DrivenLoad;
use BraveAnvil\Start\Motion\FeedReader;
use BraveAnvil\Start\Motion\Impedance;
use BraveAnvil\Start\Motion\RampPlan;
use BraveAnvil\Start\Motion\StagedPlan;
use BraveAnvil\Start\Motion\Train;
use BraveAnvil\Start\StandstillPowerFactor;
use BraveAnvil\Start\StartFigure;
use BraveAnvil\Start\Starting;

/**
 * The dip at switching on where no run-up is worked out: it needs the source and the starting current, and nothing of the load.
 */
final readonly class StandstillDip
{
    private const SOURCE = 'calculated here: the rotor impedance at standstill, with source and conductors in series';

    public function __construct(private Practice $practice, private Ledger $ledger)
    {
    }

    public function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        StartingMethod $method,
        ?Cabling $cabling,
    ): void {
        $current = $starting->figures->lockedRotorCurrent;
        $volts = $motor->ratedVoltage();
        $rated = $load->ratedCurrent();
        if ($current === null || $volts === null || $rated === null || $motor->supplyVoltage === null || $method->isolates()) {
            return;
        }
        $feed = FeedReader::read(
            $circuit, $motor->supplyVoltage, self::impedance($cabling, true), self::impedance($cabling, false), $this->practice->runUp(),
        );
        if ($feed->feed->source === null) {
            return;
        }
        $factor = (new StandstillPowerFactor($this->practice->starting()))->solve($circuit, $motor, new Ledger);
        $standing = new StandingMotor($volts->number(), $current->number(), $factor->number());
        $plan = $method->plan(new StartSetup($feed->feed, $standing, ChangeoverRule::usual(), $rated->number(), 1.0, 1.0, 0.0, 1.0));
        $train = new Train($standing, new DrivenLoad(LoadKind::Constant, 0.0, 1.0), 1.0);
        $bus = match (true) {
            $plan instanceof StagedPlan => $plan->standstill($train)->bus,
            $plan instanceof RampPlan => $plan->full->busAt($train->point(0.0), $plan->largestStanding($train)),
            default => null,
        };
        $dip = $bus === null ? null : Dip::ofBus($feed->feed, $bus);
        if ($dip === null) {
            return;
        }
        $write = fn (StartFigure $name, float $percent, string $says, float $from): Figure => $this->ledger->work($name)
            ->from(I: $current, cos: $factor)->equals($percent)
            ->saying($says.': '.Show::quantity($from * $percent / 100, Unit::Volt, 3).' of '.Show::quantity($from, Unit::Volt, 4))
            ->source(self::SOURCE)->assuming(...$feed->assumptions)->write();
        $figure = $write(StartFigure::VoltageDip, $dip, '100 (1 − V/E), first stage, standstill', $feed->feed->volts);
        $terminals = Dip::atMotor($plan, $train, $method);
        $atMotor = $terminals === null ? null : $write(
            StartFigure::DipAtMotor, $terminals, '100 (1 − V/E) at the terminals, standstill',
            ($method->terminalShare() ?? 1.0) * $feed->feed->volts,
        );
        (new DipVerdicts($this->practice->runUp(), $this->ledger))->tell($circuit, $feed, $figure, null, $atMotor, false);
    }

    private static function impedance(?Cabling $cabling, bool $line): Impedance
    {
        $run = $line ? $cabling?->line : $cabling?->motor;

        return $run === null ? Impedance::none() : new Impedance($run->resistance, $run->reactance);
    }
}
