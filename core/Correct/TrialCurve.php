<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Solution\Curve;
use BraveAnvil\Solution\Shape;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** How the capacitor is tried before it is wired for good: steps in their order, with what the meter should then read. */
final readonly class TrialCurve implements Curve
{
    /** Minutes that a trial lasts at most: leads are held by hand-tightened clamps. */
    private const MOST_MINUTES = 10;

    /**
     * @param  float  $emptyAfter  s until what is left is no more than the rule book allows
     * @param  bool  $wattsStay  whether real power is to be expected as it was
     */
    public function __construct(
        private LoadToCorrect $load,
        private Correction $correction,
        private float $emptyAfter,
        private bool $wattsStay,
    ) {
    }

    public function name(): string
    {
        return 'trial';
    }

    public function toArray(): array
    {
        $after = $this->correction->atLoad;
        $volts = $this->load->volts;

        return [
            'minutes' => self::MOST_MINUTES,
            'steps' => [
                'Read volts, amperes and watts with the load running, and write them down.',
                'Switch off, lock off, and prove it dead.',
                'Look at the capacitor: no bulge, no leak, rated for '.$this->correction->unit->plate->volts->shown().
                    ' or more, its resistor joined. Short it before touching.',
                $this->load->onePhase
                    ? 'Join it across the load, behind the switch or thermostat, never ahead of it: then it goes off with the load. '.
                        'Clamps that cannot slip, covered.'
                    : 'Join it where it will stay, through its own fuses, with leads that cannot slip, covered.',
                'Stand back, unlock, switch on.',
                'Read again within '.self::MOST_MINUTES.' minutes: about '.$after->current->shown(3).' at '.$volts->shown(3).
                    ', power factor about '.$after->powerFactor->shown(2).($this->wattsStay ? ', the watts as before.' : '.'),
                'Switch off, lock off, wait '.Show::quantity($this->emptyAfter, Unit::Second).
                    ', prove the capacitor dead, short it, take it off.',
                'Only if it read as it should: wire it for good, in a case, with its fuses and resistor.',
            ],
        ];
    }

    public static function schema(): array
    {
        return Shape::object(['minutes' => Shape::number(), 'steps' => Shape::list(Shape::text())], 'TrialCurve');
    }
}
