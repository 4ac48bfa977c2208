<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How the motor is started. */
enum MethodName: string implements Choice
{
    case Direct = 'direct';
    case StarDelta = 'star_delta';
    case Autotransformer = 'autotransformer';
    case Resistor = 'resistor';
    case Reactor = 'reactor';
    case SoftStarter = 'soft_starter';
    case Drive = 'drive';

    /** Whether it joins the windings of a cage motor anew, so that no other kind of motor can be started by it. */
    public function needsCage(): bool
    {
        return $this === self::StarDelta;
    }

    /** Whether there are motors that cannot be started by it: straight on the line any can. */
    public function refusesMotors(): bool
    {
        return $this !== self::Direct;
    }

    public function label(Words $words): string
    {
        return match ($this) {
            self::Direct => 'Direct-on-line',
            self::StarDelta => ucfirst($words->starDelta),
            self::Autotransformer => 'Autotransformer',
            self::Resistor => 'Resistor',
            self::Reactor => 'Reactor',
            self::SoftStarter => 'Soft starter',
            self::Drive => 'Variable-speed drive',
        };
    }
}
