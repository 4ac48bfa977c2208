<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Physics\Machine\TurningMotor;
use BraveAnvil\Stations\Start\Motion\ChangeoverRule;
use BraveAnvil\Stations\Start\Motion\Feed;

/** What a starting method is worked out for. */
final readonly class StartSetup
{
    /**
     * @param  float  $ratedCurrent  of the motor, in the line, A
     * @param  float  $ratedTorque  N·m
     * @param  float  $ratedSpeed  rpm
     * @param  float  $driveInput  line current of a drive at rated output, A
     * @param  float  $driveTorque  that a drive gives, over the rated one
     */
    public function __construct(
        public Feed $feed,
        public TurningMotor $motor,
        public ChangeoverRule $changeover,
        public float $ratedCurrent,
        public float $ratedTorque,
        public float $ratedSpeed,
        public float $driveInput,
        public float $driveTorque,
    ) {
    }

    public function feed(int $leads): Feed
    {
        return $this->feed->leads($leads);
    }
}
