<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;

/** One conductor size with its ampacities and impedance in a given run. */
final readonly class SizeCandidate
{
    /**
     * @param  float  $derated  A, after ambient and grouping
     * @param  float  $terminal  A, as its terminals allow
     * @param  float  $ohmPerKm  resistance at operating temperature
     * @param  float  $reactancePerKm  Ω
     * @param  \Closure(): string  $how  how the derated ampacity came about; only the sizes that are written down are asked
     * @param  string  $source  tables of the ampacity and its factors
     * @param  string  $impedanceSource  table of resistance and reactance
     * @param  \Closure(): (Doubt|null)  $why  why the table entries are not sure, asked alike
     * @param  list<EntryCorrection>  $corrections  entries of the site's own behind its ampacity
     * @param  list<EntryCorrection>  $impedanceCorrections  the same behind resistance and reactance
     */
    public function __construct(
        public Conductor $conductor,
        public float $derated,
        public float $terminal,
        public float $ohmPerKm,
        public float $reactancePerKm,
        private \Closure $how,
        public string $source,
        public string $impedanceSource,
        private \Closure $why,
        public array $corrections = [],
        public array $impedanceCorrections = [],
    ) {
    }

    public function working(): string
    {
        return ($this->how)();
    }

    public function doubt(): ?Doubt
    {
        return ($this->why)();
    }

    /** A */
    public function ampacity(): float
    {
        return min($this->derated, $this->terminal);
    }
}
