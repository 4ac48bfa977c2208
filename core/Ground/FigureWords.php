<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** For a list of figures of one station, `STATION`, that says label and unit of each beside one another. */
trait FigureWords
{
    /** @return array{string, Unit} its label and its unit */
    abstract private function says(): array;

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
        return $this->says()[0];
    }

    public function unit(): Unit
    {
        return $this->says()[1];
    }
}
