<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\RuleBook\Table;

/** Trip classes of overload relays: how long each is sure to hold a multiple of its setting. */
final class TripClass
{
    /** Classes chosen from, quickest first. Class 5 is for motors that need it and is only checked when typed. */
    public const CHOSEN = ['10A', '10', '20', '30'];

    /** Two hours count as never. */
    private const LONGEST_S = 7200.0;

    /**
     * Shortest trip time from cold, s: the thermal law through the class's lower time at 7.2 × and no trip at 1.05 ×.
     *
     * @param  float  $multiple  current over the relay's setting, in the relay's own place
     */
    public static function holds(string $class, float $multiple): float
    {
        $low = Table::of('iec/overload_class')->number('lower_time_at_7_2_s', $class) ?? 0.0;
        $practice = Table::of('practice/guard');
        $holds = $practice->must('no_trip_multiple');
        if ($multiple <= $holds + 0.001) {
            return self::LONGEST_S;
        }
        $law = static fn (float $m): float => log($m ** 2 / ($m ** 2 - $holds ** 2));

        return min(self::LONGEST_S, $low / $law($practice->must('class_test_multiple')) * $law($multiple));
    }
}
