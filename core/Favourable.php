<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Circuit\Assumed;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\DefaultReason;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\RuleBook\Practice\StartingPractice;

/**
 * The most favourable values that may be assumed where nobody typed one. What fails even with these fails for sure.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class Favourable
{
    /** @return array<FieldPath, Assumed> those that no rule book decides */
    public static function values(StartingPractice $practice, Circuit $circuit): array
    {
        $values = [
            'starter.run_up_time' => new Assumed($practice->leastRunUpTime(), 'the shortest run-up', DefaultReason::Practice),
            'cable.grouped_circuits' => new Assumed(1.0, 'one circuit on its own', DefaultReason::Practice),
        ];
        // A start that somebody timed says how heavy the load is.
        if ($circuit->missing('starter.run_up_time')) {
            $values['load.inertia'] = new Assumed($practice->leastInertia(), 'the lightest load', DefaultReason::Practice);
        }
        if ($circuit->missing('load.points')) {
            $values['load.torque_percent'] = new Assumed(0.0, 'the lightest load', DefaultReason::Practice);
        }
        if ($circuit->missing('plate.code_letter')) {
            $values['plate.start_current_ratio'] =
                new Assumed($practice->leastStartCurrentRatio(), 'the smallest Ia/In', DefaultReason::Practice);
        }

        return $values;
    }
}
