<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** What an empty field is taken as, by whom, and in which words it is marked down to the sheet. */
final readonly class Assumed
{
    /**
     * @param  float|string|bool  $value  in base units, or the value of a choice
     * @param  string  $why  as it is marked beside every figure that rests on it
     */
    public function __construct(public float|string|bool $value, public string $why, public DefaultReason $reason)
    {
    }
}
