<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Solution\Figure;

/** What protects the circuit. */
final readonly class Protection
{
    /**
     * @param  Figure|null  $rating  of the protective device, A; null where none fits
     * @param  Figure|null  $dial  of the overload relay, A; null while its place is not settled
     */
    public function __construct(public Scpd $scpd, public ?Figure $rating, public ?Figure $dial)
    {
    }
}
