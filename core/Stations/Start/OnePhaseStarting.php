<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Choice\SinglePhaseType;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\CapacitorStamp;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Stations\Plate\OnePhaseStart;

/** What a single-phase motor does while it starts, and what must not stay in circuit. Common practice, no source. */
final class OnePhaseStarting
{
    public static function tell(Circuit $circuit, Ledger $ledger): void
    {
        $type = OnePhaseStart::type($circuit);
        if ($type === null) {
            $ledger->note(StartFinding::HowItStartsUnknown)->title('How does this motor start?')
                ->because('Starting current and torque depend on it: a split-phase motor takes about 7 times its current, a permanent '.
                    'capacitor about 4.')
                ->do('Look for a capacitor and a start switch, and choose it under Plate.')
                ->source(HowKnown::CommonPractice)->on(StartFigure::LockedRotorCurrent)->about('plate.single_phase_type');

            return;
        }
        if ($type->hasStartSwitch()) {
            $ledger->note(StartFinding::StartWindingTime)->title('Start winding: seconds only')
                ->because(self::parts($type, $circuit->stamp('plate.start_capacitor', CapacitorStamp::class)).' A start switch or relay '.
                    'takes it off at about three quarters of full speed. If it sticks, or the motor does not come up, it burns out in '.
                    'seconds.')
                ->do('Listen for the click of the switch when the motor slows down. A start longer than 3 s needs a closer look.')
                ->source(HowKnown::CommonPractice)->on(StartFigure::RunUpTime)->about('plate.single_phase_type');
        }
    }

    private static function parts(SinglePhaseType $type, ?CapacitorStamp $start): string
    {
        return $type->hasStartCapacitor()
            ? 'The start capacitor'.($start === null ? '' : ' ('.$start->echo().')').' is made for seconds, a few times an hour.'
            : 'The start winding is thin and made for seconds.';
    }
}
