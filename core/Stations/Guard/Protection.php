<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;

/** What protects the circuit. */
final readonly class Protection
{
    /**
     * @param  Figure|null  $rating  of the protective device, A; null where none fits, or it has a setting only
     * @param  Figure|null  $setting  of a device that trips at once and has no rating, A
     * @param  Device|null  $device  what it carries and clears; null where no standard curve tells that
     * @param  Figure|null  $groundingBasis  rating by which a grounding conductor goes, A
     * @param  Rung|null  $rung  its place among the standard ratings; null where it is none of them
     * @param  OverloadResult|null  $overload  null while its place is not settled
     */
    public function __construct(
        public Scpd $scpd,
        public ?Figure $rating,
        public ?Figure $setting,
        public ?Device $device,
        public ?Figure $groundingBasis,
        public ?Rung $rung,
        public ?OverloadResult $overload,
    ) {
    }
}
