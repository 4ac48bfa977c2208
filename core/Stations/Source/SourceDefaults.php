<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Source;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Show;
use BraveAnvil\Tables\Practice\RunUpPractice;

/**
 * What is taken for a generator whose data sheet nobody has.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class SourceDefaults
{
    public function __construct(private RunUpPractice $practice)
    {
    }

    /** @return array<FieldPath, Assumed> */
    public function of(Circuit $circuit): array
    {
        if ($circuit->source() !== SupplySource::Generator) {
            return [];
        }
        $usual = $this->practice->subtransient();
        $range = $this->practice->subtransientRange();
        $times = $this->practice->transientTimes();
        $typed = $circuit->number('supply.subtransient_percent')?->number();
        $transient = $times * ($typed ?? $usual);

        return [
            'settings.dip_limit_generator' => Assumed::practice(
                $this->practice->dipLimitGenerator(), 'the usual voltage dip limit on a generator',
            ),
            'supply.subtransient_percent' => Assumed::practice($usual, 'X″d '.Show::number($usual).' %')->within(...$range),
            'supply.transient_percent' => Assumed::practice($transient, 'X′d '.Show::number($transient).' %')->within(
                ...array_map(static fn (float $percent): float => $times * ($typed ?? $percent), $range),
            ),
        ];
    }
}
