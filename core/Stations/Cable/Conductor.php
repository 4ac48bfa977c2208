<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Ground\Unit;

/** A conductor as a rule book names it. */
final readonly class Conductor
{
    /**
     * @param  string  $name  without unit, `16`, `1/0`, `250`
     * @param  int  $sets  how many lie parallel
     * @param  string  $text  with its unit, `16 mm²`, `1/0 AWG`
     * @param  int|float|string  $value  as a figure holds it: a number in mm², or text with AWG or kcmil
     */
    public function __construct(
        public string $name,
        public float $areaMm2,
        public Metal $metal,
        public int $sets,
        public string $text,
        public int|float|string $value,
    ) {
    }

    /** Of its value in a figure. */
    public function unit(): Unit
    {
        return is_string($this->value) ? Unit::None : Unit::SquareMillimetre;
    }
}
