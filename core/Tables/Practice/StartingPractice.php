<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** What is taken for a start where nothing closer is known. */
final readonly class StartingPractice
{
    public function __construct(private Table $starting, private Table $performance)
    {
    }

    /** Power factor at standstill while no machine model gives one. */
    public function lockedRotorPowerFactor(): TableEntry
    {
        return $this->starting->entry('locked_rotor_power_factor');
    }

    /** First peak over √2 times the locked-rotor current, an upper bound. */
    public function firstPeakFactor(): TableEntry
    {
        return $this->starting->entry('first_peak_factor');
    }

    /** s */
    public function runUpTime(): TableEntry
    {
        return $this->starting->entry('run_up_time_s');
    }

    /** Shortest run-up that may be assumed in a motor's favour, s. */
    public function leastRunUpTime(): float
    {
        return $this->starting->must('run_up_time_least_s');
    }

    /** Smallest inertia of a load that may be assumed in a motor's favour, kg·m². */
    public function leastInertia(): float
    {
        return $this->starting->must('load_inertia_least');
    }

    /** Smallest starting over rated current that may be assumed in a motor's favour. */
    public function leastStartCurrentRatio(): float
    {
        return $this->starting->must('start_current_ratio_least');
    }

    /** By how much the peak at the changeover may pass the sum of both voltages. */
    public function reclosingOvershoot(): TableEntry
    {
        return $this->starting->entry('reclosing_overshoot');
    }

    /** Below this ratio to rated current a code letter is probably that of the star connection. */
    public function starLetterRatio(): float
    {
        return $this->starting->must('star_letter_ratio_below');
    }

    /**
     * Largest external inertia that a design N motor must start, kg·m². IEC 60034-12.
     *
     * @param  float  $kilowatts  rated output
     */
    public function inertiaLimit(float $kilowatts, float $polePairs): TableEntry
    {
        $coefficient = $this->performance->entry('inertia', 'coefficient');

        return new TableEntry(
            $coefficient->value *
                $kilowatts ** $this->performance->must('inertia', 'power_exponent') *
                $polePairs ** $this->performance->must('inertia', 'pole_pair_exponent'),
            $coefficient->source, $coefficient->doubt, $coefficient->correction,
        );
    }
}
