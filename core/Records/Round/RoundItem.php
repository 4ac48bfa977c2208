<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Round;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Labelled;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Guard\GuardFigure;
use BraveAnvil\Stations\Plate\PlateFigure;

/** What is held against the sheet on a round, in the order in which a person meets it at the panel and at the motor. */
enum RoundItem: string
{
    use Labelled;

    case Rating = 'rating';
    case Dial = 'dial';
    case TripClass = 'class';
    case Timer = 'timer';
    case Cable = 'cable';
    case Links = 'links';

    private const LABELS = [
        'rating' => 'Rating of the device', 'dial' => 'Overload relay setting', 'class' => 'Trip class', 'timer' => 'Timer',
        'cable' => 'Cable to the motor', 'links' => 'Links in the terminal box',
    ];

    /** What should be there, as a person reads it; null where there is nothing to look at. */
    public function expected(Solution $solution): ?string
    {
        if ($this === self::Timer) {
            return $solution->read['starter.changeover.value'] ?? null;
        }
        $figure = $solution->figure($this->figure());
        if ($this !== self::Links) {
            return $figure?->shown(3);
        }

        return $figure !== null && in_array($figure->value, ['star', 'delta'], true) ? $figure->value : null;
    }

    /** The field that takes what was found; null where only a choice is made. */
    public function field(): ?string
    {
        return match ($this) {
            self::Rating => 'guard.rating', self::Dial => 'guard.dial', self::TripClass => 'guard.overload_class',
            self::Timer => 'starter.changeover.value', self::Cable => 'cable.size', self::Links => null,
        };
    }

    private function figure(): FigureName
    {
        return match ($this) {
            self::Rating => GuardFigure::ScpdRating, self::Dial => GuardFigure::OverloadDial, self::TripClass => GuardFigure::OverloadClass,
            self::Cable => CableFigure::Size, self::Links, self::Timer => PlateFigure::Connection,
        };
    }
}
