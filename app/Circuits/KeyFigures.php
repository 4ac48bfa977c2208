<?php

declare(strict_types=1);

namespace App\Circuits;

use BraveAnvil\Solution\ErrorKind;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Solution;

/** What the yard lists and filters by: the one place that writes those columns. */
final class KeyFigures
{
    /** @return array<string, mixed> */
    public static function of(CircuitDocument $document, Solution $solution): array
    {
        $count = static fn (Grade $grade): int => count(
            array_filter($solution->findings, static fn ($finding): bool => $finding->grade === $grade),
        );
        $number = static function (string $key) use ($solution): ?float {
            $value = $solution->figure($key)?->value;

            return is_int($value) || is_float($value) ? (float) $value : null;
        };
        $size = $solution->figure('cable.size')?->shown();
        $sets = $solution->figure('cable.sets')?->value;
        $all = $solution->figure('cable.conductors')?->value;
        $conductors = is_numeric($sets) && $sets > 1 && is_numeric($all) ? $sets.' × '.$all / $sets : $all;

        return [
            'tag' => $document->text('tag'), 'area' => $document->text('area'), 'drives' => $document->text('drives'),
            'rule_book' => $document->text('rule_book'),
            'worst' => $solution->worst()->value ?? 'none',
            'stops' => $count(Grade::Stop), 'cautions' => $count(Grade::Caution), 'notes' => $count(Grade::Note),
            'errors' => count(array_filter($solution->errors, static fn (FieldError $error): bool => $error->kind !== ErrorKind::Missing)),
            'output_w' => $number('power.output'), 'current_a' => $number('power.plate_current') ?? $number('power.computed_current'),
            'method' => is_string($solution->figure('start.method')?->value) ? $solution->figure('start.method')->value : null,
            'cable' => $size === null ? null : $conductors.' × '.$size,
            'scpd_a' => $number('guard.scpd_rating'), 'dial_a' => $number('guard.overload_dial'),
            // At switching on or at the changeover, whichever is the deeper.
            'dip_percent' => $number('start.voltage_dip') === null
                ? null : max($number('start.voltage_dip'), $number('start.changeover_dip') ?? 0.0),
            'doubts' => json_encode($solution->doubts(), JSON_THROW_ON_ERROR),
            'core' => $solution->core,
        ];
    }
}
