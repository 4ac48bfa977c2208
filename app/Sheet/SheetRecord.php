<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Revision;
use App\Models\RevisionStep;
use App\Record\Stored;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Records\Sheet\SealedSheet;

/** What a sheet shows and what is sealed of it, from a kept revision or from a circuit as it is now. */
final class SheetRecord
{
    public const STANDING =
        'Calculated to the code named above. A licensed person must check it against the local code '.
            'before anything is built, changed or energised. Isolate, lock off and prove dead before work. The manufacturer’s '.
            'instructions take precedence.';

    /** Curves that pictures on paper are drawn from. */
    private const CURVES = ['connection', 'ladder', 'line_ladder', 'time_current', 'start_course', 'readiness', 'sensitivity',
        'correction'];

    public static function of(Revision $revision): SealedSheet
    {
        $context = self::decoded($revision->context ?? '{}');
        $steps = $revision->steps;
        $sent = $steps->last(static fn (RevisionStep $step): bool => $step->step === 'sent');
        $issued = $steps->last(static fn (RevisionStep $step): bool => $step->step === 'issued');
        $signatures = [self::signature('prepared', $revision->author->name, $revision->created_at->toIso8601ZuluString(), '')];
        if ($sent !== null && $sent->person_id !== $revision->created_by) {
            $signatures[] = self::signature('sent for review', $sent->person->name, $sent->created_at->toIso8601ZuluString(),
                $sent->remark);
        }
        if ($issued !== null) {
            $signatures[] = self::signature(
                'reviewed and issued', $issued->person->name, $issued->created_at->toIso8601ZuluString(), $issued->remark,
            );
        }

        return self::made(
            self::decoded($revision->draft), self::decoded($revision->solution), $context, $revision->circuit_id,
            ['number' => $revision->number, 'name' => $revision->name, 'kind' => $revision->kind()], $signatures,
            $issued === null ? [] : self::decoded($issued->decisions),
        );
    }

    /**
     * A sheet of a circuit that nobody has kept yet.
     *
     * @param  array<array-key, mixed>  $circuit
     * @param  array<string, mixed>  $context
     */
    public static function unkept(array $circuit, Solution $solution, array $context, int $id): SealedSheet
    {
        return self::made($circuit, self::decoded($solution->toJson()), $context, $id, null, [], []);
    }

    /** @return list<string> what stands against a sheet for use, each in a sentence */
    public static function hindrances(Revision $revision): array
    {
        $readiness = self::readiness($revision);
        $texts = [];
        foreach (is_array($readiness['hindrances'] ?? null) ? $readiness['hindrances'] : [] as $one) {
            $texts[] = is_array($one) && is_string($one['text'] ?? null) ? $one['text'] : '';
        }

        return $texts;
    }

    /**
     * What whoever signs is asked: each assumption and doubt to be taken on, and of a sheet as found each stop to be decided in words.
     *
     * @return list<array{key: string, says: string, sizes: list<string>, wants_words: bool}>
     */
    public static function questions(Revision $revision): array
    {
        $readiness = self::readiness($revision);
        $questions = [];
        if ($revision->kind() === SheetKind::AsFound->value) {
            foreach (self::hindrances($revision) as $text) {
                $questions[] = ['key' => 'defect: '.$text, 'says' => $text, 'sizes' => [], 'wants_words' => true];
            }
        }
        foreach (is_array($readiness['acknowledgements'] ?? null) ? $readiness['acknowledgements'] : [] as $one) {
            if (is_array($one) && is_string($one['key'] ?? null) && is_string($one['says'] ?? null)) {
                $questions[] = [
                    'key' => $one['key'], 'says' => $one['says'],
                    'sizes' => array_values(array_filter(is_array($one['sizes'] ?? null) ? $one['sizes'] : [], is_string(...))),
                    'wants_words' => false,
                ];
            }
        }

        return $questions;
    }

    /**
     * @param  array<array-key, mixed>  $circuit
     * @param  array<array-key, mixed>  $solution
     * @param  array<array-key, mixed>  $context
     * @param  array{number: int, name: string, kind: string}|null  $revision
     * @param  list<array<string, string>>  $signatures
     * @param  array<array-key, mixed>  $decisions
     */
    private static function made(
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

    /** @return array<array-key, mixed> */
    private static function readiness(Revision $revision): array
    {
        $curves = self::decoded($revision->solution)['curves'] ?? [];
        $readiness = is_array($curves) ? $curves['readiness'] ?? [] : [];

        return is_array($readiness) ? $readiness : [];
    }

    /** @return list<array<array-key, mixed>> people with id and name who changed the draft since the last issue; none on early revisions */
    public static function changedBy(Revision $revision): array
    {
        $people = self::decoded($revision->context ?? '{}')['changed_by'] ?? [];

        return is_array($people) ? array_values(array_filter($people, is_array(...))) : [];
    }

    /** @return array<string, string> */
    private static function signature(string $as, string $person, string $at, string $remark): array
    {
        return ['as' => $as, 'person' => $person, 'at' => $at, 'remark' => $remark];
    }

    /** @return array<array-key, mixed> */
    private static function decoded(string $json): array
    {
        return Stored::map($json);
    }
}
