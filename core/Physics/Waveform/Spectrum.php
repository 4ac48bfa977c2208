<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** What one channel holds, over all whole cycles; its harmonics over ten or twelve of them. */
final readonly class Spectrum
{
    /**
     * @param  float  $rms  V or A
     * @param  float  $peak  the largest of both signs, V or A
     * @param  float  $mean  V or A
     * @param  float  $thd  %
     * @param  float  $fundamental  rms, V or A
     * @param  float  $angle  of the fundamental, °
     * @param  list<array{order: int, rms: float, percent: float, angle: float}>  $harmonics
     */
    public function __construct(
        public float $rms,
        public float $peak,
        public float $mean,
        public float $thd,
        public float $fundamental,
        public float $angle,
        public array $harmonics,
    ) {
    }
}
