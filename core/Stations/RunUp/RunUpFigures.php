<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Method\SeriesElement;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\Dip;
use BraveAnvil\Stations\Start\Motion\DrivePlan;
use BraveAnvil\Stations\Start\Motion\LoadReader;
use BraveAnvil\Stations\Start\Motion\Moment;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** Writes down what a run-up comes to, each figure with what it rests on. */
final class RunUpFigures
{
    private const SOURCE = 'calculated here: torque of the motor model over speed, voltage solved at each speed';

    /** @var array<string, Figure> what goes into all of them */
    private array $inputs = [];

    /** @var list<string> */
    private array $assumptions = [];

    public function __construct(private readonly RunUpPractice $practice, private readonly Ledger $ledger)
    {
    }

    /**
     * @param  Figure  $inertia  of all, kg·m²
     * @param  LoadReader  $driven  what the motor turns
     * @param  Load  $load  what the motor draws
     */
    public function write(
        Circuit $circuit,
        Motor $motor,
        StartingMethod $method,
        RunUp $runUp,
        Figure $inertia,
        LoadReader $driven,
        Load $load,
    ): RunUpTimes {
        $this->assumptions = $runUp->assumptions;
        $this->inputs = array_filter(['TL' => $driven->torque, 'V' => $motor->supplyVoltage, 'Tn' => $motor->ratedTorque]);
        $course = $runUp->course;
        $staged = $runUp->plan instanceof StagedPlan && $runUp->plan->first !== null;
        $standing = $runUp->plan->firstStage($runUp->train)[0];
        $drives = $runUp->plan instanceof DrivePlan;
        $this->put(StartFigure::BreakdownSpeed, $runUp->train->breakdownSpeed(), 'speed of the largest motor torque');
        $this->put(StartFigure::SteadySpeed, $course->steadySpeed > 0 ? $course->steadySpeed : null,
            'where motor torque and load torque are equal');
        $this->put(StartFigure::StandstillCurrent, $drives ? null : $standing->flow->line, 'E / √3 over all impedances at standstill');
        $this->put(StartFigure::StandstillTorque, $standing->shaft, 'at the voltage remaining at standstill');
        $this->element($method, $runUp);
        $stall = $this->put(
            StartFigure::StallSpeed, $course->stallSpeed, 'where torque and load are equal below the speed of the breakdown torque',
        );
        $reduced = $staged ? $this->put(StartFigure::ReducedSpeed, $course->reducedSpeed, 'where the first stage meets the load') : null;
        $this->inputs = ['J' => $inertia, ...$this->inputs];
        $time = $this->put(StartFigure::RunUpTime, $course->runUpTime, '∫ J dω / (T − T_load), to 98 % of the final speed');
        $worst = $course->runUpTime === null ? null : $this->put(
            StartFigure::RunUpTimeWorst, $runUp->worst->runUpTime,
            'the same with '.Show::number(100 * $this->practice->worstTorqueShare()).' % of the torque',
        );
        // What follows from the course of the start rests on all that its time rests on.
        $this->inputs = $time === null ? $this->inputs : ['t' => $time];
        $change = $course->changeover;
        $stageTime = $change === null ? ($staged ? null : $time) : $this->put(
            $method->stageTime(), $change->time, $this->changeoverReason($circuit),
        );
        $changeoverCurrent = null;
        if ($change !== null) {
            $this->put(StartFigure::ChangeoverSpeed, $change->speed, 'speed at the changeover');
            $this->put(StartFigure::SpeedAfterGap, $change->speedAfterGap, 'after coasting during the changeover interval');
            $changeoverCurrent = $this->put(
                StartFigure::ChangeoverCurrent, $change->after->flow->line, 'steady rms, after the first cycles',
            );
            $this->put(StartFigure::ChangeoverDip, Dip::ofBus($runUp->feed->feed, $change->after->flow->bus), '1 − V/E at the bus');
        }
        $first = $staged ? $this->put(
            StartFigure::TimerFirst, $runUp->earliestChangeover($this->practice->changeoverCurrentShare()),
            'until the second stage takes no more than '.Show::number(100 * $this->practice->changeoverCurrentShare()).
            ' % of its standstill current',
        ) : null;
        $volts = $runUp->feed->feed->volts;
        $atBus = Dip::atBus($runUp->plan, $runUp->train, $course);
        $dip = $this->put(StartFigure::VoltageDip, $atBus, '100 (1 − V/E), first stage, standstill'.self::volts($atBus, $volts));
        $atMotor = Dip::atMotor($runUp->plan, $runUp->train, $method);
        $dipAtMotor = $this->put(
            StartFigure::DipAtMotor, $atMotor,
            '100 (1 − V/E) at the terminals, standstill'.self::volts($atMotor, ($method->terminalShare() ?? 1.0) * $volts),
        );
        $least = GeneratorStart::of($circuit, $runUp->feed, $this->practice)?->write(
            $runUp->plan, $runUp->train, $course->peakLine(), $change?->speedAfterGap, $load,
            $this->inputs, $this->assumptions, $this->ledger,
        );
        $this->put(StartFigure::PeakLineCurrent, $course->peakLine(), 'largest steady rms of the start');
        $margin = $this->put(StartFigure::TorqueMargin, $runUp->torqueMargin(), 'lowest T/T_load up to the speed of the breakdown torque');
        $this->put(StartFigure::TorqueStep, $runUp->torqueStep($method, $this->practice), '2 × the largest step of the steady torque');
        if ($course->runUpTime !== null && ! $drives) {
            $this->heat($motor, $runUp);
        }

        return new RunUpTimes(
            $time, $stageTime, $worst, $stall, $reduced, $changeoverCurrent, $first, $dip, $dipAtMotor, $margin,
            $this->lockedRotorTime($circuit, $runUp), $least,
        );
    }

