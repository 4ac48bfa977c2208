<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** How a starter brings a motor up, worked out for one motor on one feed. */
interface Plan
{
    /**
     * The start over time.
     *
     * @param  float  $share  of the air gap's torque that is there: 1, or less in the worst case
     * @param  float|null  $firstStage  of this many seconds whatever the rule says: the timer stays as it was set
     * @param  float|null  $up  speed at which it counts as up, rpm; null: 98 % of the one that it settles at
     */
    public function run(Train $train, float $share = 1.0, ?float $firstStage = null, ?float $up = null): Course;

    /**
     * Each speed of the grid in the first stage, at the most that the starter gives there.
     *
     * @return list<Node>
     */
    public function firstStage(Train $train, float $share = 1.0): array;

    /** What flows at standstill in the first stage. */
    public function standstill(Train $train): Flow;
}
