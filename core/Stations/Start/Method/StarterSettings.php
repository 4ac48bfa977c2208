<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\Transition;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\RunUpPractice;

/**
 * What is set on a starter, typed or as it usually is. A setting is read when its method asks for it, so that one which no method
 * asks for is known to be unused.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class StarterSettings
{
    private function __construct(private Circuit $circuit, private RunUpPractice $practice)
    {
    }

    public static function of(Circuit $circuit, RunUpPractice $practice): self
    {
        return new self($circuit, $practice);
    }

    /** Motor volts over line volts of an autotransformer, %. */
    public function tap(): Figure
    {
        return $this->typed('starter.tap_percent', 'Tap', $this->practice->tap(), Unit::Percent);
    }

    /** Standstill current through a resistor or reactor, % of that direct on line. */
    public function seriesCurrent(): Figure
    {
        return $this->typed('starter.tap_percent', 'Current at standstill', $this->practice->seriesCurrent(), Unit::Percent);
    }

    /** Of a soft starter, % of rated current. */
    public function currentLimit(): Figure
    {
        return $this->typed('starter.current_limit', 'Current limit', $this->practice->currentLimit(), Unit::Percent);
    }

    /** Of a soft starter, % of the full voltage. */
    public function initialVoltage(): Figure
    {
        return $this->typed('starter.initial_voltage', 'Initial voltage', $this->practice->initialVoltage(), Unit::Percent);
    }

    /** Of a soft starter or drive, s. */
    public function rampTime(): Figure
    {
        return $this->typed('starter.ramp_time', 'Ramp time', $this->practice->rampTime(), Unit::Second);
    }

    /** Between two stages, s. */
    public function gap(): Figure
    {
        return $this->typed('starter.gap', 'Changeover interval', $this->practice->gap(), Unit::Second);
    }

    /** Whether the motor keeps its supply at the changeover. */
    public function closed(): bool
    {
        return $this->circuit->chosen('starter.transition', Transition::class) === Transition::Closed;
    }

    /** Line current of a drive at rated output, A; null where nobody typed it. */
    public function driveInput(): ?Figure
    {
        return $this->circuit->number('starter.drive_input_current');
    }

    /** @param  FieldPath  $path */
    private function typed(string $path, string $label, float $usual, Unit $unit): Figure
    {
        return $this->circuit->number($path)
            ?? Figure::step($label, $usual, $unit)->withAssumption(Show::inside($label).' '.Show::quantity($usual, $unit));
    }
}
