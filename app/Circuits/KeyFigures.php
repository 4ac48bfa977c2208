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
        $figures = [];
        foreach ($solution->figures as $figure) {
            $figures[$figure->key()] = $figure;
        }
        $number = static function (string $key) use ($figures): ?float {
            $value = ($figures[$key] ?? null)?->value;

            return is_int($value) || is_float($value) ? (float) $value : null;
        };
        $method = ($figures['start.method'] ?? null)?->value;
        $size = ($figures['cable.size'] ?? null)?->shown();
        $sets = ($figures['cable.sets'] ?? null)?->value;
        $all = ($figures['cable.conductors'] ?? null)?->value;
        $conductors = is_numeric($sets) && $sets > 1 && is_numeric($all) ? $sets.' × '.$all / $sets : $all;

        return [
            'tag' => $document->text('tag'), 'area' => $document->text('area'), 'drives' => $document->text('drives'),
            'rule_book' => $document->text('rule_book'),
            'worst' => $solution->worst()->value ?? 'none',
            'stops' => $count(Grade::Stop), 'cautions' => $count(Grade::Caution), 'notes' => $count(Grade::Note),
            'errors' => count(array_filter($solution->errors, static fn (FieldError $error): bool => $error->kind !== ErrorKind::Missing)),
            'output_w' => $number('power.output'), 'current_a' => $number('power.plate_current') ?? $number('power.computed_current'),
            'method' => is_string($method) ? $method : null,
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
