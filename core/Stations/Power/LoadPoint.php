<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

/** What a motor gives and draws at one load. */
final readonly class LoadPoint
{
    /**
     * @param  float  $share  of rated output, per unit
     * @param  float  $output  W
     * @param  float  $input  W
     * @param  float  $reactive  var
     * @param  float  $current  A
     * @param  float|null  $slip  %, null where no machine tells it
     */
    public function __construct(
        public float $share,
        public float $output,
        public float $input,
        public float $reactive,
        public float $current,
        public ?float $slip,
    ) {
    }

    /** Per unit. */
    public function efficiency(): float
    {
        return $this->output / $this->input;
    }

    /** Real over apparent power; of the magnitude, it does not tell leading. */
    public function powerFactor(): float
    {
        return $this->input / hypot($this->input, $this->reactive);
    }
}
