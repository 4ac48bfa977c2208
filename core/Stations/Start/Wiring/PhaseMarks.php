<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

use BraveAnvil\Circuit\Choice\PhaseNaming;

/** The three lines and the neutral as a site names and colours them. */
final readonly class PhaseMarks
{
    /**
     * @param  array{string, string, string}  $names
     * @param  array{WireColour, WireColour, WireColour}  $colours
     */
    private function __construct(public array $names, public array $colours, public WireColour $neutral)
    {
    }

    /**
     * @param  array{WireColour, WireColour, WireColour}  $today  what the rule book's world uses now
     * @param  WireColour  $neutral  the same of the neutral
     */
    public static function of(PhaseNaming $naming, array $today, WireColour $neutral): self
    {
        return new self(
            $naming->names(), $naming === PhaseNaming::Ryb ? [WireColour::Red, WireColour::Yellow, WireColour::Blue] : $today,
            $naming === PhaseNaming::Ryb ? WireColour::Black : $neutral,
        );
    }
}
