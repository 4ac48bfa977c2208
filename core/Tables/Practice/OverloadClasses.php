<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** Trip classes of overload relays: how long each is sure to hold a multiple of its setting. IEC 60947-4-1. */
final readonly class OverloadClasses
{
    /** Two hours count as never. */
    private const LONGEST_S = 7200.0;

    public function __construct(private Table $table, private GuardPractice $practice)
    {
    }

    /**
     * Shortest trip time from cold, s: the thermal law through the class's lower time at 7.2 × and no trip at 1.05 ×.
     *
     * @param  float  $multiple  current over the relay's setting, in the relay's own place
     */
    public function holds(TripClass $class, float $multiple): float
    {
        $low = $this->table->must('lower_time_at_7_2_s', $class->value);
        $never = $this->practice->noTripMultiple();
        if ($multiple <= $never + 0.001) {
            return self::LONGEST_S;
        }
        $law = static fn (float $m): float => log($m ** 2 / ($m ** 2 - $never ** 2));

        return min(self::LONGEST_S, $low / $law($this->practice->classTestMultiple()) * $law($multiple));
    }

    /**
     * Longest trip time from cold, s: the thermal law through the class's upper time at its test and a trip at 1.2 ×.
     *
     * @param  float  $multiple  current over the relay's setting, in the relay's own place
     * @param  float  $test  multiple at which its class is tested
     */
    public function tripsWithin(TripClass $class, float $multiple, float $test): float
    {
        $surely = $this->practice->relayTripsAtDialTimes();
        if ($multiple <= $surely + 0.001) {
            return self::LONGEST_S;
        }
        $law = static fn (float $m): float => log($m ** 2 / ($m ** 2 - $surely ** 2));
        $high = $this->table->must('upper_time_at_7_2_s', $class->value);

        return min(self::LONGEST_S, $high / $law($test) * $law($multiple));
    }

    /** A relay of a class that trips as soon as its class allows, less the margin that is kept back. */
    public function relay(TripClass $class): ThermalRelay
    {
        $never = $this->practice->noTripMultiple();
        $test = $this->practice->classTestMultiple();
        $low = $this->table->must('lower_time_at_7_2_s', $class->value) * $this->practice->classMargin()->value;

        return new ThermalRelay($low / log($test ** 2 / ($test ** 2 - $never ** 2)), $never);
    }

    public function cited(): string
    {
        return $this->table->cited();
    }

    public function doubt(TripClass $class): ?Doubt
    {
        return $this->table->doubt('lower_time_at_7_2_s', $class->value);
    }
}
