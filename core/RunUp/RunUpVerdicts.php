<?php

declare(strict_types=1);

namespace BraveAnvil\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Plate\Motor;
use BraveAnvil\RuleBook\Practice\RunUpPractice;
use BraveAnvil\RuleBook\RuleBook;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Motion\RunUp;
use BraveAnvil\Start\StartFigure;
use BraveAnvil\Start\StartFinding;
use BraveAnvil\Start\Starting;

/**
 * What a run-up means for the person who stands before the starter.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class RunUpVerdicts
{
    private const OWN = 'own computation';

    /** By how much a timed start may differ from the computed one, in parts of one. */
    private const TIMED_APART = 0.2;

    /** By how much of rated torque a load may be off before it counts as too large, in parts of one. */
    private const LOAD_ABOVE = 0.01;

    public function __construct(private RunUpPractice $practice, private RuleBook $book, private Ledger $ledger)
    {
    }

    /**
     * @param  Figure|null  $timed  run-up time that somebody typed beside an inertia, s
     */
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
            $this->ledger->note(StartFinding::RunUpByStamps)->title('The run-up rests on a rough curve')
                ->because('No equivalent circuit fits this plate'.
                    ($motor->fit?->refusal === null ? '.' : ': '.lcfirst($motor->fit->refusal)).
                    ' Torque and current over speed are drawn through the stamped points instead.')
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
            $this->ledger->caution(StartFinding::TorqueMarginLow)->title('Little torque to spare')
                ->because('At one speed the motor gives only '.$times->margin->shown(3).' times what the load asks; '.
                    Show::number($least).' is the least that is taken here.')
                ->do('Expect a longer start at low voltage; look for a starter with more torque.')->source('common practice, no source')
                ->on(StartFigure::TorqueMargin);
        }
        $this->overload($circuit, $runUp);
        $this->lockedRotorTime($circuit, $runUp, $times);
        $sentence = (new RunUpSentence($this->book->words()))->of($circuit, $method, $starting, $runUp, $times);
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
            $finding->title($standing ? 'It does not break away' : 'It stays behind at '.$times->stall->shown(3))
                ->because(
                    ($standing
                        ? 'At standstill there are '.Show::quantity($course->first()->shaft, Unit::NewtonMetre, 3).' against '.
                            Show::quantity($course->first()->load, Unit::NewtonMetre, 3).' of the load.'
                        : 'There the torque has fallen to what the load asks, far below full speed.').
                    ($forced ? ' Only the timer brings it on, with nearly the whole current of a direct start.' : ''),
                )
                ->do((in_array('starter.current_limit', $method->settings(), true) ? 'Raise the current limit, choose' : 'Choose').
                    ' a starter with more torque, or relieve the load while it starts.')->source(self::OWN)
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
            ->title('It may stay behind')
            ->because('The standard lets the motor’s torque be 15 % lower. Then it '.
                ($stays <= 0 ? 'does not break away' : 'stays behind at '.Show::quantity($stays, Unit::Rpm, 3)).
                ($worst->runUpTime === null ? '.' : ', until the timer forces the full voltage.'))
            ->do('Choose a starter with more torque, or relieve the load while it starts.')
            ->source('IEC 60034-1 tolerance of the starting torque (from memory)')->on(StartFigure::RunUpTime)->about('starter.method');
    }

    /** A motor comes up with far more than it can carry for good. */
    private function overload(Circuit $circuit, RunUp $runUp): void
    {
        $asked = $runUp->finalLoad();
        $allowed = $circuit->number('plate.service_factor')?->number() ?? 1.0;
        if ($asked === null || $asked <= $allowed + self::LOAD_ABOVE) {
            return;
        }
        $this->ledger->caution(StartFinding::LoadAboveRating)->title('More load than the motor is rated for')
            ->because('At '.Show::quantity($runUp->course->steadySpeed, Unit::Rpm).' the load asks '.
                Show::quantity(100 * $asked, Unit::Percent, 3).' of the rated torque'.
                ($allowed > 1 ? ', the service factor allows '.Show::quantity(100 * $allowed, Unit::Percent, 3) : '').
                '. It runs up, but it overheats, and a relay set to the plate trips.')
            ->do('Read the load again. If it stays so for longer than a short while, a larger motor is wanted.')->source('the plate')
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
                $this->ledger->stop(StartFinding::ChangeoverNever)->title('The changeover never comes')
                    ->because('The first stage settles at '.$reduced->shown(4).', '.
                        Show::quantity(100 * $reduced->number() / $top, Unit::Percent, 3).' of synchronous speed: below the typed one.')
                    ->do('Set it to '.Show::number(97 * $reduced->number() / $top, 3).' % or less, or change over by time.')
                    ->source(self::OWN)->on(StartFigure::ReducedSpeed)->about('starter.changeover.value');
            }

            return;
        }
        $percent = 100 * $change->speed / $runUp->train->synchronousSpeed();
        $minimum = $circuit->number('settings.changeover_minimum')?->number() ?? $this->practice->changeoverMinimum();
        if ($times->stall === null && $percent < $minimum && $times->changeoverCurrent !== null) {
            $very = $percent < $this->practice->earlyChangeover();
            $this->ledger->caution(StartFinding::ChangeoverEarly)
                ->title($very ? 'Far too early a changeover' : 'Early changeover')
                ->because('At '.Show::quantity($percent, Unit::Percent, 3).' of synchronous speed the second stage still takes '.
                    $times->changeoverCurrent->shown(3).' from the line'.
                    ($very ? ': the gentle start has gained next to nothing.' : '.').
                    ($reduced === null ? '' : ' The first stage would reach '.$reduced->shown(4).'.'))
                ->do($circuit->missing('starter.changeover.value')
                    ? 'The first stage reaches no more: look for a starter with more torque.' : 'Wait longer before it changes over.')
                ->source('common practice, no source')->on(StartFigure::ChangeoverSpeed, StartFigure::ChangeoverCurrent)
                ->about('starter.changeover.value');
        }
        $by = $circuit->chosen('starter.changeover.by', ChangeoverBy::class);
        if ($by === ChangeoverBy::Hand && $times->changeoverCurrent !== null) {
            $falls = $this->lineBefore($runUp);
            $this->ledger->note(StartFinding::ChangeoverByHand)->title('Change over by hand')
                ->because('Watch the ammeter: change over when it has fallen to about '.Show::quantity($falls, Unit::Ampere, 2).
                    ' and falls no further'.($times->first === null ? '' : ', not before '.$times->first->shown(2)).'.')
                ->do('If it has not fallen after '.Show::quantity(1.5 * $change->time, Unit::Second, 2).', switch off: something is wrong.')
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
                $this->ledger->note(StartFinding::ChangeoverLate)->title('The timer is longer than the run-up')
                    ->because('The first stage has settled at '.$reduced->shown(4).' after about '.Show::quantity($after, Unit::Second, 2).
                        '; the rest of the time only heats motor and starter.')
                    ->do('Set it to '.Show::quantity($after, Unit::Second, 2).'.')->source(self::OWN)
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
            $this->ledger->note(StartFinding::DipNotChecked)->title('Voltage dip not checked')
                ->because('Neither a fault level nor a transformer with its impedance is typed: the supply is taken as stiff.')
                ->do('Type them under Supply: a weak supply lengthens every start.')->about('supply.transformer_kva');

            return;
        }
        (new DipVerdicts($this->practice, $this->ledger))->judge($circuit, $runUp, $times, $method);
    }

    private function compare(Figure $timed, ?Figure $computed): void
    {
        if ($computed === null || abs($timed->number() / $computed->number() - 1) <= self::TIMED_APART) {
            return;
        }
        $longer = $timed->number() > $computed->number();
        $this->ledger->caution(StartFinding::RunUpDiffers)->title('The timed start differs')
            ->because('It was timed at '.$timed->shown(3).', computed are '.$computed->shown(3).'.')
            ->do($longer
                ? 'Look for a low voltage, a heavier load or a larger inertia than typed.'
                : 'The inertia or the load is smaller than typed: empty the inertia to have it taken from the stopwatch.')
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
            $finding->title('This start overheats the rotor')
                ->because('It heats the motor like '.$used->shown(3).' with a locked rotor; '.$typed->shown().' are stamped.')
                ->do('Choose a gentler load at the start, or a motor for heavy starting.')->source('the plate')
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
            $otherFrequency => [
                'The supply has another frequency than the plate, and no machine model is made for that.',
                'Type the plate’s values for this frequency.', 'plate.frequency',
            ],
            $circuit->chosen('load.kind', LoadKind::class) === null => [
                'What the motor drives is not said, so whether it comes up to speed is not known.',
                'Say what it drives. Until then watch the first start.', 'load.machine',
            ],
            $circuit->chosen('load.kind', LoadKind::class) === LoadKind::Points && $circuit->loadPoints() === null => [
                'The load goes by points, and none are typed.', 'Type speed and torque of at least two points.', 'load.points',
            ],
            $motor->poles === null || $motor->speed === null => [
                'Without the rated speed the motor’s torque over speed is not known.', 'Type the speed from the plate.', 'plate.speed',
            ],
            $motor->output === null => [
                'Without the output the motor’s torque is not known.', 'Type the power from the plate.', 'plate.power',
            ],
            $motor->fit?->plate === null => [
                'Starting current and torque of this motor are not known, and nothing is usual for its size.',
                'Type Ia/In, Tst/Tn and Tmax/Tn.', 'plate.start_current_ratio',
            ],
            default => ['A field that it rests on cannot be used.', 'Mend the marked field.', null],
        };
    }

    public static function byStopwatch(Figure $inertia, Figure $timed, Ledger $ledger): void
    {
        $ledger->note(StartFinding::InertiaByStopwatch)->title('Inertia from the stopwatch')
            ->because('With '.$inertia->shown(3).' at the motor’s shaft the run-up takes the timed '.$timed->shown(3).'.')
            ->do('Time it again when the load has changed.')->source(self::OWN)->on(StartFigure::Inertia)->about('starter.run_up_time');
    }

    public static function stopwatchImpossible(Figure $timed, Ledger $ledger): void
    {
        $ledger->caution(StartFinding::StopwatchImpossible)->title('The timed start does not fit this motor and load')
            ->because('No inertia gives a run-up of '.$timed->shown(3).
                ': even the motor alone takes longer, or the load is more than the motor can start so.')
            ->do('Check load and method, and time the start again. Until then the typed time stands alone.')->source(self::OWN)
            ->on(StartFigure::RunUpTime)->about('starter.run_up_time');
    }
}
