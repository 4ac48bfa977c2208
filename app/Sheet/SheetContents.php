<?php

declare(strict_types=1);

namespace App\Sheet;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Records\Sheet\SealedSheet;

/** What stands in the record of a sheet, in the service as on a device that prints a draft by itself. */
final class SheetContents
{
    public const STANDING =
        'Calculated to the code named above. A licensed person must check it against the local code '.
            'before anything is built, changed or energised. Isolate, lock off and prove dead before work. The manufacturer’s '.
            'instructions take precedence.';

    /** Curves that pictures on paper are drawn from. */
    private const CURVES = ['connection', 'ladder', 'line_ladder', 'time_current', 'start_course', 'readiness', 'sensitivity',
        'correction'];

    /**
     * @param  array<array-key, mixed>  $circuit
     * @param  array<array-key, mixed>  $solution
     * @param  array<array-key, mixed>  $context
     * @param  array{number: int, name: string, kind: string}|null  $revision
     * @param  list<array<string, string>>  $signatures
     * @param  array<array-key, mixed>  $decisions
     */
    public static function sealed(
        array $circuit,
        array $solution,
        array $context,
        int $id,
        ?array $revision,
        array $signatures,
        array $decisions,
    ): SealedSheet {
        $curves = is_array($solution['curves'] ?? null) ? $solution['curves'] : [];
        $tables = is_array($curves['tables'] ?? null) ? $curves['tables']['rows'] ?? [] : [];

        return SealedSheet::of([
            'tag' => $solution['tag'] ?? '', 'circuit_id' => $id, 'site' => $context['site'] ?? '', 'revision' => $revision,
            'core' => $solution['core'] ?? '', 'rule_book' => $solution['rule_book'] ?? '', 'edition' => $solution['edition'] ?? '',
            'circuit' => $circuit, 'settings' => $context['settings'] ?? [], 'readings' => $context['readings'] ?? [], 'tables' => $tables,
            'figures' => $solution['figures'] ?? [], 'findings' => $solution['findings'] ?? [], 'errors' => $solution['errors'] ?? [],
            'comparisons' => $solution['comparisons'] ?? [], 'sentences' => $solution['sentences'] ?? [],
            'blocked' => $solution['blocked'] ?? [], 'read' => self::read($circuit, $solution), 'words' => $solution['words'] ?? [],
            'empty_fields' => self::empties($solution), 'curves' => array_intersect_key($curves, array_flip(self::CURVES)),
            'decisions' => $decisions, 'signatures' => $signatures, 'standing' => self::STANDING,
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $circuit
     * @param  array<array-key, mixed>  $solution
     * @return array<string, string> what typed fields were read as, a choice by its words, by path
     */
    private static function read(array $circuit, array $solution): array
    {
        $read = [];
        foreach (is_array($solution['read'] ?? null) ? $solution['read'] : [] as $path => $echo) {
            if (is_string($echo)) {
                $read[(string) $path] = $echo;
            }
        }
        $notes = is_array($solution['fields'] ?? null) ? $solution['fields'] : [];
        foreach (Fields::all() as $path => $field) {
            $typed = $circuit;
            foreach (explode('.', $path) as $part) {
                $typed = is_array($typed) ? $typed[$part] ?? null : null;
            }
            // Lengths and powers stand as they were typed where they bear their unit: feet stay feet, horsepower stays horsepower.
            $asTyped = in_array($field->kind, [FieldKind::Metres, FieldKind::Power], true);
            if ($asTyped && is_string($typed) && preg_match('~[a-z]~i', $typed) === 1) {
                $read[$path] = trim($typed);

                continue;
            }
            if (isset($read[$path]) || ! is_scalar($typed) || $typed === '' || ! str_contains($path, '.')) {
                continue;
            }
            $read[$path] = is_bool($typed) ? ($typed ? 'yes' : 'no') : (string) $typed;
            $choices = is_array($notes[$path] ?? null) && is_array($notes[$path]['choices'] ?? null) ? $notes[$path]['choices'] : [];
            foreach ($choices as $choice) {
                if (is_array($choice) && ($choice['value'] ?? null) === (string) $typed && is_string($choice['label'] ?? null)) {
                    $read[$path] = $choice['label'];
                }
            }
        }

        return $read;
    }

    /**
     * @param  array<array-key, mixed>  $solution
     * @return array<string, string> what an empty field was taken as, by path
     */
    private static function empties(array $solution): array
    {
        $empties = [];
        foreach (is_array($solution['fields'] ?? null) ? $solution['fields'] : [] as $path => $note) {
            if (is_array($note) && is_string($note['empty'] ?? null)) {
                $empties[(string) $path] = $note['empty'];
            }
        }

        return $empties;
    }
}
