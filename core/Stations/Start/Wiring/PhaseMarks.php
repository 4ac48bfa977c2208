<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

use BraveAnvil\Circuit\Choice\PhaseNaming;

/** The three lines as a site names and colours them. */
final readonly class PhaseMarks
{
    /**
     * @param  array{string, string, string}  $names
     * @param  array{WireColour, WireColour, WireColour}  $colours
     */
    private function __construct(public array $names, public array $colours)
    {
    }

    /** @param  array{WireColour, WireColour, WireColour}  $today  what the rule book's world uses now */
    public static function of(PhaseNaming $naming, array $today): self
    {
        return new self(
            $naming->names(), $naming === PhaseNaming::Ryb ? [WireColour::Red, WireColour::Yellow, WireColour::Blue] : $today,
        );
    }
}
