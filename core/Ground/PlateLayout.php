<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** In which order, and with which headings, the makers of a world stamp a plate. */
enum PlateLayout: string
{
    case Iec = 'iec';
    case Nema = 'nema';
}
