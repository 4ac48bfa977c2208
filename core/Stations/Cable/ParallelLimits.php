<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Ground\Source;

/** When conductors go parallel, and how small they may then be. */
final readonly class ParallelLimits
{
    /** Most sets that are looked at. */
    public const MOST_SETS = 6;

    /**
     * @param  string  $largestSingle  size beyond which parallel sets are looked for, unless the site says another
     * @param  string  $smallestCopper  size of each of several
     */
    public function __construct(
        public string $largestSingle,
        private string $smallestCopper,
        private string $smallestAluminium,
        public Source|string $source,
    ) {
    }

    /** Smallest size of each of several conductors in parallel. */
    public function smallest(Metal $metal): string
    {
        return $metal === Metal::Copper ? $this->smallestCopper : $this->smallestAluminium;
    }
}
