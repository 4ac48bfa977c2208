<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

use BraveAnvil\Guard\GuardFigure;
use BraveAnvil\Guard\SwitchChoice;
use BraveAnvil\RuleBook\DisconnectRules;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Show;

/** The switch carries a percentage of full-load current, and its horsepower rating is at least the motor's. */
final readonly class Disconnects implements DisconnectRules
{
    private const TOLERANCE = 1e-6;

    /**
     * @param  float  $factor  of full-load current
     * @param  list<float>  $ratings  of switches, A
     */
    public function __construct(private float $factor, private string $source, private array $ratings, private string $ratingsSource)
    {
    }

    public function choose(Figure $design): SwitchChoice
    {
        $shown = Show::number($this->factor);
        $required = Figure::work(GuardFigure::DisconnectRating)
            ->from(I: $design)
            ->as('factor · FLC', $shown.' × {I}')
            ->equals($this->factor * $design->number())
            ->source($this->source)
            ->make();
        foreach ($this->ratings as $rating) {
            if ($rating >= $required->number() * (1 - self::TOLERANCE)) {
                return new SwitchChoice(
                    $required,
                    Figure::work(GuardFigure::DisconnectSize)
                        ->from(I: $required)
                        ->as('next switch rating', 'next switch rating above {I}')
                        ->equals($rating)
                        ->source($this->ratingsSource.'; horsepower rating at least the motor’s')
                        ->make(),
                );
            }
        }

        return new SwitchChoice($required, null);
    }
}
