<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** How devices and relays are judged. */
final readonly class GuardPractice
{
    public function __construct(private Table $table)
    {
    }

    /** Voltage factor c of the largest fault current, or the one that is chosen for the supply. IEC 60909-0. */
    public function voltageFactorMax(?VoltageFactor $chosen): TableEntry
    {
        return $chosen === VoltageFactor::Wide
            ? new TableEntry($chosen->largest(), Standard::Iec60909_0->at())
            : $this->table->entry('voltage_factor_max');
    }

    /** Multiple of its setting at which a relay is sure to trip within two hours. IEC 60947-4-1. */
    public function relayTripsAtDialTimes(): float
    {
        return $this->table->must('relay_trips_at_dial_times');
    }

    /** Share of the plate current to dial where the trip limit is the low one. */
    public function dialShareAtLowLimit(): TableEntry
    {
        return $this->table->entry('dial_share_at_low_limit');
    }

    /** Multiple of its rating that a dual-element fuse carries through a start. */
    public function dualElementCarriesTimes(): float
    {
        return $this->table->must('dual_element_carries_times');
    }

    /** Multiple of its rating that the magnetic release of an inverse-time breaker lets pass as a peak over √2. */
    public function inverseTimeCarriesPeakTimes(): float
    {
        return $this->table->must('inverse_time_carries_peak_times');
    }

    /** First peak over √2 times the locked-rotor current. */
    public function peakFactor(): float
    {
        return $this->table->must('peak_rms_factor');
    }

    /** Margin on the first tenth of a second of a direct start on fuses. */
    public function fuseFirstMomentMargin(): float
    {
        return $this->table->must('fuse_first_moment_margin');
    }

    /** Multiple of its rating that a gG fuse carries for as long as one likes. */
    public function fuseLongTimeTimes(): float
    {
        return $this->table->must('fuse_long_time_times');
    }

    /** Share of a class's trip time that a start may take. */
    public function classMargin(): TableEntry
    {
        return $this->table->entry('class_margin');
    }

    /** Multiple of its setting at which a relay never trips. IEC 60947-4-1. */
    public function noTripMultiple(): float
    {
        return $this->table->must('no_trip_multiple');
    }

    /** Multiple of the setting at which trip classes are tested. IEC 60947-4-1. */
    public function classTestMultiple(): float
    {
        return $this->table->must('class_test_multiple');
    }

    /** Above this share of the right dial an installed relay is set too high. */
    public function dialHighTolerance(): float
    {
        return $this->table->must('dial_high_tolerance');
    }

    /** Below this share of the right dial an installed relay is set too low. */
    public function dialLowTolerance(): float
    {
        return $this->table->must('dial_low_tolerance');
    }
}
