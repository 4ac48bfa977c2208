<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

/** How conductors of an American book lie. */
enum Way: string
{
    case Raceway = 'raceway';
    case FreeAir = 'free_air';
}
