<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\PlateFigure;
use BraveAnvil\Stations\Start\StartFinding;

/** A motor for one phase starts direct on line; electronics only where they are made for it. */
final class OnePhaseRefusal
{
    /** @return Refused|null null where this method starts such a motor, or where the motor is none */
    public static function of(StartingMethod $method, Circuit $circuit, Motor $motor, Words $words): ?Refused
    {
        $electronic = $method->name() === MethodName::SoftStarter;
        if (! $motor->onePhase || $method->takesAll() || ($electronic && $circuit->flag('starter.for_one_phase') === true)) {
            return null;
        }
        $why = match ($method->name()) {
            MethodName::StarDelta => 'A single-phase motor has a main winding and a start winding, and no star or delta.',
            MethodName::SoftStarter => 'At reduced voltage the start winding or its capacitor stays on too long and burns out, unless the '.
                'starter is made for single-phase motors.',
            MethodName::Drive => 'A drive feeds a three-phase motor. At reduced voltage and frequency the start switch of this motor '.
                'does not open, and its capacitor does not fit.',
            MethodName::Direct, MethodName::Autotransformer, MethodName::Resistor, MethodName::Reactor => 'Torque falls with the '.
                'square of the voltage, and the start winding or its capacitor stays on too long.',
        };
        $name = Show::inside($method->name()->label($words));

        return new Refused(
            Finding::stop(StartFinding::OnePhaseMethodRefused)
                ->title('No '.$name.' for a single-phase motor')
                ->because($why)
                ->do($electronic ? 'Start it direct-on-line, or set “Starter made for single-phase motors” to Yes once you have read that '.
                    'on the starter.' : 'Start it direct-on-line. If the start is too heavy for the supply, use a three-phase motor.')
                ->source(HowKnown::CommonPractice)->on(PlateFigure::Kind)->about('starter.method'),
            'A single-phase motor is not started by '.$name.'.',
            'the motor is single-phase',
        );
    }
}
