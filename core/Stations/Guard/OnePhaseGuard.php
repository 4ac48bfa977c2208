<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\ThermalProtector;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\TwoWires;

/** What is to be said of device, relay and switch in a circuit of two wires, and of a protector inside its motor. */
final class OnePhaseGuard
{
    public static function tell(Circuit $circuit, TwoWires $wires, Words $words, Ledger $ledger): void
    {
        $ledger->note(GuardFinding::OnePhaseRelayPoles)->title('Three-pole overload relay: all poles in series')
            ->because('Run one wire through two poles and the other through the third: all three poles then heat alike, and a '.
                'phase-loss sensitive relay holds. With a pole left empty such a relay trips.')
            ->do('Connect all three poles, or use a relay without phase-loss sensitivity.')
            ->source(HowKnown::CommonPractice)->on(GuardFigure::OverloadDial);
        $ledger->note(GuardFinding::OnePhaseSwitch)
            ->title($wires->hasNeutral ? 'Line and neutral' : 'Two lines: protect and switch both')
            ->because($wires->hasNeutral
                ? 'The protective device belongs in the line. A fuse or single-pole breaker in the neutral would leave the motor live.'
                : 'Both wires are live. A single-pole device leaves the motor live through the other wire.')
            ->do($wires->hasNeutral ? 'Never switch or fuse the neutral alone.'
                : 'Use a two-pole device, and a '.$words->disconnect.' that opens both.')
            ->source(Standard::Nec->at('430.36, 430.37, 430.85, 430.103')->and(Standard::Iec60204_1->at()))
            ->on(GuardFigure::Scpd);
        self::protector($circuit->chosen('plate.thermal_protector', ThermalProtector::class), $ledger);
    }

    private static function protector(?ThermalProtector $protector, Ledger $ledger): void
    {
        if ($protector === null) {
            $ledger->note(GuardFinding::ThermalProtectorWanted)->title('Does the motor have a built-in thermal protector?')
                ->because('Many single-phase motors have one. With automatic reset the machine restarts by itself when it has cooled.')
                ->do('Look for “thermally protected” on the nameplate, and enter it under Plate.')
                ->source(Standard::Nec->at('430.32(A)(2), (B)')->and(Standard::Nec->at('430.7(A)(13)')))
                ->on(GuardFigure::OverloadDial)->about('plate.thermal_protector');

            return;
        }
        if ($protector === ThermalProtector::Automatic) {
            $ledger->caution(GuardFinding::ThermalProtectorRestarts)->title('The motor restarts by itself when its protector has cooled')
                ->because('The built-in protector resets automatically, and the machine starts without warning.')
                ->do('Use start/stop control that drops out, and lock off before you touch the machine.')
                ->source(Standard::Nec->at('430.43')->and(Standard::Iec60204_1->at()))
                ->on(GuardFigure::OverloadDial)->about('plate.thermal_protector');
        }
        if ($protector !== ThermalProtector::None) {
            $ledger->note(GuardFinding::ThermalProtector)->title('Built-in thermal protector')
                ->because('It guards the winding against overload, and may count as the overload protection of this motor. The relay '.
                    'here guards it a second time, and the conductors.')
                ->do('Leave out the relay only if the code in force accepts the protector.')
                ->source(Standard::Nec->at('430.32(A)(2), up to 1 hp (B)(2)'))
                ->on(GuardFigure::OverloadDial)->about('plate.thermal_protector');
        }
    }
}
