<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** For a list of figures of one station, `STATION`, with label and unit of each by its key, `SAYS`; the analysis finds one without. */
trait FigureWords
{
    public function key(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return self::STATION;
    }

    public function label(): string
    {
        return self::SAYS[$this->value][0];
    }

    public function unit(): Unit
    {
        return self::SAYS[$this->value][1];
    }
}
