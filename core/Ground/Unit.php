<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The units of figures and fields, SI or what a code prints; values are never held in a scaled one such as kW. */
enum Unit: string
{
    case None = '';
    case Volt = 'V';
    case Ampere = 'A';
    case Watt = 'W';
    case VoltAmpere = 'VA';
    case Var = 'var';
    case Ohm = 'Ω';
    case Farad = 'F';
    case Henry = 'H';
    case Hertz = 'Hz';
    case Rpm = 'rpm';
    case NewtonMetre = 'N·m';
    case KilogramSquareMetre = 'kg·m²';
    case Second = 's';
    case Hour = 'h';
    case Year = 'years';
    case Metre = 'm';
    case SquareMillimetre = 'mm²';
    case Celsius = '°C';
    case Kelvin = 'K';
    case KelvinMetrePerWatt = 'K·m/W';
    case Percent = '%';
    case Degree = '°';
    case Joule = 'J';
    case AmpereSquaredSecond = 'A²s';
    case WattHour = 'Wh';
    case AmpereHour = 'Ah';
    case MillimetrePerSecond = 'mm/s';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Horsepower = 'hp';
    case KvaPerHorsepower = 'kVA/hp';
    case Times = '×';
    case TimesRated = '× rated';
}
