<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** How far a start may lower the voltage of the bus: on a generator, which feeds little else, farther than on the mains. */
final readonly class BusDipLimit
{
    /**
     * @param  float  $percent  of the voltage before the start
     * @param  bool  $usual  whether nobody set it
     */
    private function __construct(public float $percent, public bool $usual, public bool $onGenerator)
    {
    }

    public static function of(Circuit $circuit, RunUpPractice $practice): self
    {
        return $circuit->source() === SupplySource::Generator
            ? new self(
                $circuit->number('settings.dip_limit_generator')?->number() ?? $practice->dipLimitGenerator(),
                $circuit->missing('settings.dip_limit_generator'), true,
            )
            : new self(
                $circuit->number('settings.dip_limit_bus')?->number() ?? $practice->dipLimitBus(),
                $circuit->missing('settings.dip_limit_bus'), false,
            );
    }
}
