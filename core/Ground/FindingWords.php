<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** For a list of findings of one station, which it names as `STATION`. */
trait FindingWords
{
    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return self::STATION;
    }
}
