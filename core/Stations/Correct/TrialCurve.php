<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

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
                'Read voltage, current and power with the load running, and write them down.',
                'Switch off, lock off and prove dead.',
                'Check the capacitor: not bulged, not leaking, rated '.$this->correction->unit->plate->volts->shown().
                ' or more, discharge resistor connected. Prove it dead and short-circuit it before you touch it.',
                $this->load->onePhase
                    ? 'Connect it across the load, on the load side of the switch or thermostat, through a fuse and with its discharge '.
                    'resistor connected. '.'Use insulated clips that cannot slip, and cover them.'
                    : 'Connect it where it will stay, through its own fuses. Use conductors that cannot slip, and cover them.',
                'Stand clear, unlock and switch on.',
                'Read again within '.self::MOST_MINUTES.' minutes: about '.$after->current->shown(3).' at '.$volts->shown(3).
                ', power factor about '.$after->powerFactor->shown(2).($this->wattsStay ? ', the same real power as before.' : '.'),
                'Switch off, lock off, wait '.Show::quantity($this->emptyAfter, Unit::Second).
                ', prove the capacitor dead, short-circuit it and disconnect it.',
                'If the readings are right, wire it permanently in an enclosure, with fuses and discharge resistor.',
            ],
        ];
    }

    public static function schema(): array
    {
        return Shape::object(['minutes' => Shape::number(), 'steps' => Shape::list(Shape::text())], 'TrialCurve');
    }
}
