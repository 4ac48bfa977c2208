<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\FindingBuilder;

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
     */
    public function __construct(
        public array $ladder,
        public ?Figure $rating = null,
        public ?Figure $limit = null,
        public ?Figure $maximum = null,
        public array $findings = [],
        public bool $explained = false,
        public bool $certain = false,
    ) {
    }
}
