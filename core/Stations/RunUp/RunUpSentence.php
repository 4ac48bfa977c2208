<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Starting;

/** The outcome of a run-up in one or two sentences. */
final readonly class RunUpSentence
{
    public function __construct(private Words $words)
    {
    }

    public function of(Circuit $circuit, StartingMethod $method, Starting $starting, RunUp $runUp, RunUpTimes $times): string
    {
        $name = ucfirst(Show::inside($method->name()->label($this->words)));
        $machine = $circuit->chosen('load.machine', DrivenMachine::class);
        $load = $machine === null || $machine === DrivenMachine::Other ? 'this load' : 'this '.Show::inside($machine->label($this->words));
        if ($times->stall !== null) {
            return $name.($times->stall->number() <= 0 ? ' cannot start '.$load.': it does not break away.' : ' cannot bring '.$load.
                ' up to speed: it stalls at '.$times->stall->shown(3).'.');
        }
        if ($times->time === null) {
            return $name.' cannot bring '.$load.' up to speed.';
        }
        $worst = match (true) {
            $times->worst === null => ' (worst case: does not reach full speed)',
            $times->worst->shown(3) === $times->time->shown(3) => '',
            default => ' (worst case '.$times->worst->shown(3).')',
        };
        $whole = $times->time->shown(3).$worst;
        $change = $runUp->course->changeover;
        if ($change === null || $times->reducedSpeed === null) {
            return $name.' start of '.$load.': '.$times->time->shown(3).' to full speed'.$worst.', line current up to '.
                Show::quantity($runUp->course->peakLine(), Unit::Ampere, 3).'.';
        }
        if ($circuit->missing('starter.changeover.value')) {
            return $name.' start: the first stage reaches '.$times->reducedSpeed->shown(4).'. Set the timer to '.
                Show::quantity(self::rounded($change->time), Unit::Second).'; full speed after '.$whole.'.';
        }
        $by = match ($circuit->chosen('starter.changeover.by', ChangeoverBy::class)) {
            ChangeoverBy::Speed => 'speed switch', ChangeoverBy::Hand => 'manual',
            ChangeoverBy::Time, null => 'timer',
        };

        return $name.' start: changeover ('.$by.') after '.Show::quantity($change->time, Unit::Second, 3).' at '.
            Show::quantity($change->speed, Unit::Rpm, 4).'; '.$load.' is at full speed after '.$whole.'.';
    }

    /** As a timer is set: half seconds below ten, whole ones above. */
    public static function rounded(float $seconds): float
    {
        return $seconds < 10 ? ceil($seconds * 2 - 0.2) / 2 : ceil($seconds - 0.2);
    }
}
