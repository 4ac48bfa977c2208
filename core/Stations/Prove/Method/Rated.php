<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Method;

/** One way of measuring power: whether it goes with what is at hand, what it shows and what it cannot. */
final readonly class Rated
{
    /**
     * @param  string  $way  a method of measuring, or `scope`
     * @param  string  $lacks  why it does not go; empty where it does
     */
    public function __construct(public string $way, public string $label, public string $shows, public string $cannot, public string $lacks)
    {
    }
}
