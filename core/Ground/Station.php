<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The stations of the work, in their order on screen. */
enum Station: string
{
    case Plate = 'plate';
    case Power = 'power';
    case Start = 'start';
    case Cable = 'cable';
    case Guard = 'guard';
    case Correct = 'correct';
    case Prove = 'prove';
    case Sheet = 'sheet';

    /** The name that people read on it. */
    public function label(): string
    {
        return ucfirst($this->value);
    }
}
