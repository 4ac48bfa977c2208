<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;

/** What a rule book says of the protective device: the rating it picks, its bounds, and every rating it looked at. */
final readonly class ScpdChoice
{
    /**
     * @param  Figure|null  $limit  percentage times current, A, unrounded; null where the book has none
     * @param  Figure|null  $maximum  largest standard rating permitted without exception, A
     * @param  Figure|null  $rating  the one picked, A; null when none fits
     * @param  list<array{rating: float, carries: bool, allowed: bool, reason: string}>  $ladder
     */
    public function __construct(public ?Figure $limit, public ?Figure $maximum, public ?Figure $rating, public array $ladder)
    {
    }
}
