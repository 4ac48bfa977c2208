<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

/** How a starter is drawn in the run. */
enum StarterDrawing: string
{
    /** One contactor with three poles. */
    case Contactor = 'contactor';
    /** Main and delta contactor with six leads to the motor. */
    case SixLeads = 'six_leads';
    case Tapped = 'tapped_winding';
    case Resistor = 'series_resistor';
    case Reactor = 'series_reactor';
    case Thyristors = 'thyristors';
    case Converter = 'converter';
}
