<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** The starting methods, each with what is set on its starter. */
final class Methods
{
    public static function named(MethodName $name, StarterSettings $settings): StartingMethod
    {
        return match ($name) {
            MethodName::Direct => new Direct,
            MethodName::StarDelta => new StarDelta($settings),
            MethodName::Autotransformer => new Autotransformer($settings),
            MethodName::Resistor => SeriesElement::resistor($settings),
            MethodName::Reactor => SeriesElement::reactor($settings),
            MethodName::SoftStarter => new SoftStarter($settings),
            MethodName::Drive => new Drive($settings),
        };
    }

    /** The method of a circuit, or null where none can be read. */
    public static function of(Circuit $circuit, RunUpPractice $practice): ?StartingMethod
    {
        $name = $circuit->bad('starter.method') ? null : $circuit->chosen('starter.method', MethodName::class);

        return $name === null ? null : self::named($name, StarterSettings::of($circuit, $practice));
    }
}
