<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Tables\Practice\StartingPractice;

/**
 * The most favourable values that may be assumed where nobody typed one. What fails even with these fails for sure.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class Favourable
{
    /** From a small transformer to a source of reactance alone. Common practice. */
    private const X_OVER_R = [1.0, 100.0];

    /** @return array<FieldPath, Assumed> those that no rule book decides */
    public static function values(StartingPractice $practice, Circuit $circuit): array
    {
        $values = [
            'starter.run_up_time' => Assumed::practice($practice->leastRunUpTime(), 'the shortest run-up time'),
            'cable.grouped_circuits' => Assumed::practice(1.0, 'one circuit on its own'),
        ];
        // A start that somebody timed says how heavy the load is.
        if ($circuit->missing('starter.run_up_time')) {
            $values['load.inertia'] = Assumed::practice($practice->leastInertia(), 'the lightest load');
        }
        if ($circuit->missing('load.points')) {
            $values['load.torque_percent'] = Assumed::practice(0.0, 'the lightest load');
        }
        if ($circuit->missing('plate.code_letter')) {
            $values['plate.start_current_ratio'] =
                Assumed::practice($practice->leastStartCurrentRatio(), 'the smallest Ia/In');
        }

        return $values;
    }

    /**
     * What a supply may be whose reactance over resistance nobody typed: nothing is the most favourable for all of it, for a fault it is
     * reactance alone, which adds least to a cable.
     *
     * @return list<array<FieldPath, Assumed>>
     */
    public static function sources(Circuit $circuit): array
    {
        if ($circuit->source() === SupplySource::Generator) {
            return self::generators($circuit);
        }
        if ($circuit->number('supply.board.resistance_ohm') !== null) {
            // Told of the board, see `boards`.
            return [];
        }
        $known = $circuit->number('supply.transformer_kva') !== null || $circuit->number('supply.fault_level_kva') !== null;

        return ! $known || ! $circuit->missing('supply.x_over_r') ? [] : array_map(
            static fn (float $ratio): array => ['supply.x_over_r' => Assumed::practice($ratio, 'X/R '.$ratio)],
            self::X_OVER_R,
        );
    }

    /**
     * What lies before a board may be, where its X/R is assumed: the same size at any angle.
     *
     * @return list<array<FieldPath, float>>
     */
    public static function boards(Circuit $circuit): array
    {
        $source = self::sizeOf($circuit, 'supply.board.resistance_ohm', 'supply.board.reactance_ohm');
        if ($circuit->word('supply.board.assumed') === null || $source === null) {
            return [];
        }
        $loop = self::sizeOf($circuit, 'supply.board.loop_resistance_ohm', 'supply.board.loop_reactance_ohm');

        return array_map(static fn (float $ratio): array => [
            'supply.board.resistance_ohm' => $source * cos(atan($ratio)), 'supply.board.reactance_ohm' => $source * sin(atan($ratio)),
            ...$loop === null ? [] : [
                'supply.board.loop_resistance_ohm' => $loop * cos(atan($ratio)),
                'supply.board.loop_reactance_ohm' => $loop * sin(atan($ratio)),
            ],
        ], self::X_OVER_R);
    }

    /**
     * @param  FieldPath  $resistance
     * @param  FieldPath  $reactance
     */
    private static function sizeOf(Circuit $circuit, string $resistance, string $reactance): ?float
    {
        $r = $circuit->number($resistance)?->number();
        $x = $circuit->number($reactance)?->number();

        return $r === null || $x === null ? null : hypot($r, $x);
    }

    /** @return list<array<FieldPath, Assumed>> what a generator may be whose reactances nobody typed: each end of what is usual */
    private static function generators(Circuit $circuit): array
    {
        $first = $circuit->defaultOf('supply.subtransient_percent')->range ?? [];
        $then = $circuit->defaultOf('supply.transient_percent')->range ?? [];

        return array_map(static fn (int $end): array => array_filter([
            'supply.subtransient_percent' => isset($first[$end]) ? Assumed::practice($first[$end], 'X″d at the end of its range') : null,
            'supply.transient_percent' => isset($then[$end]) ? Assumed::practice($then[$end], 'X′d at the end of its range') : null,
        ]), $first === [] && $then === [] ? [] : [0, 1]);
    }
}
