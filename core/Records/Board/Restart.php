<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;

/** Which motors come back by themselves after a blackout, and when: as many at once as dip and device bear. Common practice. */
final readonly class Restart
{
    private const FIRST_DELAY = 3.0;

    private const MARGIN = 2.0;

    /** Run-up of a motor of which nobody knows it, s. */
    private const UNKNOWN_RUN_UP = 10.0;

    /**
     * @param  list<BoardMotor>  $motors  all of the board
     * @param  float  $limit  deepest dip, %
     */
    public function __construct(
        private array $motors,
        private BoardDemand $demand,
        private BoardNetwork $network,
        private FeederDocument $document,
        private RestartBearing $bearing,
        private float $limit,
    ) {
    }

    /**
     * Circuits of which nobody said whether they restart.
     *
     * @param  list<BoardMotor>  $motors
     */
    public static function tellUnsaid(array $motors, Ledger $ledger): void
    {
        $unsaid = array_filter($motors, static fn (BoardMotor $motor): bool => $motor->restarts === null);
        if ($unsaid !== []) {
            $ledger->note(FeederFinding::RestartNotSaid)->title('Restart of some circuits not specified')
                ->because(implode(', ', array_map(static fn (BoardMotor $motor): string => $motor->tag, array_slice($unsaid, 0, 8))).
                    (count($unsaid) > 8 ? ' and '.(count($unsaid) - 8).' more' : '').
                    (count($unsaid) === 1 ? ' is' : ' are').' not in the timetable.')
                ->do('Say for each circuit whether it restarts by itself.');
        }
    }

    /** @return list<RestartStep> */
    public function solve(Ledger $ledger): array
    {
        $queue = $this->queue();
        foreach ($queue as $motor) {
            if ($motor->isSaw) {
                $ledger->stop(FeederFinding::RestartSaw)->title($motor->tag.' must not restart by itself')
                    ->because('It drives a saw.')->do('Let it be started by hand only.');
            }
        }
        if ($queue === []) {
            return [];
        }
        $this->blackout($queue, $ledger);
        $steps = $this->steps($queue, $ledger);
        $last = $steps[count($steps) - 1];
        $ledger->work(FeederFigure::RestartSteps)->equals(count($steps))->write();
        $ledger->work(FeederFigure::RestartTime)->equals($last->at + $last->runUp)->saying('last step and its run-up')->write();
        $deepest = max(array_map(static fn (RestartStep $step): float => $step->dip ?? 100.0, $steps));
        $ledger->work(FeederFigure::RestartDip)->equals($deepest)->write();
        $share = $this->bearing->fuseShare($steps);
        if ($share !== null) {
            $ledger->work(FeederFigure::RestartFuseShare)->equals($share)->saying('of what the fuse bears, all steps together')->write();
            if ($share > 1 + 1e-6) {
                $ledger->caution(FeederFinding::RestartFuse)->title('The feeder fuse may melt during the restart')
                    ->because('All steps together take '.Show::number($share, 3).' of what it is sure to bear.')
                    ->do('Use a longer margin between the steps.')->on(FeederFigure::RestartFuseShare);
            }
        }

        return $steps;
    }

    /** @return list<BoardMotor> in the order in which they come back */
    private function queue(): array
    {
        $queue = [];
        foreach ($this->motors as $place => $motor) {
            if ($motor->restarts === true) {
                $queue[] = [$motor->priority, -($motor->startCurrent ?? 0.0), $place, $motor];
            }
        }
        usort($queue, static fn (array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        $taken = [];
        $first = [];
        foreach ($queue as [, , , $motor]) {
            // Of those that never run together, the first.
            if ($motor->interlock !== '' && isset($taken[$motor->interlock])) {
                continue;
            }
            $taken[$motor->interlock] = true;
            $first[] = $motor;
        }

        return $first;
    }

    /** @param  non-empty-list<BoardMotor>  $queue */
    private function blackout(array $queue, Ledger $ledger): void
    {
        $dip = $this->dip([], $queue);
        if ($dip !== null) {
            $figure = $ledger->work(FeederFigure::BlackoutDip)->equals($dip)->saying('all that restart, at once')->write();
        }
        if ($dip === null || $dip > $this->limit * (1 + 1e-6)) {
            $ledger->caution(FeederFinding::RestartAtOnce)->title('After a blackout not all may start at once')
                ->because(($dip === null ? 'The voltage would collapse' : 'The voltage would fall '.$figure->shown(3).' below nominal').
                    '; the limit is '.Show::number($this->limit).' %.')
                ->do('Set the timers of the timetable.')->source(HowKnown::CommonPractice)->on(FeederFigure::BlackoutDip);
        }
    }

    /**
     * @param  non-empty-list<BoardMotor>  $queue
     * @return non-empty-list<RestartStep>
     */
    private function steps(array $queue, Ledger $ledger): array
    {
        $at = ceil($this->document->restart('first_delay') ?? self::FIRST_DELAY);
        $margin = $this->document->restart('margin') ?? self::MARGIN;
        $up = [];
        $steps = [];
        while ($queue !== []) {
            $opens = array_shift($queue);
            $step = [$opens];
            $dip = $this->dip($up, $step);
            if ($dip === null || $dip > $this->limit * (1 + 1e-6)) {
                $ledger->caution(FeederFinding::RestartDip)->title('Restart of '.$opens->tag.' dips the board too far')
                    ->because($dip === null ? 'The voltage collapses at its start.' : 'The voltage falls '.Show::quantity($dip,
                        Unit::Percent, 3).
                        ' below nominal; the limit is '.Show::number($this->limit).' %.')
                    ->do('Use a softer start.')->on(FeederFigure::RestartDip);
            }
            $left = [];
            $closed = null;
            foreach ($dip === null || $dip > $this->limit * (1 + 1e-6) ? [] : $queue as $motor) {
                $with = [...$step, $motor];
                $then = $this->dip($up, $with);
                $joins = ($closed === null || $motor->priority <= $closed) && $then !== null && $then <= $this->limit * (1 + 1e-6)
                    && $this->bearing->bears($this->flows($up), $this->starts($with), $this->longest($with));
                if ($joins) {
                    [$step, $dip] = [$with, $then];
                } else {
                    $closed ??= $motor->priority;
                    $left[] = $motor;
                }
            }
            if ($dip === null || $dip > $this->limit * (1 + 1e-6)) {
                $left = $queue;
            }
            $longest = $this->longest($step);
            $steps[] = new RestartStep(
                count($steps) + 1, $at, array_map(static fn (BoardMotor $motor): string => $motor->tag, $step), $dip,
                $this->flows($up)->plus($this->starts($step))->size(), $longest,
            );
            $at = ceil($at + $longest + $margin - 1e-9);
            $up = [...$up, ...$step];
            $queue = $left;
        }

        return $steps;
    }

    /** @param  non-empty-list<BoardMotor>  $step */
    private function longest(array $step): float
    {
        return max(array_map(static fn (BoardMotor $motor): float => $motor->startSeconds ?? ($motor->isDrive ? 0.0
            : self::UNKNOWN_RUN_UP), $step));
    }

    /**
     * Of what is up and of other loads, A at nominal voltage.
     *
     * @param  list<BoardMotor>  $up
     */
    private function flows(array $up, bool $constantPower = false): Phasor
    {
        return $this->demand->after($up, $constantPower);
    }

    /** @param  list<BoardMotor>  $step */
    private function starts(array $step): Phasor
    {
        $sum = Phasor::zero();
        foreach ($step as $motor) {
            $sum = $sum->plus($motor->startCurrent === null ? Phasor::lagging($motor->current, $motor->powerFactor ?? 1.0)
                : Phasor::lagging($motor->startCurrent, $motor->startPowerFactor));
        }

        return $sum;
    }

    /**
     * From nominal, %; null where the voltage collapses.
     *
     * @param  list<BoardMotor>  $up
     * @param  list<BoardMotor>  $starting
     */
    private function dip(array $up, array $starting): ?float
    {
        $drives = array_values(array_filter($starting, static fn (BoardMotor $motor): bool => $motor->startCurrent === null));
        $still = array_values(array_filter($starting, static fn (BoardMotor $motor): bool => $motor->startCurrent !== null));
        $admittance = $this->demand->admittancesAfter()->scaled(sqrt(3) / $this->network->volts);
        foreach ($still as $motor) {
            $admittance = $admittance->plus(
                $motor->standstill() ?? Phasor::zero(),
            );
        }
        $power = $this->flows([...$up, ...$drives], true)->conjugate()->scaled(sqrt(3) * $this->network->volts);
        $at = $this->network->voltages($power, $admittance);

        return $at === null ? null : 100 * (1 - $at[0] / $this->network->volts);
    }
}
