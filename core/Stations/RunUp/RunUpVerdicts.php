<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\StartFigure;
use BraveAnvil\Stations\Start\StartFinding;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\RunUpPractice;

/**
 * What a run-up means for the person who stands before the starter.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class RunUpVerdicts
{
    private const OWN = 'calculated here';

    /** By how much a timed start may differ from the computed one, in parts of one. */
    private const TIMED_APART = 0.2;

    /** By how much of rated torque a load may be off before it counts as too large, in parts of one. */
    private const LOAD_ABOVE = 0.01;

    public function __construct(private RunUpPractice $practice, private Words $words, private Ledger $ledger)
    {
    }

    /** @param  Figure|null  $timed  run-up time that somebody typed beside an inertia, s */
    public function judge(
        Circuit $circuit,
        Motor $motor,
        StartingMethod $method,
        Starting $starting,
        RunUp $runUp,
        RunUpTimes $times,
        ?Figure $timed,
    ): void {
        if ($motor->fit?->machine === null) {
            $this->ledger->note(StartFinding::RunUpByStamps)->title('Run-up calculated from an approximate torque curve')
                ->because('No motor model fits this nameplate'.
                    ($motor->fit?->refusal === null ? '.' : ': '.Show::inside($motor->fit->refusal)).
                    ' Torque and current over speed are drawn through the nameplate values instead.')
                ->do('Read Ia/In, Tst/Tn, Tmax/Tn and the speed again.')->source(self::OWN)->on(StartFigure::BreakdownSpeed);
        }
        $this->stall($method, $runUp, $times, $timed);
        $this->changeover($circuit, $runUp, $times);
        $this->dips($circuit, $runUp, $times, $method);
        if ($timed !== null && ! $circuit->missing('load.inertia')) {
            $this->compare($timed, $times->time);
        }
        $least = $this->practice->torqueMargin();
        if ($times->margin !== null && $times->stall === null && $times->margin->number() < $least) {
            $this->ledger->caution(StartFinding::TorqueMarginLow)->title('Small torque margin')
                ->because('At one speed the motor gives only '.$times->margin->shown(3).' times the load torque. At least '.
                    Show::number($least).' times is required here.')
                ->do('Expect a longer start at low voltage, or use a starter with more torque.')->source(HowKnown::CommonPractice)
                ->on(StartFigure::TorqueMargin);
        }
        $this->overload($circuit, $runUp);
        $this->lockedRotorTime($circuit, $runUp, $times);
        $sentence = (new RunUpSentence($this->words))->of($circuit, $method, $starting, $runUp, $times);
        $this->ledger->say(Station::Start, $sentence);
    }

    private function stall(StartingMethod $method, RunUp $runUp, RunUpTimes $times, ?Figure $timed): void
    {
        $course = $runUp->course;
        if ($times->stall !== null) {
            $forced = $course->runUpTime !== null;
            $standing = $times->stall->number() <= 0;
            // Somebody timed a start that went well: then the model is wrong, not the motor.
            $rests = array_diff($times->stall->assumptions, $runUp->feed->assumptions) !== [] || ! $runUp->stallsOnAnySupply();
            $finding = $rests || $timed !== null
                ? $this->ledger->caution(StartFinding::Stalls) : $this->ledger->stop(StartFinding::Stalls);
            $finding->title($standing ? 'The motor cannot start this load' : 'The motor stalls at '.$times->stall->shown(3))
                ->because(
                    ($standing
                        ? 'Starting torque '.Show::quantity($course->first()->shaft, Unit::NewtonMetre, 3).', load '.
                        Show::quantity($course->first()->load, Unit::NewtonMetre, 3).'.'
                        : 'At that speed the motor torque only equals the load torque.').
                    ($forced ? ' The load starts only when the timer switches to full voltage, with almost the current '.
                    'of a direct-on-line start.' : ''),
                )
                ->do((in_array('starter.current_limit', $method->settings(), true) ? 'Raise the current limit, choose' : 'Choose').
                    ' a starter with more torque, or reduce the load during the start.')->source(self::OWN)
                ->on(StartFigure::StallSpeed, StartFigure::StandstillTorque)->about('starter.method');

            return;
        }
        $worst = $runUp->worst;
        if ($worst->stallSpeed === null && $worst->runUpTime !== null) {
            return;
        }
        $stays = $worst->stallSpeed ?? $worst->reducedSpeed ?? 0.0;
        $certain = $worst->runUpTime === null && $times->time?->assumed() === false;
        ($certain ? $this->ledger->stop(StartFinding::StallsAtWorst) : $this->ledger->caution(StartFinding::StallsAtWorst))
            ->title('The motor may stall during the start')
            ->because('The standard allows 15 % less torque. The motor then '.
                ($stays <= 0 ? 'cannot start the load' : 'stalls at '.Show::quantity($stays, Unit::Rpm, 3)).
                ($worst->runUpTime === null ? '.' : ' until the timer switches to full voltage.'))
            ->do('Choose a starter with more torque, or reduce the load during the start.')
            ->source(Standard::Iec60034_1->at('tolerance of the starting torque'))->on(StartFigure::RunUpTime)->about('starter.method');
    }

    /** A motor comes up with far more than it can carry for good. */
    private function overload(Circuit $circuit, RunUp $runUp): void
    {
        $asked = $runUp->finalLoad();
        $allowed = $circuit->number('plate.service_factor')?->number() ?? 1.0;
        if ($asked === null || $asked <= $allowed + self::LOAD_ABOVE) {
            return;
        }
        $this->ledger->caution(StartFinding::LoadAboveRating)->title('Load above the motor rating')
            ->because('At '.Show::quantity($runUp->course->steadySpeed, Unit::Rpm).' the load needs '.
                Show::quantity(100 * $asked, Unit::Percent, 3).' of rated torque'.
                ($allowed > 1 ? '; the service factor allows '.Show::quantity(100 * $allowed, Unit::Percent, 3) : '').
                '. The motor starts, but it will overheat; a correctly set relay will trip.')
            ->do('Check the load again. If it stays this high, use a larger motor.')->source('the nameplate')
            ->on(StartFigure::SteadySpeed)
            ->about($circuit->chosen('load.kind', LoadKind::class) === LoadKind::Points ? 'load.points' : 'load.torque_percent');
    }

    private function changeover(Circuit $circuit, RunUp $runUp, RunUpTimes $times): void
    {
        $change = $runUp->course->changeover;
        $reduced = $times->reducedSpeed;
        if ($change === null) {
            if ($reduced !== null && $times->stall === null) {
                $top = $runUp->train->synchronousSpeed();
                $this->ledger->stop(StartFinding::ChangeoverNever)->title('The starter never changes over')
                    ->because('The first stage stops accelerating at '.$reduced->shown(4).', '.
                        Show::quantity(100 * $reduced->number() / $top, Unit::Percent, 3).
                        ' of synchronous speed, below the set changeover speed.')
                    ->do('Set it to '.Show::number(97 * $reduced->number() / $top, 3).' % or less, or use a timer.')
                    ->source(self::OWN)->on(StartFigure::ReducedSpeed)->about('starter.changeover.value');
            }

            return;
        }
        $percent = 100 * $change->speed / $runUp->train->synchronousSpeed();
        $minimum = $circuit->number('settings.changeover_minimum')?->number() ?? $this->practice->changeoverMinimum();
        if ($times->stall === null && $percent < $minimum && $times->changeoverCurrent !== null) {
            $very = $percent < $this->practice->earlyChangeover();
            $this->ledger->caution(StartFinding::ChangeoverEarly)
                ->title($very ? 'Changeover much too early' : 'Changeover too early')
                ->because('At '.Show::quantity($percent, Unit::Percent, 3).' of synchronous speed the second stage still draws '.
                    $times->changeoverCurrent->shown(3).' from the line'.
                        ($very ? ', so reduced-voltage starting gains almost nothing.' : '.').
                        ($reduced === null ? '' : ' The first stage can reach '.$reduced->shown(4).'.'))
                ->do($circuit->missing('starter.changeover.value')
                    ? 'The first stage cannot reach more: use a starter with more torque.' : 'Set a longer time.')
                ->source(HowKnown::CommonPractice)->on(StartFigure::ChangeoverSpeed, StartFigure::ChangeoverCurrent)
                ->about('starter.changeover.value');
        }
        $by = $circuit->chosen('starter.changeover.by', ChangeoverBy::class);
        if ($by === ChangeoverBy::Hand && $times->changeoverCurrent !== null) {
            $falls = $this->lineBefore($runUp);
            $this->ledger->note(StartFinding::ChangeoverByHand)->title('Manual changeover')
                ->because('Watch the ammeter. Change over when the current has dropped to about '.Show::quantity($falls, Unit::Ampere, 2).
                    ' and is steady'.($times->first === null ? '' : ', but not before '.$times->first->shown(2)).'.')
                ->do('If it has not dropped after '.Show::quantity(1.5 * $change->time, Unit::Second, 2).', switch off and find the cause.')
                ->source(self::OWN)->on(StartFigure::TimerFirst, StartFigure::TimerLast);
        }
        if ($times->stall === null && $by !== ChangeoverBy::Speed && ! $circuit->missing('starter.changeover.value')
            && $reduced !== null && $change->speed >= 0.9995 * $reduced->number()) {
            $settled = $runUp->held($change->time);
            $after = null;
            foreach ($settled === null ? [] : $settled->nodes as $i => $node) {
                if ($node->speed >= 0.97 * $reduced->number()) {
                    $after = $settled->times[$i] ?? null;
                    break;
                }
            }
            if ($after !== null) {
                $this->ledger->note(StartFinding::ChangeoverLate)->title('Timer set too long')
                    ->because('The first stage reaches its final speed, '.$reduced->shown(4).', after about '.
                        Show::quantity($after, Unit::Second, 2).'. More time only heats the motor and starter.')
                    ->do('Set the timer to '.Show::quantity(RunUpSentence::rounded($after), Unit::Second).'.')->source(self::OWN)
                    ->on(StartFigure::ReducedSpeed)->about('starter.changeover.value');
            }
        }
    }

    private function lineBefore(RunUp $runUp): float
    {
        $last = $runUp->course->first()->flow->line;
        foreach ($runUp->course->moments as $moment) {
            if ($moment->phase->value !== 'first') {
                break;
            }
            $last = $moment->node->flow->line;
        }

        return $last;
    }

    private function dips(Circuit $circuit, RunUp $runUp, RunUpTimes $times, StartingMethod $method): void
    {
        if ($runUp->feed->feed->source === null) {
            $this->dipNotChecked($circuit, $times);

            return;
        }
        (new DipVerdicts($this->practice, $this->ledger))->judge($circuit, $runUp, $times, $method);
    }

    private function dipNotChecked(Circuit $circuit, RunUpTimes $times): void
    {
        if ($circuit->source() === SupplySource::Inverter) {
            return;
        }
        $finding = $this->ledger->note(StartFinding::DipNotChecked)->title('Voltage dip not checked');
        if ($circuit->source() === SupplySource::Generator) {
            $finding->because('The rating of the generator is not entered'.
                ($times->leastGenerator === null ? '.' : ': this start wants at least '.$times->leastGenerator->shown(3).'.'))
                ->do('Read kVA, X″d and X′d on the plate or data sheet of the alternator.')->about('supply.generator_kva');

            return;
        }
        $finding->because('Neither a fault level nor a transformer with its impedance is entered: the supply is taken as stiff.')
            ->do('Enter them under Supply: a weak supply lengthens every start.')->about('supply.transformer_kva');
    }

    private function compare(Figure $timed, ?Figure $computed): void
    {
        if ($computed === null || abs($timed->number() / $computed->number() - 1) <= self::TIMED_APART) {
            return;
        }
        $longer = $timed->number() > $computed->number();
        $this->ledger->caution(StartFinding::RunUpDiffers)->title('The timed start does not match')
            ->because('Timed '.$timed->shown(3).', calculated '.$computed->shown(3).'.')
            ->do($longer
                ? 'Check for low voltage, a heavier load or a larger inertia than entered.'
                : 'The inertia or load is smaller than entered. Clear the inertia field to calculate it from the timed start.')
            ->source(self::OWN)->on(StartFigure::RunUpTime)->about('starter.run_up_time');
    }

    private function lockedRotorTime(Circuit $circuit, RunUp $runUp, RunUpTimes $times): void
    {
        $typed = $circuit->number('plate.locked_rotor_time');
        $used = $times->lockedRotorTime;
        if ($typed === null || $used === null) {
            return;
        }
        if ($used->number() > $typed->number()) {
            $finding = $used->assumed() ? $this->ledger->caution(StartFinding::LockedRotorTimeExceeded)
                : $this->ledger->stop(StartFinding::LockedRotorTimeExceeded);
            $finding->title('Rotor overheats on this start')
                ->because('The start heats the rotor as much as '.$used->shown(3).' at locked rotor. The nameplate allows '.
                    $typed->shown().'.')
                ->do('Reduce the load during the start, or use a motor for heavy starting.')->source('the nameplate')
                ->on(StartFigure::LockedRotorTime)->about('plate.locked_rotor_time');
        }
    }

    /** Why there is no run-up, and which field would bring it. */
    public static function notChecked(Circuit $circuit, Motor $motor, bool $otherFrequency, Ledger $ledger): void
    {
        [$why, $do, $field] = self::missing($circuit, $motor, $otherFrequency);
        $finding = $ledger->note(StartFinding::RunUpNotChecked)->title('Run-up not checked')->because($why)->do($do)
            ->on(StartFigure::RunUpTime);
        if ($field !== null) {
            $finding->about($field);
        }
    }

    /** @return array{string, string, FieldPath|null} */
    private static function missing(Circuit $circuit, Motor $motor, bool $otherFrequency): array
    {
        return match (true) {
            $motor->onePhase => [
                'There is no reliable motor model of a single-phase motor: its start winding is not on the nameplate.',
                'Time a start from rest and enter the run-up time. Watch that the start switch opens.', 'starter.run_up_time',
            ],
            $otherFrequency => [
                'The supply frequency differs from the nameplate, and the motor model does not cover that.',
                'Enter the nameplate values for this frequency.', 'plate.frequency',
            ],
            $circuit->chosen('load.kind', LoadKind::class) === null => [
                'The driven machine is not entered, so it is not known whether the motor reaches full speed.',
                'Enter the driven machine. Until then, watch the first start.', 'load.machine',
            ],
            $circuit->chosen('load.kind', LoadKind::class) === LoadKind::Points && $circuit->pairs('load.points') === null => [
                'The load curve is to be given by points, and none are entered.', 'Enter speed and torque of at least two points.',
                'load.points',
            ],
            $motor->poles === null || $motor->speed === null => [
                'Without the rated speed the torque curve of the motor is not known.', 'Enter the rated speed from the nameplate.',
                'plate.speed',
            ],
            $motor->output === null => [
                'Without the output the motor torque is not known.', 'Enter the output from the nameplate.', 'plate.power',
            ],
            $motor->fit?->plate === null => [
                'Starting current and torque of this motor are not known, and there are no usual values for its size.',
                'Enter Ia/In, Tst/Tn and Tmax/Tn.', 'plate.start_current_ratio',
            ],
            default => ['A field that it depends on has an error.', 'Correct the marked field.', null],
        };
    }

    public static function byStopwatch(Figure $inertia, Figure $timed, Ledger $ledger): void
    {
        $ledger->note(StartFinding::InertiaByStopwatch)->title('Inertia calculated from the timed start')
            ->because('A run-up of '.$timed->shown(3).' means '.$inertia->shown(3).' at the motor shaft.')
            ->do('Time the start again if the load changes.')->source(self::OWN)->on(StartFigure::Inertia)->about('starter.run_up_time');
    }

    public static function stopwatchImpossible(Figure $timed, Ledger $ledger): void
    {
        $ledger->caution(StartFinding::StopwatchImpossible)->title('The timed start does not suit this motor and load')
            ->because('No inertia gives a run-up of '.$timed->shown(3).
                ': either the motor alone takes longer, or the load is more than it can start.')
            ->do('Check the load and the starting method, and time the start again. Until then the entered time is '.
                'used as it is.')->source(self::OWN)
            ->on(StartFigure::RunUpTime)->about('starter.run_up_time');
    }
}
