<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Ground\Words;

/**
 * What a board gives to a circuit that it feeds. Its values count; what the circuit itself has typed of the same is told where it is
 * another.
 */
final class BoardFeed
{
    /** What is the board's business, and no longer the circuit's. */
    private const OF_BOARD = [
        'voltage', 'frequency', 'source', 'generator_kva', 'generator_kw', 'subtransient_percent', 'transient_percent', 'sustained_ratio',
        'fault_level_kva', 'transformer_kva', 'transformer_impedance_percent', 'x_over_r', 'voltage_factor', 'earthing', 'earth_loop_ohm',
        'earthing_ohm', 'earthing_ampere', 'it_earthing',
    ];

    /**
     * @param  array<array-key, mixed>  $document  a decoded circuit
     * @param  array<array-key, mixed>  $feed  as `of` made it; empty where no board feeds the circuit
     * @return array<array-key, mixed> the document to solve
     */
    public static function under(array $document, array $feed): array
    {
        if ($feed === []) {
            return $document;
        }
        $own = is_array($document['supply'] ?? null) ? $document['supply'] : [];
        $supply = is_array($feed['supply'] ?? null) ? $feed['supply'] : null;
        $board = is_array($feed['board'] ?? null) ? $feed['board'] : [];
        if ($supply === null) {
            // It has given nothing yet.
            return [...$document, 'supply' => [...$own, 'board' => $board]];
        }
        $theirs = array_flip(self::OF_BOARD);
        $instead = self::differences($document, array_intersect_key($own, $theirs), array_intersect_key($supply, $theirs));

        return [...$document, 'supply' => [
            ...array_diff_key($own, $theirs), ...array_intersect_key($supply, $theirs),
            'board' => [...$board, ...$instead === '' ? [] : ['instead' => $instead]],
        ]];
    }

    /**
     * @param  array<array-key, mixed>  $supply  what is typed of the board's supply, as in a circuit
     * @param  array<string, float|string>  $board  its tag, and what it gives, by the name of the field
     * @return array{supply: array<array-key, mixed>, board: array<string, float|string>} as it is kept beside a circuit
     */
    public static function of(array $supply, array $board): array
    {
        return ['supply' => array_intersect_key($supply, array_flip(self::OF_BOARD)), 'board' => $board];
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<array-key, mixed>  $own
     * @param  array<array-key, mixed>  $theirs
     * @return string what is typed in the circuit and not the same at the board; empty where nothing is
     */
    private static function differences(array $document, array $own, array $theirs): string
    {
        $head = array_intersect_key($document, ['rule_book' => null]);
        $typed = [...self::chosen($own), ...CircuitReader::read([...$head, 'supply' => $own])->read()];
        $there = [...self::chosen($theirs), ...CircuitReader::read([...$head, 'supply' => $theirs])->read()];
        $told = [];
        foreach (self::OF_BOARD as $name) {
            $path = 'supply.'.$name;
            if (isset($typed[$path]) && $typed[$path] !== ($there[$path] ?? '')) {
                $told[] = Fields::at($path)->label.' '.$typed[$path].(isset($there[$path]) ? ' (there '.$there[$path].')' : '');
            }
        }

        return implode(', ', $told);
    }

    /**
     * What is chosen, in words.
     *
     * @param  array<array-key, mixed>  $supply
     * @return array<string, string> by path
     */
    private static function chosen(array $supply): array
    {
        $chosen = [];
        foreach ($supply as $name => $value) {
            foreach (Fields::find('supply.'.$name)?->cases() ?? [] as $case) {
                if ((string) $case->value === $value) {
                    $chosen['supply.'.$name] = $case->label(Words::iec());
                }
            }
        }

        return $chosen;
    }
}
