<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\StandingMotor;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Method\StartSetup;
use BraveAnvil\Stations\Start\Motion\ChangeoverRule;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\DrivenLoad;
use BraveAnvil\Stations\Start\Motion\FeedReader;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\RampPlan;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use BraveAnvil\Stations\Start\StandstillPowerFactor;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/** The dip at switching on where no run-up is worked out: it needs the source and the starting current, and nothing of the load. */
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
            $motor->wires,
        );
        $generator = GeneratorStart::of($circuit, $feed, $this->practice->runUp());
        if ($feed->feed->source === null && $generator === null) {
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
        $least = $generator?->write(
            $plan, $train, $plan instanceof RampPlan ? $plan->largestStanding($train) : 0.0, null, $load,
            ['I' => $current, 'cos' => $factor], $feed->assumptions, $this->ledger,
        );
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
        (new DipVerdicts($this->practice->runUp(), $this->ledger))->tell($circuit, $feed, $figure, null, $atMotor, false, $least);
    }

    private static function impedance(?Cabling $cabling, bool $line): Impedance
    {
        $run = $line ? $cabling?->line : $cabling?->motor;

        return $run === null ? Impedance::none() : new Impedance($run->resistance, $run->reactance);
    }
}
