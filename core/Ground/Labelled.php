<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** For a list of words that says in `LABELS`, by value, what people read; the analysis finds a value without one. */
trait Labelled
{
    public function label(?Words $words = null): string
    {
        return self::LABELS[$this->value];
    }
}
