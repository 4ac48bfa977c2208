<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

/** Colours of conductors, by their words; the page has their inks. */
enum WireColour: string
{
    case Brown = 'brown';
    case Black = 'black';
    case Grey = 'grey';
    case Red = 'red';
    case Yellow = 'yellow';
    case Blue = 'blue';
    case Orange = 'orange';
    case White = 'white';
}
