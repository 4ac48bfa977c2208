<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** One conductor size with its ampacities and impedance in a given run. */
final readonly class Candidate
{
    /**
     * @param  string  $size  name without unit, `16`, `1/0`, `250`
     * @param  float  $derated  A, after ambient and grouping
     * @param  float  $terminal  A, as its terminals allow
     * @param  float  $ohmPerKm  resistance at operating temperature
     * @param  float  $reactancePerKm  Ω
     * @param  string  $source  tables of the ampacity and its factors
     * @param  string  $impedanceSource  table of resistance and reactance
     * @param  string  $working  how the derated ampacity came about
     */
    public function __construct(
        public string $size,
        public float $areaMm2,
        public float $derated,
        public float $terminal,
        public float $ohmPerKm,
        public float $reactancePerKm,
        public string $working,
        public string $source,
        public string $impedanceSource,
        public ?string $uncertain,
    ) {
    }

    public function ampacity(): float
    {
        return min($this->derated, $this->terminal);
    }
}