    private function put(StartFigure $name, ?float $value, string $says): ?Figure
    {
        return $value === null ? null : $this->ledger->work($name)->from(...$this->inputs)->equals($value)->saying($says)
            ->source(self::SOURCE)->assuming(...$this->assumptions)->write();
    }

    /** What a dip leaves, in volts, behind its working. */
    private static function volts(?float $dip, float $from): string
    {
        return $dip === null ? '' : ': '.Show::quantity($from * $dip / 100, Unit::Volt, 3).' of '.Show::quantity($from, Unit::Volt, 4);
    }

    private function changeoverReason(Circuit $circuit): string
    {
        return match (true) {
            $circuit->number('starter.changeover.value') === null => 'until 97 % of the speed that the first stage reaches',
            $circuit->chosen('starter.changeover.by', ChangeoverBy::class) === ChangeoverBy::Speed => 'until the entered speed is reached',
            default => 'as entered',
        };
    }

    private function element(StartingMethod $method, RunUp $runUp): void
    {
        if (! $method instanceof SeriesElement) {
            return;
        }
        $element = $method->element($runUp->train->point(0.0));
        $this->put(
            StartFigure::SeriesResistance, $element->resistance > 0 ? $element->resistance : null,
            '√((Z/k)² − X²) − R at standstill',
        );
        $this->put(
            StartFigure::SeriesReactance, $element->reactance > 0 ? $element->reactance : null, '√((Z/k)² − R²) − X at standstill',
        );
    }

    private function heat(Motor $motor, RunUp $runUp): void
    {
        $course = $runUp->course;
        $top = $runUp->train->synchronousSpeed();
        $rotor = $course->rotorHeat($top);
        $stator = $course->statorHeat();
        $this->put(StartFigure::RotorEnergy, $rotor, '∫ s ω_s T dt');
        $this->put(StartFigure::I2t, $course->lineEnergy(), '∫ I² dt in the line');
        $whole = $stator === null ? null : $this->put(StartFigure::StartEnergy, $rotor + $stator, '∫ (s ω_s T + 3 I² R₁) dt');
        $machine = $runUp->train->motor;
        if ($whole === null || ! $machine instanceof Machine || $motor->output === null || $motor->efficiency === null) {
            return;
        }
        $slip = max(1e-6, 1 - $course->steadySpeed / $top);
        $steady = $machine->at($slip);
        $may = $motor->output->number() * (1 / $motor->efficiency->number() - 1);
        $spare = 3600 * ($may - ($steady['real'] - $steady['output'])) / $whole->number();
        $this->put(
            // A motor at its very rating has none to spare, whatever rounding leaves.
            StartFigure::StartsPerHour, $spare > 1e-6 ? $spare : null,
            '3600 (losses at rated load − losses at this load) / heat of a start',
        );
    }

    /** ∫ (I_winding / I_locked rotor)² dt: how long a locked rotor would have taken to heat it as much. */
    private function lockedRotorTime(Circuit $circuit, RunUp $runUp): ?Figure
    {
        if ($circuit->number('plate.locked_rotor_time') === null || $runUp->course->runUpTime === null) {
            return null;
        }
        $standing = $runUp->train->point(0.0)->impedance();
        $ohms = static fn (Moment $at): float => $runUp->train->point($at->node->speed)->impedance();

        return $this->put(
            StartFigure::LockedRotorTime,
            $runUp->course->integral(static fn (Moment $at): float => ($at->node->flow->voltage * $standing / $ohms($at)) ** 2),
            '∫ (I / I_LR)² dt in the winding',
        );
    }
}
