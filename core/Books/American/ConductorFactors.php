<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Ground\Show;

/** What reduces the ampacity of conductors of an American book. */
final readonly class ConductorFactors
{
    /**
     * @param  int  $insulation  °C
     * @param  int  $terminals  °C
     * @param  float  $ambient  factor on the column of the insulation
     * @param  float  $count  factor of the conductors together
     * @param  int  $together  conductors that carry current together
     * @param  bool  $correctsTerminals  whether the column of the terminals is reduced as well
     * @param  float  $terminalAmbient  factor of the ambient on that column
     */
    public function __construct(
        public int $insulation,
        public int $terminals,
        public float $ambient,
        public float $count,
        public int $together,
        public bool $correctsTerminals,
        public float $terminalAmbient,
    ) {
    }

    /**
     * @param  float  $base  A, of one conductor in the column of its insulation
     * @param  float  $limit  A, in the column of its terminals
     */
    public function working(int $sets, float $base, float $limit): string
    {
        $each = $sets > 1 ? $sets.' × ' : '';

        return $each.Show::number($base).' A ('.$this->insulation.' °C column) × '.Show::number($this->ambient).' ambient × '.
            Show::number($this->count).' for '.$this->together.' conductors; terminals '.$this->terminals.' °C: '.$each.
            Show::number($limit).' A'.
            ($this->correctsTerminals ? ' × '.Show::number($this->terminalAmbient).' × '.Show::number($this->count) : '');
    }
}
