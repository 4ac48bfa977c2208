<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

/** What a contactor of a starter does. */
enum ContactorRole
{
    /** The only one. */
    case Line;
    case Main;
    case Delta;
    case Star;
    /** Feeds an autotransformer. */
    case Transformer;
    /** Joins the star point of an autotransformer. */
    case StarPoint;
    /** Takes a starter out of the circuit once the motor runs. */
    case Bypass;
    /** Feeds the resistors that bridge a closed changeover. */
    case Transition;

    public function label(): string
    {
        return match ($this) {
            self::Line => 'line contactor',
            self::Main => 'main contactor',
            self::Delta => 'delta contactor',
            self::Star => 'star contactor',
            self::Transformer => 'transformer contactor',
            self::StarPoint => 'star-point contactor',
            self::Bypass => 'bypass contactor',
            self::Transition => 'bridging contactor',
        };
    }
}
