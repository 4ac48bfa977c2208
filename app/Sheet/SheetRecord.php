<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Boards\BoardRecord;
use App\Models\Revision;
use App\Models\RevisionStep;
use App\Record\Stored;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Records\Sheet\SealedSheet;

/** What a sheet shows and what is sealed of it, from a kept revision or from a circuit as it is now. */
final class SheetRecord
{
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

        $named = ['number' => $revision->number, 'name' => $revision->name, 'kind' => $revision->kind()];
        $decisions = $issued === null ? [] : self::decoded($issued->decisions);
        if ($revision->board_id !== null) {
            return (new BoardRecord(self::decoded($revision->draft), self::decoded($revision->solution), $context))
                ->sealed($revision->board_id, $named, $signatures, $decisions);
        }

        return SheetContents::sealed(
            self::decoded($revision->draft), self::decoded($revision->solution), $context, (int) $revision->circuit_id, $named,
            $signatures, $decisions,
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
        return SheetContents::sealed($circuit, self::decoded($solution->toJson()), $context, $id, null, [], []);
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

    /** @return array<array-key, mixed> */
    private static function readiness(Revision $revision): array
    {
        $curves = self::decoded($revision->solution)['curves'] ?? [];
        $readiness = is_array($curves) ? $curves['readiness'] ?? [] : [];

        return is_array($readiness) ? $readiness : [];
    }

    /** @return list<array<array-key,
        mixed>> people with id and name who changed the draft since the last issue; none on early revisions */
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
