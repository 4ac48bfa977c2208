<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\TypedFields;

/**
 * What two states of a circuit have otherwise, field by field and figure by figure: only what differs, with what caused it. Both are
 * given as they were kept, so that an old revision is never computed anew.
 */
final class Changes
{
    /** Places of one solution from another by a core that rounds otherwise: that is no change. */
    private const SAME = 1e-9;

    /**
     * @param  array<array-key, mixed>  $before  a circuit document
     * @param  array<array-key, mixed>  $after
     * @param  array<array-key, mixed>  $solvedBefore  a solution as JSON has it
     * @param  array<array-key, mixed>  $solvedAfter
     * @return list<Change>
     */
    public static function between(array $before, array $after, array $solvedBefore, array $solvedAfter): array
    {
        $was = TypedFields::of($before);
        $is = TypedFields::of($after);
        $changed = [];
        $changes = [];
        foreach (array_map(strval(...), [...array_keys($was), ...array_keys($is)]) as $path) {
            if (isset($changed[$path]) || ($was[$path] ?? '') === ($is[$path] ?? '')) {
                continue;
            }
            $label = Fields::find($path)->label ?? $path;
            $changed[$path] = $label;
            $changes[] = new Change(
                'field', self::stationOf($path), $label, self::said($was[$path] ?? '', $path, $solvedBefore),
                self::said($is[$path] ?? '', $path, $solvedAfter),
            );
        }

        return [...$changes, ...self::followed($solvedBefore, $solvedAfter, $changed)];
    }

    /**
     * Figures and findings that two solutions have otherwise.
     *
     * @param  array<array-key, mixed>  $before  a solution as JSON has it
     * @param  array<array-key, mixed>  $after
     * @param  array<string, string>  $changed  labels of changed fields by path
     * @return list<Change>
     */
    public static function followed(array $before, array $after, array $changed): array
    {
        return [...self::figures($before, $after, $changed), ...self::findings($before, $after)];
    }

    /**
     * What is typed, a choice by its words.
     *
     * @param  array<array-key, mixed>  $solution
     */
    private static function said(string $typed, string $path, array $solution): string
    {
        $notes = is_array($solution['fields'] ?? null) ? $solution['fields'] : [];
        $choices = is_array($notes[$path] ?? null) && is_array($notes[$path]['choices'] ?? null) ? $notes[$path]['choices'] : [];
        foreach ($choices as $choice) {
            if (is_array($choice) && ($choice['value'] ?? null) === $typed && is_string($choice['label'] ?? null)) {
                return $choice['label'];
            }
        }

        return match ($typed) {
            'true' => 'yes', 'false' => 'no', default => $typed
        };
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  array<string, string>  $changed  labels of changed fields by path
     * @return list<Change>
     */
    private static function figures(array $before, array $after, array $changed): array
    {
        $was = self::byKey($before, 'figures', 'key');
        $is = self::byKey($after, 'figures', 'key');
        if (self::text($before, 'core') !== self::text($after, 'core')) {
            $changed['core'] = 'Core version';
        }
        $causes = new Causes($is + $was, $changed);
        $changes = [];
        foreach ($was + $is as $key => $figure) {
            $old = $was[$key] ?? null;
            $new = $is[$key] ?? null;
            // What nobody can see to differ is no change.
            if (! self::differ($old['value'] ?? null, $new['value'] ?? null)
                || ($old !== null && $new !== null && self::text($old, 'shown') === self::text($new, 'shown'))) {
                continue;
            }
            $changes[] = new Change(
                'figure', self::text($figure, 'station'), self::text($figure, 'label'), self::text($old ?? [], 'shown'),
                self::text($new ?? [], 'shown'), $causes->of($key),
            );
        }

        return $changes;
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @return list<Change>
     */
    private static function findings(array $before, array $after): array
    {
        $was = self::byKey($before, 'findings', 'code');
        $is = self::byKey($after, 'findings', 'code');
        $changes = [];
        foreach ($was + $is as $code => $finding) {
            $old = self::text($was[$code] ?? [], 'grade');
            $new = self::text($is[$code] ?? [], 'grade');
            if ($old !== $new) {
                $changes[] = new Change('finding', self::text($finding, 'station'), self::text($finding, 'title'), $old, $new);
            }
        }

        return $changes;
    }

    private static function differ(mixed $old, mixed $new): bool
    {
        if ((is_int($old) || is_float($old)) && (is_int($new) || is_float($new))) {
            return abs($old - $new) > self::SAME * max(abs($old), abs($new));
        }

        return $old !== $new;
    }

    private static function stationOf(string $path): string
    {
        return match (strstr($path, '.', true)) {
            'plate' => 'plate', 'starter', 'load' => 'start', 'cable' => 'cable', 'guard' => 'guard', 'correction' => 'correct',
            'measure', 'bench', 'windings', 'upgrade' => 'power', 'logbook' => 'prove', default => 'plate',
        };
    }

    /**
     * @param  array<array-key, mixed>  $solution
     * @return array<string, array<array-key, mixed>>
     */
    private static function byKey(array $solution, string $list, string $key): array
    {
        $found = [];
        foreach (is_array($solution[$list] ?? null) ? $solution[$list] : [] as $one) {
            if (is_array($one) && is_string($one[$key] ?? null)) {
                $found[$one[$key]] ??= $one;
            }
        }

        return $found;
    }

    /** @param  array<array-key, mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
