<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Source;

/** What a rule book asks of a capacitor and its leads. */
final readonly class CapacitorRules
{
    /**
     * @param  float  $conductorFactor  of capacitor current
     * @param  bool  $thirdOfMotorConductors  whether its leads need a third of the motor conductors' ampacity
     * @param  float|null  $largestFuseFactor  of capacitor current, that its fuse may not pass; null where the book sets none
     * @param  list<float>  $fuseRatings  A
     * @param  float|null  $disconnectFactor  of capacitor current, null where the book sets none
     * @param  float  $contactorFactor  of capacitor current, for a contactor of its own
     * @param  Doubt|null  $disconnectDoubt  why memory is not sure whether a disconnect of its own is asked for
     * @param  float|null  $longestBareTapMetres  longest leads at the motor that the motor's own device may protect, null where the book sets none
     */
    public function __construct(
        public float $conductorFactor,
        public bool $thirdOfMotorConductors,
        public float $fuseFactor,
        public ?float $largestFuseFactor,
        public array $fuseRatings,
        public ?float $disconnectFactor,
        public float $contactorFactor,
        public ?float $longestBareTapMetres,
        public ?Doubt $disconnectDoubt,
        public float $residualVolts,
        public float $dischargeSeconds,
        public Source|string $conductorSource,
        public Source|string $fuseSource,
        public Source|string $dischargeSource,
        public Source|string $exclusionSource,
    ) {
    }
}
