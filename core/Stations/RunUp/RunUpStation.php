<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Words;
use BraveAnvil\Physics\Machine\TurningMotor;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\SizedRun;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Source\Inverter;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Method\StartSetup;
use BraveAnvil\Stations\Start\Motion\ChangeoverRule;
use BraveAnvil\Stations\Start\Motion\FeedReader;
use BraveAnvil\Stations\Start\Motion\Impedance;
use BraveAnvil\Stations\Start\Motion\InertiaReader;
use BraveAnvil\Stations\Start\Motion\LoadReader;
use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StagedPlan;
use BraveAnvil\Stations\Start\Motion\Train;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\Practice\RunUpPractice;

/**
 * Whether the motor brings its load up, how long that takes, and what it costs. It stands under Start, and is computed once the
 * conductors are chosen, whose impedance it meets. What cannot be simulated rests on a timed run-up, or waits.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class RunUpStation
{
    /** @var list<FieldPath> fields without which no start can be worked out */
    private const NEEDS = [
        'starter.method', 'starter.changeover.by', 'starter.changeover.value', 'starter.tap_percent', 'starter.current_limit',
        'starter.ramp_time', 'starter.initial_voltage', 'starter.gap', 'starter.transition', 'starter.drive_input_current',
        'supply.source', 'supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r',
        'supply.generator_kva', 'supply.subtransient_percent', 'supply.transient_percent', 'load.machine', 'load.kind', 'load.torque_percent', 'load.inertia', 'load.speed_ratio', 'load.breakaway_percent', 'load.points',
        'plate.inertia', 'starter.run_up_time',
    ];

    /** Fields without which no dip can be told. */
    private const SOURCE = [
        'supply.source', 'supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r',
        'supply.generator_kva', 'supply.subtransient_percent', 'supply.transient_percent', 'starter.tap_percent', 'starter.current_limit',
    ];

    /** Supply and plate may differ by so much in frequency, in parts of one. */
    private const SAME_FREQUENCY = 0.02;

    private RunUpPractice $runUp;

    public function __construct(private Words $words, private Practice $practice)
    {
        $this->runUp = $practice->runUp();
    }

    /** @return Starting the same with its times, and with the run-up where it can be worked out */
    public function solve(Circuit $circuit, Motor $motor, Load $load, Starting $starting, ?Cabling $cabling, Ledger $ledger): Starting
    {
        $running = $this->running($circuit, $motor, $load, $starting, $cabling, $ledger);
        $surge = Inverter::of($circuit)?->surgeTime;
        $time = $running->timed ?? $running->runUpTime;
        if ($surge !== null && $time !== null && $running->method?->isolates() !== true) {
            self::surgeTime($surge, $time, $ledger);
        }

        return $running;
    }

    /**
     * @param  Figure  $surge  how long the inverter gives more than its rating, s
     * @param  Figure  $time  of the start, s
     */
    private static function surgeTime(Figure $surge, Figure $time, Ledger $ledger): void
    {
        if ($time->number() > $surge->number()) {
            $ledger->caution(StartFinding::SurgeTooShort)->title('The start outlasts the surge time of the inverter')
                ->because('The start takes '.$time->shown(3).($time->assumed() ? ' (assumed)' : '').', the inverter gives its surge for '.
                    $surge->shown(3).'.')
                ->do('Choose an inverter with a longer surge time, or a soft starter with a lower limit.')
                ->source(HowKnown::CommonPractice)->on(StartFigure::RunUpTime)->about('supply.surge_seconds');
        }
    }

    private function running(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        ?Cabling $cabling,
        Ledger $ledger,
    ): Starting {
        $method = $starting->method;
        if ($method === null || $method->refusal($circuit, $motor, $this->words) !== null) {
            return (new StartTimes($this->practice))->solve($circuit, $starting, $ledger);
        }
        $ready = $this->ready($circuit, $motor, $load, $cabling);
        if ($ready === null) {
            RunUpVerdicts::notChecked($circuit, $motor, self::otherFrequency($circuit, $motor), $ledger);
            $this->standstillDip($circuit, $motor, $load, $starting, $method, $cabling, $ledger);

            return (new StartTimes($this->practice))->solve($circuit, $starting, $ledger);
        }
        $reader = new InertiaReader($this->runUp, $this->words);
        $rotor = $reader->ofMotor($circuit, $motor);
        $driven = $rotor === null ? null : $reader->ofLoad($circuit, $ready->load, $rotor);
        $timed = $circuit->missing('starter.run_up_time') ? null : $circuit->number('starter.run_up_time');
        if ($rotor === null || ($driven === null && $timed === null)) {
            $ledger->missing('load.inertia', 'Enter the load inertia or a timed start: there is no usual inertia for such a load.');
            $this->standstillDip($circuit, $motor, $load, $starting, $method, $cabling, $ledger);

            return (new StartTimes($this->practice))->solve($circuit, $starting, $ledger);
        }
        $plan = $method->plan($ready->setup);
        $train = new Train($ready->setup->motor, $ready->load->load, $rotor->number() + ($driven?->number() ?? $rotor->number()));
        $work = $ledger->work(StartFigure::Inertia);
        if ($timed !== null && $circuit->missing('load.inertia')) {
            $train = Stopwatch::inertia($plan, $train, $timed->number(), $rotor->number());
            if ($train === null) {
                RunUpVerdicts::stopwatchImpossible($timed, $ledger);
                $this->standstillDip($circuit, $motor, $load, $starting, $method, $cabling, $ledger);

                return (new StartTimes($this->practice))->solve($circuit, $starting, $ledger);
            }
            $inertia = InertiaReader::timed($work, $timed, $train->inertia)->write();
            RunUpVerdicts::byStopwatch($inertia, $timed, $ledger);
        } else {
            $inertia = InertiaReader::total($work, $rotor, $driven ?? $rotor)->write();
        }
        $runUp = $this->run($motor, $plan, $train, $ready);
        $figures = (new RunUpFigures($this->runUp, $ledger))
            ->write($circuit, $motor, $method, $runUp, $inertia, $ready->load, $load);
        (new RunUpVerdicts($this->runUp, $this->words, $ledger))->judge($circuit, $motor, $method, $starting, $runUp, $figures, $timed);
        $ledger->curve(new TorqueSpeedCurve($runUp, $method, $this->words));
        $ledger->curve(new CourseCurve($runUp, $method, $this->words));

        if ($timed !== null && $figures->time === null) {
            // Worked out it stays behind, and somebody timed how it came up.
            return $starting->running(null, $timed, $figures->stageTime ?? $timed);
        }
        $running = $starting->running($runUp, $figures->time, $figures->stageTime);

        return $timed === null || $circuit->missing('load.inertia') ? $running : $running->timed($timed);
    }

    private function standstillDip(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Starting $starting,
        StartingMethod $method,
        ?Cabling $cabling,
        Ledger $ledger,
    ): void {
        // An impedance at one frequency says nothing of another.
        if (! $circuit->bad(...self::SOURCE) && ! self::otherFrequency($circuit, $motor)) {
            (new StandstillDip($this->practice, $ledger))->solve($circuit, $motor, $load, $starting, $method, $cabling);
        }
    }

    /**
     * The same motor and load with another starter, and nothing written down.
     *
     * @param  Cabling|null  $cabling  that this starter wants
     * @return RunUp|null null where it cannot be worked out
     */
    public function attempt(Circuit $circuit, Motor $motor, Load $load, StartingMethod $method, ?Cabling $cabling, Train $train): ?RunUp
    {
        $ready = $this->ready($circuit, $motor, $load, $cabling);

        return $ready === null ? null : $this->run($motor, $method->plan($ready->setup), $train, $ready);
    }

    /** Motor and load of a circuit whose own starter is refused, so that others can be tried; null where they are not known. */
    public function train(Circuit $circuit, Motor $motor, Load $load): ?Train
    {
        $ready = $this->ready($circuit, $motor, $load, null);
        $reader = new InertiaReader($this->runUp, $this->words);
        $rotor = $reader->ofMotor($circuit, $motor);
        $driven = $ready === null || $rotor === null ? null : $reader->ofLoad($circuit, $ready->load, $rotor);

        return $ready === null || $rotor === null || $driven === null
            ? null : new Train($ready->setup->motor, $ready->load->load, $rotor->number() + $driven->number());
    }

    private function run(Motor $motor, Plan $plan, Train $train, RunUpReady $ready): RunUp
    {
        $course = $plan->run($train);
        // Less torque is up at the same speed, later: a motor that settles lower stays behind.
        $up = $course->runUpTime === null ? null : StagedPlan::UP * $course->steadySpeed;
        $worst = $plan->run($train, $this->runUp->worstTorqueShare(), $course->changeover?->time, $up);
        $fit = $motor->fit;

        return new RunUp($train, $plan, $course, $worst, $ready->feed, [
            ...$ready->feed->assumptions, ...$fit === null || $fit->typical === [] ? [] : [$fit->typicalWords()],
            ...$fit?->machine === null ? ['the motor curve from its nameplate values'] : [],
        ], $ready->setup->ratedTorque);
    }

    private function ready(Circuit $circuit, Motor $motor, Load $load, ?Cabling $cabling): ?RunUpReady
    {
        $turning = $motor->fit?->turning($this->practice->starting()->lockedRotorPowerFactor()->value);
        $supply = $motor->supplyVoltage;
        $rated = $load->ratedCurrent();
        $driven = LoadReader::read($circuit, $motor);
        if ($turning === null || $supply === null || $rated === null || $driven === null || $motor->ratedTorque === null
            || $motor->speed === null || $circuit->bad(...self::NEEDS) || self::otherFrequency($circuit, $motor)) {
            return null;
        }
        $feed = FeedReader::read(
            $circuit, $supply, self::impedance($cabling?->line), self::impedance($cabling?->motor), $this->runUp, $motor->wires,
        );

        return new RunUpReady($feed, $driven, new StartSetup(
            $feed->feed, $turning, self::changeover($circuit, $turning), $rated->number(), $motor->ratedTorque->number(),
            $motor->speed->number(), $this->driveInput($circuit, $motor, $load, $supply), $this->runUp->driveTorque(),
        ));
    }

    /** Of each conductor of a run; none where it is not chosen. */
    private static function impedance(?SizedRun $run): Impedance
    {
        return $run === null ? Impedance::none() : new Impedance($run->resistance, $run->reactance);
    }

    private static function changeover(Circuit $circuit, TurningMotor $motor): ChangeoverRule
    {
        $value = $circuit->number('starter.changeover.value');

        return match (true) {
            $value === null => ChangeoverRule::usual(),
            $circuit->chosen('starter.changeover.by', ChangeoverBy::class) === ChangeoverBy::Speed => ChangeoverRule::at(
                $value->number() / 100 * $motor->synchronousSpeed(),
            ),
            default => ChangeoverRule::after($value->number()),
        };
    }

    /** Line current of a drive at rated output, A: typed, else by what drives usually lose and distort. */
    private function driveInput(Circuit $circuit, Motor $motor, Load $load, Figure $supply): float
    {
        $typed = $circuit->number('starter.drive_input_current');
        if ($typed !== null) {
            return $typed->number();
        }
        $input = $load->input?->number() ?? 0.0;

        return $input / $this->runUp->driveEfficiency() / $this->runUp->drivePowerFactor() / (sqrt(3) * $supply->number());
    }

    private static function otherFrequency(Circuit $circuit, Motor $motor): bool
    {
        $supply = $circuit->number('supply.frequency')?->number();
        $rated = $motor->frequency?->number();

        return $supply !== null && $rated !== null && abs($supply / $rated - 1) > self::SAME_FREQUENCY;
    }
}
