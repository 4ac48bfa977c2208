<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Solution\Sheet;

/** What flows along the circuit in each position of the switches: running and starting, before and after correction. */
final class RunPicture
{
    public static function draw(Sheet $sheet): void
    {
        $current = $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $lrc = $sheet->get('start.locked_rotor_current');
        $starDelta = $sheet->get('start.method')?->value === 'star_delta' && $sheet->has('start.star_line_current');
        $factor = $sheet->get('plate.power_factor')?->number();
        $after = $sheet->get('correct.corrected_current');
        $lead = static fn (?float $line): ?float => $line === null ? null : ($starDelta ? $line / sqrt(3) : $line);
        $start = $starDelta ? $sheet->need('start.star_line_current')->number() : $lrc?->number();
        $sheet->curve('run', [
            'six_leads' => $starDelta,
            'running' => [
                'before' => ['line' => $current?->number(), 'lead' => $lead($current?->number()), 'power_factor' => $factor],
                // The motor's own current never changes; only what is upstream of the capacitor does.
                'after' => $after === null ? null : ['line' => $after->number(), 'lead' => $lead($current?->number()), 'power_factor' => $sheet->get('correct.corrected_power_factor')?->number()],
            ],
            'starting' => ['line' => $start, 'lead' => $start, 'direct' => $lrc?->number()],
        ]);
    }
}
