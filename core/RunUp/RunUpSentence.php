<?php

declare(strict_types=1);

namespace BraveAnvil\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Words;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;
use BraveAnvil\Start\Method\StartingMethod;
use BraveAnvil\Start\Motion\RunUp;
use BraveAnvil\Start\Starting;

/** The outcome of a run-up in one or two sentences. */
final readonly class RunUpSentence
{
    public function __construct(private Words $words)
    {
    }

    public function of(Circuit $circuit, StartingMethod $method, Starting $starting, RunUp $runUp, RunUpTimes $times): string
    {
        $name = ucfirst(lcfirst($method->name()->label($this->words)));
        $machine = $circuit->chosen('load.machine', DrivenMachine::class);
        $load = $machine === null || $machine === DrivenMachine::Other ? 'this load' : 'this '.lcfirst($machine->label($this->words));
        if ($times->stall !== null) {
            return $name.' does not bring '.$load.' up: '.
                ($times->stall->number() <= 0 ? 'it does not break away.' : 'it stays behind at '.$times->stall->shown(3).'.');
        }
        if ($times->time === null) {
            return $name.' does not bring '.$load.' up to speed.';
        }
        $worst = $times->worst === null ? ', at its worst not at all' : ', '.$times->worst->shown(3).' at worst';
        $whole = $times->time->shown(3).$worst;
        $change = $runUp->course->changeover;
        if ($change === null || $times->reducedSpeed === null) {
            return $name.' brings '.$load.' up in '.$whole.', with '.
                Show::quantity($runUp->course->peakLine(), Unit::Ampere, 3).' from the line at most.';
        }
        if ($circuit->missing('starter.changeover.value')) {
            return $name.' carries '.$load.' to '.$times->reducedSpeed->shown(4).'. Set the timer to '.
                Show::quantity(self::rounded($change->time), Unit::Second).'; it is up after '.$whole.'.';
        }
        $by = match ($circuit->chosen('starter.changeover.by', ChangeoverBy::class)) {
            ChangeoverBy::Speed => 'by speed', ChangeoverBy::Hand => 'by hand', default => 'by the timer',
        };

        return $name.' changes over '.$by.' at '.Show::quantity($change->speed, Unit::Rpm, 4).' after '.
            Show::quantity($change->time, Unit::Second, 3).'; '.$load.' is up after '.$whole.'.';
    }

    /** As a timer is set: half seconds below ten, whole ones above. */
    private static function rounded(float $seconds): float
    {
        return $seconds < 10 ? ceil($seconds * 2 - 0.2) / 2 : ceil($seconds - 0.2);
    }
}
