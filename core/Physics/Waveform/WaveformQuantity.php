<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Ground\Labelled;
use BraveAnvil\Ground\Unit;

/** What is told of a captured waveform, of a channel, of a line, or of the whole. */
enum WaveformQuantity: string
{
    use Labelled;

    case Frequency = 'frequency';
    case Cycles = 'cycles';
    case HarmonicOrders = 'harmonic_orders';
    case Rms = 'rms';
    case Peak = 'peak';
    case Crest = 'crest';
    case Fundamental = 'fundamental';
    case Thd = 'thd';
    case Angle = 'angle';
    case Shift = 'shift';
    case Real = 'real';
    case Apparent = 'apparent';
    case Reactive = 'reactive';
    case PowerFactor = 'power_factor';
    case DisplacementFactor = 'displacement_factor';
    case Distortion = 'distortion';

    private const LABELS = [
        'frequency' => 'Fundamental frequency', 'cycles' => 'Whole cycles', 'harmonic_orders' => 'Harmonics up to', 'rms' => 'rms',
        'peak' => 'peak', 'crest' => 'crest factor', 'fundamental' => 'fundamental', 'thd' => 'THD',
        'angle' => 'Current lag behind voltage', 'shift' => 'Time shift', 'real' => 'Real power', 'apparent' => 'Apparent power',
        'reactive' => 'Reactive power of the fundamental', 'power_factor' => 'True power factor',
        'displacement_factor' => 'Displacement power factor', 'distortion' => 'Distortion power',
    ];

    /** Told of each channel of volts or amperes. */
    public function isOfChannel(): bool
    {
        return in_array($this, [self::Rms, self::Peak, self::Crest, self::Fundamental, self::Thd], true);
    }

    /** Told of each line where there are three. */
    public function isOfLine(): bool
    {
        return in_array($this, [self::Angle, self::Shift, self::Real, self::Apparent], true);
    }

    /** Of a channel it is volts or amperes by the channel. */
    public function unit(): Unit
    {
        return match ($this) {
            self::Frequency => Unit::Hertz,
            self::Thd => Unit::Percent,
            self::Angle => Unit::Degree,
            self::Shift => Unit::Second,
            self::Real => Unit::Watt,
            self::Apparent, self::Distortion => Unit::VoltAmpere,
            self::Reactive => Unit::Var,
            self::Cycles, self::HarmonicOrders, self::Rms, self::Peak, self::Crest, self::Fundamental, self::PowerFactor,
            self::DisplacementFactor => Unit::None,
        };
    }
}
