<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** Even samples of voltages and currents, whose rate and fundamental are known. */
final readonly class Signals
{
    /** Samples a cycle. */
    public float $each;

    /** Whole cycles of the record. */
    public int $cycles;

    /** Samples of the whole cycles. */
    public float $length;

    /** Of the longest signal. */
    public int $samples;

    /**
     * @param  array<string, list<float>>  $values  V and A by role
     * @param  float  $rate  samples a second
     * @param  float  $frequency  Hz
     * @param  string  $system  `single`, `balanced` (phase volts), `line` (line volts), `three`
     */
    public function __construct(public array $values, public float $rate, public float $frequency, public string $system)
    {
        $this->samples = max(array_map(count(...), array_values($values)) + [0]);
        $this->each = $rate / $frequency;
        $this->cycles = max(1, (int) floor(($this->samples - 1) / $this->each + 1e-6));
        $this->length = $this->cycles * $this->each;
    }

    /** Cycles that harmonics are computed over: ten at 50 Hz, twelve at 60 Hz, IEC 61000-4-7 (from memory), or as many as there are. */
    public function window(): int
    {
        return min($this->cycles, $this->frequency > 55 ? 12 : 10);
    }

    /** The highest order that these samples can show. */
    public function orders(): int
    {
        return min(Analysis::ORDERS, max(1, (int) floor(0.45 * $this->each)));
    }
}
