<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;

/** What a rule book says of the protective device: the rating it picks, its bounds, and every rating it looked at. */
final readonly class ScpdChoice
{
    /**
     * @param  list<Rung>  $ladder
     * @param  Figure|null  $rating  the one picked, A; null when none fits
     * @param  Figure|null  $limit  percentage times current, A, unrounded; null where the book has none
     * @param  Figure|null  $maximum  largest standard rating permitted without exception, A
     * @param  list<FindingBuilder>  $findings
     * @param  bool  $explained  whether the findings say already why none fits
     * @param  bool  $certain  whether a rating that does not carry the start is sure to be wrong; a rule of thumb is not
     * @param  Figure|null  $setting  of an instantaneous trip, which has no rating, A
     * @param  Figure|null  $exceptionLimit  largest that the exception for starting allows, A, unrounded
     * @param  Figure|null  $exceptionRating  largest standard rating under it, A
     * @param  Figure|null  $allowed  largest rating of a device that is there already, A, where the exception is used; else `maximum`
     * @param  Figure|null  $groundingBasis  rating by which a grounding conductor goes where the device has none, A
     */
    public function __construct(
        public array $ladder,
        public ?Figure $rating = null,
        public ?Figure $limit = null,
        public ?Figure $maximum = null,
        public array $findings = [],
        public bool $explained = false,
        public bool $certain = false,
        public ?Figure $setting = null,
        public ?Figure $exceptionLimit = null,
        public ?Figure $exceptionRating = null,
        public ?Figure $allowed = null,
        public ?Figure $groundingBasis = null,
    ) {
    }
}
