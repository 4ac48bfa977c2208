<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** Typed text that a parser does not take, with the reason. The field says what it accepts. */
final readonly class Refusal
{
    /** @param  bool  $refused  whether it was understood, and is not computed here */
    public function __construct(public string $text, public bool $refused = false)
    {
    }
}
