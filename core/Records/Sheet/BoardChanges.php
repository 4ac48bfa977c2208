<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Sheet;

use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Records\Board\BoardForm;

/** What two kept states of a board have otherwise: what was entered, which circuits lie on it, and what followed. */
final readonly class BoardChanges
{
    /** Not entered of the board itself. */
    private const APART = ['format' => 0, 'tag' => 0, 'rule_book' => 0, 'circuits' => 0, 'boards' => 0];

    /** What a board says of a circuit on it. */
    private const PLACE = [
        'group' => 'group', 'interlock' => 'interlock', 'restart' => 'restart', 'priority' => 'priority',
        'start_power_factor' => 'starting power factor', 'regenerative' => 'regenerative drive',
    ];

    /** Figures of a circuit that a schedule of the board shows. */
    private const OF_CIRCUIT = ['guard.scpd_rating', 'cable.size', 'feeder.selectivity', 'feeder.restart_delay'];

    /** Changes that are named as the cause of another; of more no single one can be told. */
    private const MOST_CAUSES = 4;

    /** Entries of a circuit that are named. */
    private const NAMED = 4;

    public function __construct(private BoardForm $form)
    {
    }

    /**
     * @param  array<array-key, mixed>  $before  as `brave-anvil.feeder/1`
     * @param  array<array-key, mixed>  $after
     * @param  array<array-key, mixed>  $solvedBefore  as it was kept
     * @param  array<array-key, mixed>  $solvedAfter
     * @return list<Change>
     */
    public function between(array $before, array $after, array $solvedBefore, array $solvedAfter): array
    {
        $was = self::flat(array_diff_key($before, self::APART));
        $is = self::flat(array_diff_key($after, self::APART));
        $causes = [];
        $changes = [];
        foreach ($was + $is as $path => $value) {
            if (($was[$path] ?? '') !== ($is[$path] ?? '')) {
                $causes[$path] = $this->label($path);
                $changes[] = new Change('field', '', $causes[$path], $this->said($path, $was[$path] ?? ''),
                    $this->said($path, $is[$path] ?? ''));
            }
        }
        foreach (['circuits' => 'Circuit', 'boards' => 'Board'] as $list => $word) {
            [$old, $new] = [self::byTag($before[$list] ?? []), self::byTag($after[$list] ?? [])];
            foreach ($old + $new as $tag => $either) {
                [$from, $to] = [$old[$tag] ?? null, $new[$tag] ?? null];
                if ($from !== $to) {
                    $causes["$list.$tag"] = "$word $tag";
                    $changes[] = new Change('field', '', "$word $tag", $from === null ? '' : 'on the board', match (true) {
                        $to === null => '', $from === null => 'on the board', $list === 'boards' => 'changed',
                        default => self::told($from, $to),
                    });
                }
            }
        }

        return [
            ...$changes, ...Changes::followed($solvedBefore, $solvedAfter, count($causes) > self::MOST_CAUSES ? [] : $causes),
            ...self::ofCircuits(self::byTag($solvedBefore['circuits'] ?? []), self::byTag($solvedAfter['circuits'] ?? [])),
        ];
    }

    /**
     * @param  array<string, array<array-key, mixed>>  $before  by tag
     * @param  array<string, array<array-key, mixed>>  $after
     * @return list<Change>
     */
    private static function ofCircuits(array $before, array $after): array
    {
        $changes = [];
        foreach (array_intersect_key($before, $after) as $tag => $old) {
            [$was, $is] = [self::figures($old), self::figures($after[$tag])];
            foreach (self::OF_CIRCUIT as $key) {
                [$from, $to] = [$was[$key]['shown'] ?? '', $is[$key]['shown'] ?? ''];
                if ($from !== $to) {
                    $changes[] = new Change('figure', '', "$tag: ".($is[$key]['label'] ?? $was[$key]['label'] ?? ''), $from, $to);
                }
            }
        }

        return $changes;
    }

    /**
     * @param  array<array-key, mixed>  $circuit
     * @return array<string, array{label: string, shown: string}> by key
     */
    private static function figures(array $circuit): array
    {
        $figures = [];
        foreach (is_array($circuit['figures'] ?? null) ? $circuit['figures'] : [] as $one) {
            $text = static fn (string $part): string => is_array($one) && is_string($one[$part] ?? null) ? $one[$part] : '';
            $figures[$text('key')] = ['label' => $text('label'), 'shown' => $text('shown')];
        }

        return $figures;
    }

    /**
     * Which entries of a circuit differ.
     *
     * @param  array<array-key, mixed>  $from
     * @param  array<array-key, mixed>  $to
     */
    private static function told(array $from, array $to): string
    {
        $labels = [];
        [$was, $is] = [self::flat(is_array($from['board'] ?? null) ? $from['board'] : []), self::flat(is_array($to['board'] ?? null)
            ? $to['board'] : [])];
        foreach (self::PLACE as $name => $label) {
            if (($was[$name] ?? '') !== ($is[$name] ?? '')) {
                $labels[] = $label;
            }
        }
        unset($from['board'], $to['board']);
        [$was, $is] = [TypedFields::of($from), TypedFields::of($to)];
        foreach (array_keys($was + $is) as $path) {
            if (($was[$path] ?? '') !== ($is[$path] ?? '')) {
                $labels[] = Fields::find((string) $path)->label ?? 'another entry';
            }
        }
        $more = count($labels) - self::NAMED;

        return 'changed: '.implode(', ', array_slice($labels, 0, self::NAMED)).($more > 0 ? " and $more more" : '');
    }

    private function label(string $path): string
    {
        $label = $this->form->label($path);

        return $label !== '' ? $label : (Fields::find($path)->label ?? ucfirst(str_replace('_', ' ', (string) preg_replace('~^.*\.~',
            '', $path))));
    }

    private function said(string $path, string $value): string
    {
        return $this->form->choice($path, $value) ?? match ($value) {
            'true' => 'yes', 'false' => 'no', default => $value
        };
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return array<string, string> what is in it by path
     */
    private static function flat(array $of, string $at = ''): array
    {
        $flat = [];
        foreach ($of as $key => $value) {
            $path = $at === '' ? (string) $key : "$at.$key";
            $flat += match (true) {
                is_array($value) => self::flat($value, $path), is_bool($value) => [$path => $value ? 'true' : 'false'],
                is_scalar($value) => [$path => trim((string) $value)], default => [],
            };
        }

        return $flat;
    }

    /** @return array<string, array<array-key, mixed>> */
    private static function byTag(mixed $list): array
    {
        $by = [];
        foreach (is_array($list) ? $list : [] as $one) {
            if (is_array($one) && is_string($one['tag'] ?? null)) {
                $by[$one['tag']] = $one;
            }
        }

        return $by;
    }
}
