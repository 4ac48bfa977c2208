<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\Show;

/** What reduces the ampacity of a cable that lies in one way. */
final readonly class IecFactors
{
    /**
     * @param  float  $surrounding  factor of air or soil
     * @param  string  $surroundingText  how that reads
     * @param  float  $group  factor of the cables together
     * @param  int  $together  cables together
     * @param  float|null  $cool  ambient factor of the PVC column by which 70 °C terminals are judged; null where they are hotter
     * @param  list<EntryCorrection>  $corrections  entries of the site’s own among these factors
     * @param  Doubt|null  $groupDoubt  why memory is not sure of the grouping
     */
    public function __construct(
        public Installation $way,
        public bool $pvc,
        public Metal $metal,
        public float $surrounding,
        private string $surroundingText,
        public float $group,
        private int $together,
        public ?float $cool,
        public ?Doubt $groupDoubt,
        public array $corrections,
    ) {
    }

    /**
     * @param  float  $base  A, of one conductor by its way
     * @param  float  $coolBase  A, of the PVC column by which terminals are judged
     */
    public function working(int $sets, float $base, float $coolBase): string
    {
        $each = $sets > 1 ? $sets.' × ' : '';

        return $each.Show::number($base).' A × '.$this->surroundingText.' × '.Show::number($this->group).' for '.$this->together.
            ' grouped'.($this->cool === null ? '' : '; 70 °C terminals: '.$each.Show::number($coolBase).' A × '.Show::number($this->cool));
    }
}
