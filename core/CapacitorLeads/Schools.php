<?php

declare(strict_types=1);

namespace BraveAnvil\CapacitorLeads;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Correct\CapacitorRules;

/** Where good people differ: what is done elsewhere, beside what is done here. */
final class Schools
{
    /** @return list<string> */
    public static function of(CapacitorPlace $place, CapacitorRules $rules): array
    {
        $schools = [];
        if ($place->isBehindStarter()) {
            $schools[] = 'Some leave out fuse and resistor behind the contactor, as the motor’s device protects the leads and its '.
                'winding empties the capacitor. A winding that opens, or a blown fuse, leaves the charge: here the resistor stays.';
            $schools[] = 'Some go to unity at no load. Here 90 % of the no-load reactive power is the most: supply and capacitor have '.
                'tolerances.';
        }
        if ($rules->disconnectDoubt !== null && $place->staysOn()) {
            $schools[] = 'Whether a disconnect of its own is asked for differs between editions of the CE Code: '.
                $rules->disconnectDoubt->reason.'.';
        }
        if ($rules->largestFuseFactor !== null) {
            $schools[] = 'Some fuse at twice the capacitor’s current to ride through switching; here as low as carries it.';
        }

        return $schools;
    }
}
