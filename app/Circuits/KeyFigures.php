<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\Words;
use BraveAnvil\Tables\Tables;

/** What the yard lists and filters by: the one place that writes those columns. */
final class KeyFigures
{
    /** @return array<model-property<Circuit>, mixed> */
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

        $words = (new RuleBooks(Tables::shipped()))->named($document->text('rule_book'))?->words() ?? Words::iec();
        $scpd = Scpd::tryFrom(self::text($figures['guard.scpd'] ?? null));
        $rating = ($figures['guard.scpd_rating'] ?? $figures['guard.instantaneous_setting'] ?? null)?->shown();
        $device = $scpd === null || $rating === null ? null : $scpd->label($words).' '.$rating;
        $cable = $size === null ? null : $conductors.' × '.$size;
        $worst = $solution->findings[0] ?? null;
        $dial = ($figures['guard.overload_dial'] ?? null)?->shown();
        $starter = is_string($method) ? MethodName::tryFrom($method)?->label($words) : null;

        return [
            'tag' => $document->text('tag'), 'area' => $document->text('area'), 'drives' => $document->text('drives'),
            'rule_book' => $document->text('rule_book'),
            'worst' => $solution->worst()->value ?? 'none',
            'stops' => $count(Grade::Stop), 'cautions' => $count(Grade::Caution), 'notes' => $count(Grade::Note),
            'errors' => count(array_filter($solution->errors, static fn (FieldError $error): bool => $error->kind !== ErrorKind::Missing)),
            'output_w' => $number('power.output'), 'current_a' => $number('power.plate_current') ?? $number('power.computed_current'),
            'method' => is_string($method) ? $method : null,
            'cable' => $cable, 'cable_a' => $number('cable.ampacity'), 'device' => $device,
            'worst_says' => $worst === null ? '' : mb_substr($worst->title, 0, 200),
            'worst_station' => $worst === null ? '' : $worst->code->station()->value,
            'says' => mb_substr(self::plain(implode('; ', array_filter([
                $device, $cable, $starter, $dial === null ? null : 'relay '.$dial,
            ], is_string(...)))), 0, 300),
            'scpd_a' => $number('guard.scpd_rating'), 'dial_a' => $number('guard.overload_dial'),
            // At switching on or at the changeover, whichever is the deeper.
            'dip_percent' => $number('start.voltage_dip') === null
                ? null : max($number('start.voltage_dip'), $number('start.changeover_dip') ?? 0.0),
            'doubts' => json_encode($solution->doubts(), JSON_THROW_ON_ERROR),
            'core' => $solution->core,
        ];
    }

    private static function text(?Figure $figure): string
    {
        return is_string($figure?->value) ? $figure->value : '';
    }

    /** With blanks as a keyboard has them, so that it is found. */
    private static function plain(string $text): string
    {
        return str_replace(["\u{00A0}", "\u{202F}"], ' ', $text);
    }
}
